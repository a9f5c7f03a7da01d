package velnik.server.visiting;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.GZIPOutputStream;
import velnik.core.site.TextHash;

/**
 * A page ready to be sent.
 *
 * @param status of the answer
 * @param plain in UTF-8
 * @param compressed the same with gzip
 * @param forMembers whether it is for members alone, and nobody between us and them may keep it
 * @param tag names this content; quoted as the ETag header wants it
 */
@SuppressWarnings("ArrayRecordComponent") // never compared, only sent
record Rendered(int status, byte[] plain, byte[] compressed, boolean forMembers, String tag) {

    static Rendered of(int status, String html, boolean forMembers) {
        byte[] plain = html.getBytes(StandardCharsets.UTF_8);
        String tag = '"' + TextHash.of(html).value().substring(0, 20) + '"';
        return new Rendered(status, plain, compressed(plain), forMembers, tag);
    }

    private static byte[] compressed(byte[] plain) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(plain.length / 3);
        try (GZIPOutputStream gzip = new GZIPOutputStream(bytes)) {
            gzip.write(plain);
        } catch (IOException memoryDoesNotFail) {
            throw new UncheckedIOException(memoryDoesNotFail);
        }
        return bytes.toByteArray();
    }

    int weight() {
        return plain.length + compressed.length;
    }
}
