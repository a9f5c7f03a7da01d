package velnik.server.visiting;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UriComponentsBuilder;
import velnik.server.settings.Settings;

/**
 * Keeps the visitor site and the editor on hosts of their own, where a setting asks for it: on the visitors' host
 * nothing technical answers but what their pages load and what lets members in, and on every other host the visitors' addresses lead over there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class Hosts extends OncePerRequestFilter {
    private final String visitorHost;

    Hosts(Settings settings) {
        visitorHost = settings.visitorHost();
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return visitorHost.isEmpty();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        // As the container understands it, so that no other spelling of a path is taken for a page.
        String path = request.getServletPath();
        boolean technical = path.equals("/-") || path.startsWith("/-/");
        String host = request.getServerName().replaceAll("\\.$", "");
        if (host.equalsIgnoreCase(visitorHost)) {
            if (technical && !path.startsWith(VisitorAssets.BASE) && !path.startsWith(MemberSession.BASE)) {
                response.sendError(HttpStatus.NOT_FOUND.value());
                return;
            }
        } else if (!technical) {
            response.setStatus(HttpStatus.FOUND.value());
            response.setHeader(
                    "Location",
                    UriComponentsBuilder.fromUriString(request.getRequestURL().toString())
                            .host(visitorHost)
                            .query(request.getQueryString())
                            .build(true)
                            .toUriString());
            return;
        }
        chain.doFilter(request, response);
    }
}
