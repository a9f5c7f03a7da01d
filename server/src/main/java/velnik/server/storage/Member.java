package velnik.server.storage;

import java.time.LocalDate;

/**
 * A visitor who may see pages for members.
 *
 * @param since the day they were made one, in the site's time zone
 */
public record Member(String name, String displayName, LocalDate since, String passwordHash) {}
