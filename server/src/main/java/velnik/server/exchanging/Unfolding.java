package velnik.server.exchanging;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.zip.GZIPInputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import velnik.core.importing.Decoding;
import velnik.core.importing.SourceFile;
import velnik.core.text.Messages;
import velnik.server.calls.ProblemException;

/**
 * Files as text, taken out of what they are packed into. Nothing is written anywhere, and a file that unfolds to more
 * than there is room for is read no further than that.
 */
public final class Unfolding {
    private static final Messages WORDS = Messages.of(Unfolding.class);
    /** Bytes of all files together, once unpacked. */
    private static final int ROOM = 40_000_000;

    private static final int FILES = 5_000;
    private static final Set<String> TEXTS =
            Set.of("md", "markdown", "txt", "xml", "opml", "csv", "tsv", "html", "htm");

    private final List<SourceFile> files = new ArrayList<>();
    private int room = ROOM;

    private Unfolding() {}

    /** @throws ProblemException when they cannot be unpacked, or hold no text (422) */
    public static List<SourceFile> of(List<GivenFile> given) {
        Unfolding unfolding = new Unfolding();
        given.forEach(unfolding::take);
        return unfolding.files;
    }

    private void take(GivenFile file) {
        byte[] bytes = file.content();
        if (begins(bytes, 'P', 'K')) {
            unpack(file);
        } else if (begins(bytes, 0x1F, 0x8B)) {
            String name = file.name().toLowerCase(Locale.ROOT).endsWith(".gz")
                    ? file.name().substring(0, file.name().length() - 3)
                    : file.name();
            try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
                text(name, read(in));
            } catch (IOException broken) {
                throw refused("broken", file.name());
            }
        } else {
            room -= bytes.length;
            text(file.name(), bytes);
        }
    }

    private void unpack(GivenFile file) {
        int found = files.size();
        try (ZipFile zip = ZipFile.builder().setByteArray(file.content()).get()) {
            int entries = 0;
            for (ZipArchiveEntry entry : Collections.list(zip.getEntriesInPhysicalOrder())) {
                entries++;
                if (entries > FILES) {
                    throw refused("tooManyFiles", file.name());
                }
                String name = entry.getName().replace('\\', '/');
                String why = against(entry, name);
                if (why != null) {
                    throw refused(why, file.name());
                }
                if (!entry.isDirectory() && isText(name)) {
                    try (InputStream in = zip.getInputStream(entry)) {
                        text(name, read(in));
                    }
                }
            }
        } catch (IOException | IllegalArgumentException broken) { // a name in no known alphabet
            throw refused("broken", file.name());
        }
        if (files.size() == found) {
            throw refused("nothingInIt", file.name());
        }
        // In a folder of Markdown files the others are what its pages are made with.
        List<SourceFile> own = files.subList(found, files.size());
        if (own.stream().anyMatch(each -> isMarkdown(each.name()))) {
            own.removeIf(each -> !isMarkdown(each.name()));
        }
    }

    /** @return the key of what is said against taking anything out of it; null where nothing is */
    private static @Nullable String against(ZipArchiveEntry entry, String name) {
        if (name.equals("[Content_Types].xml")) {
            return "office";
        }
        if (List.of(name.split("/")).contains("..") || name.startsWith("/")) {
            return "leadsOut";
        }
        if (entry.isUnixSymlink()) {
            return "link";
        }
        return entry.getGeneralPurposeBit().usesEncryption() ? "locked" : null;
    }

    private static boolean isMarkdown(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return lower.endsWith(".md") || lower.endsWith(".markdown");
    }

    private static boolean isText(String name) {
        String last = name.substring(name.lastIndexOf('/') + 1);
        boolean hidden = last.startsWith(".") || name.startsWith("__MACOSX/");
        return !hidden
                && TEXTS.contains(last.substring(last.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT));
    }

    private byte[] read(InputStream in) throws IOException {
        byte[] bytes = in.readNBytes(room + 1);
        room -= bytes.length;
        if (room < 0) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "not-read",
                    WORDS.say("tooLarge", Map.of("limit", ROOM / 1_000_000)));
        }
        return bytes;
    }

    private void text(String name, byte[] bytes) {
        files.add(new SourceFile(name, Decoding.text(bytes).orElseThrow(() -> refused("noText", name))));
    }

    private static ProblemException refused(String key, String name) {
        return new ProblemException(
                HttpStatus.UNPROCESSABLE_CONTENT, "not-read", WORDS.say(key, Map.of("name", name, "files", FILES)));
    }

    private static boolean begins(byte[] bytes, int first, int second) {
        return bytes.length > 1 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
    }
}
