package velnik.server.visiting;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import velnik.core.enquiry.Enquiry;
import velnik.core.html.FormView;
import velnik.core.site.EnquiryForm;
import velnik.core.site.PageId;
import velnik.server.enquiries.Inbox;

/** Takes what visitors write by the form of a page; needs no script. */
@Controller
class EnquiryController {
    private static final Logger LOG = LoggerFactory.getLogger(EnquiryController.class);

    private static final String ACTION = FormView.BASE + "{page}";

    private final VisitorPages pages;
    private final Inbox inbox;
    private final MemberSession session;

    EnquiryController(VisitorPages pages, Inbox inbox, MemberSession session) {
        this.pages = pages;
        this.inbox = inbox;
        this.session = session;
    }

    @PostMapping(ACTION)
    ResponseEntity<byte[]> receive(
            @PathVariable String page,
            @RequestParam Map<String, String> sent,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted,
            HttpServletRequest request) {
        Optional<VisitorPages.Asking> found = asking(page, request);
        if (found.isEmpty()) {
            return VisitorController.answer(pages.other(HttpStatus.NOT_FOUND), accepted, null);
        }
        VisitorPages.Asking asking = found.get();
        EnquiryForm form = asking.form();
        List<String> values = new ArrayList<>();
        for (int i = 0; i < form.fields().size(); i++) {
            values.add(sent.getOrDefault(FormView.fieldName(i), ""));
        }
        if (!sent.getOrDefault(FormView.TRAP, "").isEmpty()) {
            return thanks(asking.page()); // whoever fills in what people do not see learns nothing by it
        }
        if (!Enquiry.nameOf(form).equals(sent.get(FormView.FORM))) {
            return again(asking, HttpStatus.CONFLICT, List.of(), Map.of(), say("form.changed"), accepted);
        }
        return switch (Enquiry.read(form, values)) {
            case Enquiry.Faulty(Map<Integer, Enquiry.Problem> problems) ->
                again(asking, HttpStatus.UNPROCESSABLE_CONTENT, values, problems, say("form.faulty"), accepted);
            case Enquiry.Taken taken -> kept(asking, taken, values, accepted, request);
        };
    }

    private ResponseEntity<byte[]> kept(
            VisitorPages.Asking asking,
            Enquiry.Taken taken,
            List<String> values,
            String accepted,
            HttpServletRequest request) {
        try {
            return inbox.receive(asking.page(), asking.title(), taken, request.getRemoteAddr())
                    ? thanks(asking.page())
                    : again(asking, HttpStatus.TOO_MANY_REQUESTS, values, Map.of(), say("form.tooOften"), accepted);
        } catch (RuntimeException notKept) {
            LOG.error("a message could not be kept", notKept);
            return again(asking, HttpStatus.SERVICE_UNAVAILABLE, values, Map.of(), say("form.notKept"), accepted);
        }
    }

    /** Reloading what comes after sending asks for this, and sends nothing again. */
    @GetMapping(ACTION)
    ResponseEntity<byte[]> sent(
            @PathVariable String page,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted,
            HttpServletRequest request) {
        return VisitorController.answer(
                asking(page, request)
                        .map(asking -> pages.sent(asking))
                        .orElseGet(() -> pages.other(HttpStatus.NOT_FOUND)),
                accepted,
                null);
    }

    private String say(String key) {
        return pages.words().say(key);
    }

    private Optional<VisitorPages.Asking> asking(String page, HttpServletRequest request) {
        return PageId.of(page).flatMap(id -> pages.asking(id, session.of(request)));
    }

    private static ResponseEntity<byte[]> thanks(PageId page) {
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create(FormView.action(page)))
                .cacheControl(CacheControl.noStore())
                .build();
    }

    private ResponseEntity<byte[]> again(
            VisitorPages.Asking asking,
            HttpStatus status,
            List<String> values,
            Map<Integer, Enquiry.Problem> problems,
            String problem,
            String accepted) {
        return VisitorController.answer(pages.asksAgain(asking, status, values, problems, problem), accepted, null);
    }
}
