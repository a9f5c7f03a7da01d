package velnik.server.storage;

import java.time.Instant;

/** A release without its site, as {@link Release} has it. */
public record ReleaseHeading(int number, String request, long revision, String person, Instant at, String note) {}
