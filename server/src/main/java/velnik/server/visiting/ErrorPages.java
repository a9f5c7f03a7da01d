package velnik.server.visiting;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import velnik.server.calls.Problems;

/** What is answered where no controller came to answer: whole pages to visitors, problems to the editor. */
@Controller
class ErrorPages implements ErrorController {
    private final VisitorPages pages;

    ErrorPages(VisitorPages pages) {
        this.pages = pages;
    }

    @RequestMapping("${spring.web.error.path}")
    ResponseEntity<?> error(
            HttpServletRequest request,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted) {
        HttpStatus status = status(request);
        String path = String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI));
        if (path.startsWith("/-/api/")) {
            ProblemDetail detail = Problems.detail(
                    status,
                    status == HttpStatus.NOT_FOUND ? "no-such-call" : "not-understood",
                    "This request cannot be understood, so nothing was changed.");
            return ResponseEntity.status(status)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(detail);
        }
        return VisitorController.answer(pages.other(status), accepted, null);
    }

    private static HttpStatus status(HttpServletRequest request) {
        @Nullable Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        @Nullable HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
        return status == null ? HttpStatus.NOT_FOUND : status;
    }
}
