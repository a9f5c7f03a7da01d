package velnik.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/**
 * Writes the port that was taken into a file once Velnik is ready, for whoever starts it with port 0. Set {@code
 * velnik.port-file} to have it.
 */
@Component
class PortFile {
    private final Environment environment;

    PortFile(Environment environment) {
        this.environment = environment;
    }

    @EventListener(ApplicationReadyEvent.class)
    void write() {
        String file = environment.getProperty("velnik.port-file");
        if (file == null) {
            return;
        }
        try {
            Files.writeString(Path.of(file), environment.getRequiredProperty("local.server.port"));
        } catch (IOException unwritable) {
            throw new IllegalStateException("cannot write the port file " + file, unwritable);
        }
    }
}
