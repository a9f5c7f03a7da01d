package velnik.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import velnik.server.shared.DataFolder;

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
    Clock clock() {
        return Clock.systemUTC();
    }
}
