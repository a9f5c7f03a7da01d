package velnik.server.shared;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What can be set from outside.
 *
 * @param data the folder that holds everything
 * @param demo whether an empty folder is filled with the demo business
 */
@ConfigurationProperties("velnik")
public record Settings(Path data, @DefaultValue("false") boolean demo) {}
