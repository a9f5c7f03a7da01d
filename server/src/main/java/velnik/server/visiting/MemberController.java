package velnik.server.visiting;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.time.Duration;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import velnik.core.html.SignInView;
import velnik.server.members.Members;

/** Lets members in and out, by plain forms. */
@Controller
class MemberController {
    private final Members members;
    private final VisitorPages pages;

    MemberController(Members members, VisitorPages pages) {
        this.members = members;
        this.pages = pages;
    }

    /** Reloading after a wrong password asks for this. */
    @GetMapping({SignInView.IN, SignInView.OUT})
    ResponseEntity<byte[]> form() {
        return elsewhere(pages.signInAddress());
    }

    @PostMapping(SignInView.IN)
    ResponseEntity<byte[]> in(
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String to,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted,
            HttpServletRequest request) {
        if (!isFromHere(request)) {
            // A form on another site must not sign a visitor in as somebody else.
            return refused(HttpStatus.FORBIDDEN, to, name, pages.words().say("signIn.here"), accepted);
        }
        return switch (members.signIn(name, password, request.getRemoteAddr())) {
            case Members.SignIn.Done(String token) ->
                ResponseEntity.status(HttpStatus.SEE_OTHER)
                        .location(URI.create(pages.asPath(to)))
                        .header(HttpHeaders.SET_COOKIE, MemberSession.begins(request, token))
                        .cacheControl(CacheControl.noStore())
                        .build();
            case Members.SignIn.Wrong() ->
                refused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        to,
                        name,
                        pages.words().say("signIn.wrong"),
                        accepted);
            case Members.SignIn.Busy() ->
                refused(HttpStatus.TOO_MANY_REQUESTS, to, name, pages.words().say("signIn.busy"), accepted);
            case Members.SignIn.TooOften(Duration left) ->
                refused(
                        HttpStatus.TOO_MANY_REQUESTS,
                        to,
                        name,
                        pages.words().say("signIn.tooOften", Map.of("seconds", left.toSeconds() + 1)),
                        accepted);
        };
    }

    /** Browsers say how a request came about where the connection is safe, and else at least which site it is from. */
    private static boolean isFromHere(HttpServletRequest request) {
        @Nullable String site = request.getHeader("Sec-Fetch-Site");
        @Nullable String origin = request.getHeader(HttpHeaders.ORIGIN);
        if (site != null) {
            return site.equals("same-origin");
        }
        return origin == null
                || origin.equals(ServletUriComponentsBuilder.fromContextPath(request)
                        .build()
                        .toUriString());
    }

    private ResponseEntity<byte[]> refused(HttpStatus status, String to, String name, String problem, String accepted) {
        return VisitorController.answer(pages.signInAgain(status, to, name, problem), accepted, null);
    }

    @PostMapping(SignInView.OUT)
    ResponseEntity<byte[]> out(
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted,
            HttpServletRequest request) {
        if (!isFromHere(request)) {
            // Nor sign one out whose session goes on all the same.
            return refused(HttpStatus.FORBIDDEN, "", "", pages.words().say("signIn.outHere"), accepted);
        }
        MemberSession.token(request).ifPresent(members::signOut);
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create("/"))
                .header(HttpHeaders.SET_COOKIE, MemberSession.ends(request))
                .cacheControl(CacheControl.noStore())
                .build();
    }

    private static ResponseEntity<byte[]> elsewhere(String address) {
        return ResponseEntity.status(HttpStatus.FOUND)
                .location(URI.create(address))
                .cacheControl(CacheControl.noStore())
                .build();
    }
}
