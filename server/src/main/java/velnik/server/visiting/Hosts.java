package velnik.server.visiting;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.UriComponentsBuilder;
import velnik.core.address.FileAddresses;
import velnik.core.html.FormView;
import velnik.server.settings.Settings;

/**
 * Keeps the visitor site and the editor on hosts of their own, where a setting asks for it: on the visitors' host
 * nothing technical answers but what their pages load,
 * what lets members in and what takes their messages, and on every other host the visitors' addresses lead over there.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class Hosts extends OncePerRequestFilter {
    private static final List<String> FOR_VISITORS =
            List.of(VisitorAssets.BASE, MemberSession.BASE, FileAddresses.BASE, FormView.BASE, FeedController.BASE);

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
            if (technical && FOR_VISITORS.stream().noneMatch(path::startsWith)) {
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
