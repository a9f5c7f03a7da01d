package velnik.server.settings;

import java.nio.file.Path;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What can be set from outside.
 *
 * @param data the folder that holds everything
 * @param visitorHost the name of the host that serves the visitor site and nothing else; empty where one host serves
 *     both the site and the editor
 * @param backups the folder for backups; empty for one in the data folder
 * @param startAt what the clock says when it starts, to try out another day; null for the time it is
 * @param demo whether an empty folder is filled with the demo business
 */
@ConfigurationProperties("velnik")
public record Settings(
        Path data,
        @DefaultValue("") String visitorHost,
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String backups,
        @Nullable Instant startAt) {

    public Path backupFolder() {
        return backups.isEmpty() ? data.resolve("backups") : Path.of(backups).toAbsolutePath();
    }
}
