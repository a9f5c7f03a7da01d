package velnik.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import velnik.server.calls.Problems;

/** Answers calls that security turns away, like all other errors of calls. */
@Component
class ProblemWriter implements AuthenticationEntryPoint, AccessDeniedHandler {
    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void commence(HttpServletRequest request, HttpServletResponse response, AuthenticationException missing)
            throws IOException {
        write(response, HttpStatus.UNAUTHORIZED, "not-signed-in", "Sign in first. Nothing was changed.");
    }

    @Override
    public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException {
        if (denied instanceof CsrfException) {
            write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "csrf-missing",
                    "This request did not come from the editor. Nothing was changed.");
        } else {
            write(response, HttpStatus.FORBIDDEN, "not-allowed", "Your account may not do this. Nothing was changed.");
        }
    }

    private void write(HttpServletResponse response, HttpStatus status, String type, String sentence)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), Problems.detail(status, type, sentence));
    }
}
