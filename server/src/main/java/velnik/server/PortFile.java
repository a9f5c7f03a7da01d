package velnik.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/**
 * Writes the port that was taken into a file, for whoever starts Velnik with port 0. Set {@code velnik.port-file} to
 * have it.
 */
@Component
class PortFile implements ApplicationListener<WebServerInitializedEvent> {
    private final Environment environment;

    PortFile(Environment environment) {
        this.environment = environment;
    }

    @Override
    public void onApplicationEvent(WebServerInitializedEvent event) {
        String file = environment.getProperty("velnik.port-file");
        if (file == null || "management".equals(event.getApplicationContext().getServerNamespace())) {
            return;
        }
        try {
            Files.writeString(Path.of(file), String.valueOf(event.getWebServer().getPort()));
        } catch (IOException unwritable) {
            throw new IllegalStateException("cannot write the port file " + file, unwritable);
        }
    }
}
