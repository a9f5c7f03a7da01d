package velnik.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import velnik.server.backups.Restoring;
import velnik.server.commands.Commands;
import velnik.server.settings.DataFolder;
import velnik.server.settings.Settings;
import velnik.server.storage.DatabaseFailure;

/** Starts Velnik on one data folder. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Velnik {

    public static void main(String[] arguments) {
        if (arguments.length > 0 && Commands.isOne(arguments[0])) {
            System.exit(Commands.run(List.of(arguments), Velnik::started));
        }
        try {
            started(arguments);
        } catch (DataFolder.Unusable unusable) {
            refuse(unusable);
        } catch (RuntimeException failed) {
            if (!DatabaseFailure.is(failed)) {
                throw failed;
            }
            refuse(DataFolder.damaged(DataFolder.named(), "cannot be opened", failed));
        }
    }

    private static ConfigurableApplicationContext started(String... arguments) {
        SpringApplication velnik = new SpringApplication(Velnik.class);
        velnik.addListeners(DataFolder.locking(Restoring::finish));
        return velnik.run(arguments);
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
