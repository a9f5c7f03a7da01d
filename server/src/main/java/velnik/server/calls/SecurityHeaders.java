package velnik.server.calls;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.function.BiConsumer;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import velnik.core.address.FileAddresses;

/** What every answer says to the browser for safety, whoever makes it; pages say their own policy besides. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public final class SecurityHeaders extends OncePerRequestFilter {
    /** For what is not a page: nothing in it is to be loaded, run or framed. */
    public static final String NOTHING = "default-src 'none'; frame-ancestors 'none'; base-uri 'none'";

    /** What the window loads, whose frame has no origin. */
    private static final String FOR_THE_WINDOW = "/-/static/visitor/";

    /** What websites elsewhere load. */
    private static final String FEEDS = "/-/feeds/";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        write(path, response::setHeader);
        if (path.startsWith("/-/api/") || path.startsWith("/-/static/") || path.startsWith(FEEDS)) {
            response.setHeader(Policy.HEADER, NOTHING);
        }
        chain.doFilter(request, response);
    }

    private static boolean isForOthers(String path) {
        return path.startsWith(FOR_THE_WINDOW)
                || path.startsWith(FEEDS)
                || path.startsWith("/-/window/") && path.contains(FileAddresses.BASE);
    }

    /** @param path decides who may load the answer */
    public static void write(String path, BiConsumer<String, String> header) {
        header.accept("X-Content-Type-Options", "nosniff");
        header.accept("Cross-Origin-Opener-Policy", "same-origin");
        header.accept("Cross-Origin-Resource-Policy", isForOthers(path) ? "cross-origin" : "same-origin");
        header.accept(
                "Permissions-Policy",
                "camera=(), display-capture=(), geolocation=(), microphone=(), payment=(), usb=()");
        header.accept("Referrer-Policy", "strict-origin-when-cross-origin");
    }
}
