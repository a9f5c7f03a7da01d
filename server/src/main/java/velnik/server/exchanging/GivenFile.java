package velnik.server.exchanging;

/**
 * A file as it was sent.
 *
 * @param content its bytes; base64 in JSON
 */
@SuppressWarnings("ArrayRecordComponent") // it is read once, and never compared
public record GivenFile(String name, byte[] content) {}
