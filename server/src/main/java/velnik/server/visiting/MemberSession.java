package velnik.server.visiting;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import velnik.core.site.Visitor;
import velnik.server.members.Members;

/** Whether the visitor who asks is a member, by a cookie of its own. */
@Component
class MemberSession {
    /** Where members come in and go out. */
    static final String BASE = "/-/members/";

    private static final String COOKIE = "velnik-member";

    private static final Logger LOG = LoggerFactory.getLogger(MemberSession.class);

    private final Members members;

    MemberSession(Members members) {
        this.members = members;
    }

    Visitor of(HttpServletRequest request) {
        try {
            return token(request).filter(members::isSignedIn).isPresent() ? Visitor.MEMBER : Visitor.NON_MEMBER;
        } catch (RuntimeException unknown) {
            LOG.warn("it cannot be told who is a member: {}", unknown.getMessage());
            return Visitor.NON_MEMBER;
        }
    }

    static Optional<String> token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Optional.empty()
                : Stream.of(cookies)
                        .filter(cookie -> cookie.getName().equals(COOKIE))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    static String begins(HttpServletRequest request, String token) {
        return cookie(request, token, Members.SESSION);
    }

    static String ends(HttpServletRequest request) {
        return cookie(request, "", Duration.ZERO);
    }

    /** Other sites cannot make a browser send it with a form, so none can sign a member out. */
    private static String cookie(HttpServletRequest request, String token, Duration age) {
        return ResponseCookie.from(COOKIE, token)
                .path("/")
                .maxAge(age)
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .build()
                .toString();
    }
}
