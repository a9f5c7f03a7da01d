package velnik.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import velnik.server.passwords.PasswordWork;

/** Signs somebody in by a JSON call: a new session id, a new CSRF token, and the person kept in the session. */
@Component
class SignIn {
    private final AuthenticationManager authentication;
    private final PasswordWork passwords;
    private final SecurityContextRepository contexts;
    private final SessionAuthenticationStrategy sessions;

    SignIn(
            AuthenticationManager authentication,
            PasswordWork passwords,
            SecurityContextRepository contexts,
            SessionAuthenticationStrategy sessions) {
        this.authentication = authentication;
        this.passwords = passwords;
        this.contexts = contexts;
        this.sessions = sessions;
    }

    /** @throws org.springframework.security.core.AuthenticationException when they do not go together */
    void with(String name, String password, HttpServletRequest request, HttpServletResponse response) {
        Authentication person = passwords.inTurn(
                request.getRemoteAddr(),
                () -> authentication.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password)));
        sessions.onAuthentication(person, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(person);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }
}
