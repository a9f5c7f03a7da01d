package velnik.core.importing;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** What files can be read in. A file is what its content says, whatever it is called. */
public enum FileFormat {
    OPML,
    SITEMAP,
    HTML,
    TABLE,
    MARKDOWN_FILES,
    LIST;

    private static final Pattern PROLOG = Pattern.compile(
            "\\A(?:\\s|<\\?.*?\\?>|<!--.*?-->|<!DOCTYPE[^>\\[]*(?:\\[[^\\]]*]\\s*)?>)*+",
            Pattern.DOTALL | Pattern.CASE_INSENSITIVE);
    private static final Pattern ROW = Pattern.compile("\\s*(?:[-*+]|\\d{1,9}[.)])\\s+\\S.*|\\s*#{1,6}\\s.*");
    private static final Pattern ADDRESS = Pattern.compile("(?i)\\s*https?://\\S+\\s*");
    private static final int LOOKED_AT = 4_000;

    /** Files that belong together are read as one. */
    public static FileRead read(List<SourceFile> files) {
        Map<FileFormat, List<SourceFile>> byFormat = new EnumMap<>(FileFormat.class);
        files.stream()
                .filter(file -> !file.text().isBlank())
                .forEach(file -> byFormat.computeIfAbsent(of(file), any -> new ArrayList<>())
                        .add(file));
        Set<FileFormat> formats = byFormat.keySet();
        if (formats.isEmpty()) {
            return FileRead.not("nothing", Map.of());
        }
        if (formats.equals(EnumSet.of(SITEMAP, HTML))) {
            return MovedSite.read(byFormat.getOrDefault(SITEMAP, List.of()), byFormat.getOrDefault(HTML, List.of()));
        }
        if (formats.size() > 1) {
            return FileRead.not(
                    "apart",
                    Map.of(
                            "formats",
                            formats.stream().sorted().map(FileRead.WORDS::say).toList()));
        }
        FileFormat format = formats.iterator().next();
        List<SourceFile> all = byFormat.getOrDefault(format, List.of());
        SourceFile first = all.getFirst();
        return switch (format) {
            case SITEMAP -> SitemapReader.read(all);
            case MARKDOWN_FILES -> MarkdownFilesReader.read(all);
            case OPML, HTML, TABLE, LIST ->
                all.size() > 1
                        ? FileRead.not("oneAtATime", Map.of("format", FileRead.WORDS.say(format)))
                        : switch (format) {
                            case OPML -> OpmlReader.read(first);
                            case HTML -> HtmlReader.read(first);
                            case TABLE -> TableReader.read(first);
                            default -> ListReader.read(first);
                        };
        };
    }

    /** What files are, in words. */
    public static String words(List<SourceFile> files) {
        return FileRead.WORDS.list(files.stream()
                .filter(file -> !file.text().isBlank())
                .map(FileFormat::of)
                .distinct()
                .sorted()
                .map(FileRead.WORDS::say)
                .toList());
    }

    static FileFormat of(SourceFile file) {
        String text = file.text();
        String start = PROLOG.matcher(text.substring(0, Math.min(text.length(), LOOKED_AT)))
                .replaceFirst("");
        String tag = start.toLowerCase(Locale.ROOT);
        if (tag.startsWith("<opml")) {
            return OPML;
        }
        if (tag.startsWith("<urlset")
                || tag.startsWith("<sitemapindex")
                || tag.matches("(?s)<[a-z0-9]+:(urlset|sitemapindex).*")) {
            return SITEMAP;
        }
        if (tag.startsWith("<") && !tag.startsWith("<http")) {
            return HTML;
        }
        if (file.ending().equals("csv") || file.ending().equals("tsv") || TableReader.isOne(text)) {
            return TABLE;
        }
        List<String> lines =
                text.lines().filter(line -> !line.isBlank()).limit(LOOKED_AT).toList();
        if (lines.stream().allMatch(line -> ADDRESS.matcher(line).matches())) {
            return SITEMAP;
        }
        boolean markdown = file.ending().equals("md") || file.ending().equals("markdown");
        boolean rows = lines.stream().allMatch(line -> ROW.matcher(line).matches());
        return markdown && !rows ? MARKDOWN_FILES : LIST;
    }
}
