package velnik.server.files;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.apache.tika.metadata.Metadata;
import org.apache.tika.mime.MimeTypes;
import velnik.core.site.FileType;

/** What a file is, by what is in it. Its name says nothing. */
sealed interface Recognised {
    record Photo(String format) implements Recognised {}

    record Drawing() implements Recognised {}

    record Other(FileType type) implements Recognised {}

    /** What only a document of each kind has in it. */
    Map<String, FileType> OFFICE = Map.of(
            "word/document.xml", FileType.DOCX,
            "xl/workbook.xml", FileType.XLSX,
            "ppt/presentation.xml", FileType.PPTX);

    /** @throws velnik.server.calls.ProblemException when it is nothing that is taken */
    static Recognised of(Path file) throws IOException {
        String type;
        try (InputStream bytes = new BufferedInputStream(Files.newInputStream(file))) {
            type = MimeTypes.getDefaultMimeTypes()
                    .detect(bytes, new Metadata())
                    .getBaseType()
                    .toString();
        }
        return switch (type) {
            case "image/jpeg", "image/png", "image/gif", "image/webp" -> new Photo(type.substring("image/".length()));
            case "image/svg+xml" -> new Drawing();
            case "application/pdf" -> new Other(FileType.PDF);
            case "application/zip" -> new Other(office(file).orElseThrow(() -> FileRefused.because("kind")));
            case "application/x-tika-msoffice",
                    "application/msword",
                    "application/vnd.ms-excel",
                    "application/vnd.ms-powerpoint" -> throw FileRefused.because("oldOffice");
            default ->
                new Other(openDocument(type)
                        .or(() -> type.contains("officedocument") || type.contains("ooxml")
                                ? office(file)
                                : Optional.empty())
                        .orElseThrow(() -> FileRefused.because("kind")));
        };
    }

    private static Optional<FileType> office(Path file) {
        try (ZipFile parts = new ZipFile(file.toFile())) {
            boolean macros = parts.stream().anyMatch(part -> part.getName().endsWith("vbaProject.bin"));
            if (macros) {
                throw FileRefused.because("macros");
            }
            Optional<FileType> type = OFFICE.entrySet().stream()
                    .filter(part -> parts.getEntry(part.getKey()) != null)
                    .map(Map.Entry::getValue)
                    .findFirst();
            return type.isPresent() ? type : openDocument(declared(parts));
        } catch (ZipException damaged) {
            return Optional.empty();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** What an open document says it is; empty for anything else. */
    private static String declared(ZipFile parts) throws IOException {
        ZipEntry mimetype = parts.getEntry("mimetype");
        if (mimetype == null) {
            return "";
        }
        try (InputStream bytes = parts.getInputStream(mimetype)) {
            return new String(bytes.readNBytes(100), StandardCharsets.US_ASCII).strip();
        }
    }

    private static Optional<FileType> openDocument(String type) {
        return Optional.ofNullable(Map.of(
                        FileType.ODT.mediaType(), FileType.ODT,
                        FileType.ODS.mediaType(), FileType.ODS,
                        FileType.ODP.mediaType(), FileType.ODP)
                .get(type));
    }
}
