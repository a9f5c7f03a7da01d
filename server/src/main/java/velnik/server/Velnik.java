package velnik.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import velnik.server.shared.DataFolder;
import velnik.server.shared.Settings;

/** Starts Velnik on one data folder. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Velnik {

    public static void main(String[] arguments) {
        SpringApplication velnik = new SpringApplication(Velnik.class);
        velnik.addListeners(DataFolder.locking());
        try {
            velnik.run(arguments);
        } catch (DataFolder.InUse inUse) {
            System.err.println(inUse.getMessage());
            System.exit(2);
        }
    }

    @Bean
    Clock clock(Settings settings) {
        Clock system = Clock.systemUTC();
        @Nullable Instant start = settings.startAt();
        return start == null ? system : Clock.offset(system, Duration.between(system.instant(), start));
    }
}
