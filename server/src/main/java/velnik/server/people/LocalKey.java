package velnik.server.people;

import jakarta.annotation.PreDestroy;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.MessageDigest;
import java.util.List;
import java.util.Optional;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import velnik.server.passwords.Tokens;
import velnik.server.settings.Settings;

/**
 * Lets a command on this machine call the server that runs on the same data. The key is a file in the data folder, made
 * anew at each start: whoever may read that folder has everything in it anyway.
 */
@Component
public class LocalKey {
    private static final String SCHEME = "Bearer ";

    private final Path file;
    private final ServerProperties server;
    private final String key = Tokens.fresh();

    LocalKey(Settings settings, ServerProperties server) {
        this.file = file(settings.data());
        this.server = server;
    }

    /**
     * How a running server is called.
     *
     * @param url where it answers, without a slash at its end
     * @param authorization the value of the header of that name
     */
    public record Door(String url, String authorization) {}

    /** The door of the server that runs on a data folder; also of one that was killed. */
    public static Optional<Door> of(Path data) throws IOException {
        if (!Files.isRegularFile(file(data))) {
            return Optional.empty();
        }
        List<String> lines = Files.readAllLines(file(data));
        return lines.size() < 2 ? Optional.empty() : Optional.of(new Door(lines.getFirst(), SCHEME + lines.get(1)));
    }

    private static Path file(Path data) {
        return data.resolve("local-key");
    }

    @EventListener
    void open(WebServerInitializedEvent started) throws IOException {
        if (started.getApplicationContext().getServerNamespace() != null) {
            return; // that of the health checks
        }
        InetAddress address = server.getAddress();
        String host = address == null || address.isAnyLocalAddress() ? "127.0.0.1" : address.getHostAddress();
        Path written = Files.createTempFile(file.getParent(), "key", ""); // for its owner alone
        Files.writeString(
                written, "http://" + host + ":" + started.getWebServer().getPort() + "\n" + key + "\n");
        Files.move(written, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    @PreDestroy
    void close() throws IOException {
        Files.deleteIfExists(file);
    }

    boolean opens(HttpServletRequest request) {
        String given = request.getHeader(HttpHeaders.AUTHORIZATION);
        return given != null
                && MessageDigest.isEqual(
                        given.getBytes(StandardCharsets.UTF_8), (SCHEME + key).getBytes(StandardCharsets.UTF_8));
    }

    /** Makes whoever has the key an owner for the one request. */
    OncePerRequestFilter filter() {
        return new OncePerRequestFilter() {
            /** What is answered bit by bit is asked for its rights again, and nothing remembers this owner. */
            @Override
            protected boolean shouldNotFilterAsyncDispatch() {
                return false;
            }

            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                if (opens(request)) {
                    SecurityContextHolder.setContext(
                            new SecurityContextImpl(UsernamePasswordAuthenticationToken.authenticated(
                                    "this machine", null, AuthorityUtils.createAuthorityList("ROLE_OWNER"))));
                }
                chain.doFilter(request, response);
            }
        };
    }
}
