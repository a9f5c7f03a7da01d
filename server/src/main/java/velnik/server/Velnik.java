package velnik.server;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import velnik.server.settings.DataFolder;
import velnik.server.settings.Settings;
import velnik.server.storage.DatabaseFailure;

/** Starts Velnik on one data folder. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Velnik {

    public static void main(String[] arguments) {
        SpringApplication velnik = new SpringApplication(Velnik.class);
        velnik.addListeners(DataFolder.locking());
        try {
            velnik.run(arguments);
        } catch (DataFolder.Unusable unusable) {
            refuse(unusable);
        } catch (RuntimeException failed) {
            if (!DatabaseFailure.is(failed)) {
                throw failed;
            }
            String folder = System.getProperty("velnik.data", System.getenv().getOrDefault("VELNIK_DATA", "data"));
            refuse(DataFolder.damaged(Path.of(folder).toAbsolutePath().normalize(), "cannot be opened", failed));
        }
    }

    /** A plain sentence first, for the person who started it; the details after. */
    private static void refuse(DataFolder.Unusable why) {
        System.err.println("Velnik does not start. " + why.getMessage());
        if (why.getCause() != null) {
            System.err.println();
            why.getCause().printStackTrace(System.err);
        }
        System.exit(2);
    }

    @Bean
    Clock clock(Settings settings) {
        Clock system = Clock.systemUTC();
        @Nullable Instant start = settings.startAt();
        return start == null ? system : Clock.offset(system, Duration.between(system.instant(), start));
    }
}
