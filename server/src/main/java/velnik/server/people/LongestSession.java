package velnik.server.people;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends the sessions of people after a week, however busy they are. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 20) // before security asks whose session it is
final class LongestSession extends OncePerRequestFilter {
    private static final Duration LONGEST = Duration.ofDays(7);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null && isOver(session.getCreationTime(), System.currentTimeMillis())) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }

    /** @param begun as the container counts, in milliseconds */
    static boolean isOver(long begun, long now) {
        return now - begun > LONGEST.toMillis();
    }
}
