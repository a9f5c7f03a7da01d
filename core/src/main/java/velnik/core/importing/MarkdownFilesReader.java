package velnik.core.importing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import velnik.core.address.Slugs;
import velnik.core.site.Limits;
import velnik.core.site.Reach;

/**
 * A folder of Markdown files, each a page with its text; folders nest. What stands before the text between two lines of
 * three hyphens says title, slug, date, topics (or tags, or categories), summary (or description), order (or weight) and
 * draft. {@code index.md} and {@code README.md} are the page of their folder.
 */
final class MarkdownFilesReader {
    private static final Pattern FRONT = Pattern.compile(
            "\\A---[ \\t]*\\R(.*?)^(?:---|\\.\\.\\.)[ \\t]*(?:\\R|\\z)", Pattern.DOTALL | Pattern.MULTILINE);
    private static final Pattern HEADING = Pattern.compile("\\A\\s*#[ \\t]+(.+?)[ \\t]*#*[ \\t]*(?:\\R|\\z)");
    private static final Pattern NUMBER = Pattern.compile("(\\d{1,4})[-_. ]+(?=\\D)");
    private static final Set<String> OF_FOLDER = Set.of("index", "_index", "readme");
    private static final int FRONT_CHARACTERS = 20_000;
    private static final double LAST = 1e9;

    /** @param order by which it stands among its neighbours */
    private record File(Found.FoundPage page, double order, String name) {}

    private MarkdownFilesReader() {}

    static FileRead read(List<SourceFile> files) {
        List<Found.Aside> asides = new ArrayList<>();
        Map<String, List<File>> folders = new TreeMap<>();
        for (SourceFile file : files) {
            page(file, asides)
                    .ifPresent(read -> folders.computeIfAbsent(folder(file.name()), any -> new ArrayList<>())
                            .add(read));
        }
        List<Found.FoundPage> ordered = folders.values().stream()
                .flatMap(Collection::stream)
                .sorted(Comparator.comparingDouble(File::order).thenComparing(File::name))
                .map(File::page)
                .toList();
        if (ordered.isEmpty() && asides.isEmpty()) {
            return FileRead.not("listEmpty", Map.of());
        }
        PathTree tree = new PathTree(asides);
        ordered.forEach(tree::add);
        return Found.NOTHING.with(found -> found.pages(tree.pages()).asides(asides));
    }

    private static String folder(String name) {
        return name.substring(0, Math.max(0, name.lastIndexOf('/')));
    }

    private static Optional<File> page(SourceFile file, List<Found.Aside> asides) {
        String text = file.text();
        Map<?, ?> front = Map.of();
        Matcher matter = FRONT.matcher(text);
        if (matter.find()) {
            text = text.substring(matter.end());
            try {
                front = front(matter.group(1));
            } catch (YamlEngineException broken) {
                asides.add(new Found.Aside(
                        new Found.Spot(file.name(), 1), file.name(), FileRead.WORDS.say("frontBroken"), true));
                return Optional.empty();
            }
        }
        if (text.length() > Limits.TEXT) {
            asides.add(new Found.Aside(
                    new Found.Spot(file.name(), 1),
                    file.name(),
                    FileRead.WORDS.say("textLong", Map.of("characters", text.length(), "limit", Limits.TEXT)),
                    true));
            return Optional.empty();
        }
        String title = word(front, "title");
        Matcher heading = HEADING.matcher(text);
        if (heading.find() && (title.isEmpty() || heading.group(1).strip().equals(title))) {
            title = heading.group(1).strip();
            text = text.substring(heading.end()); // the page has its title over it already
        }
        String path = path(file.name());
        boolean guessed = title.isEmpty();
        Found.Said said = said(front, text.strip());
        return Optional.of(new File(
                new Found.FoundPage(
                        new Found.Spot(file.name(), 1),
                        1,
                        guessed ? WebPath.title(path) : title,
                        guessed,
                        path,
                        "",
                        "",
                        said),
                order(front, file),
                file.name()));
    }

    private static Map<?, ?> front(String yaml) {
        LoadSettings settings = LoadSettings.builder()
                .setMaxAliasesForCollections(10)
                .setCodePointLimit(FRONT_CHARACTERS)
                .build();
        return new Load(settings).loadFromString(yaml) instanceof Map<?, ?> map ? map : Map.of();
    }

    /** The path of the page that a file becomes. */
    static String path(String name) {
        SourceFile file = new SourceFile(name, "");
        StringBuilder path = new StringBuilder();
        WebPath.segments(folder(name)).forEach(part -> path.append('/').append(slug(part)));
        if (!file.stem().isEmpty() && !OF_FOLDER.contains(file.stem().toLowerCase(Locale.ROOT))) {
            path.append('/').append(slug(file.stem()));
        }
        return path.isEmpty() ? "/" : path.toString();
    }

    /** Without the number that puts it in order. */
    private static String slug(String part) {
        String plain = NUMBER.matcher(part).replaceFirst("").toLowerCase(Locale.ROOT);
        return Slugs.isWellFormed(plain) ? plain : Slugs.fromTitle(plain);
    }

    private static double order(Map<?, ?> front, SourceFile file) {
        for (String key : List.of("order", "weight")) {
            if (front.get(key) instanceof Number number) {
                return number.doubleValue();
            }
        }
        Matcher number = NUMBER.matcher(file.name().substring(file.name().lastIndexOf('/') + 1));
        return number.lookingAt() ? Integer.parseInt(number.group(1)) : LAST;
    }

    private static Found.Said said(Map<?, ?> front, String text) {
        Set<String> topics = new LinkedHashSet<>();
        for (String key : List.of("topics", "tags", "categories")) {
            words(front.get(key), topics);
        }
        String summary = word(front, "summary").isEmpty() ? word(front, "description") : word(front, "summary");
        return Found.Said.NOTHING.with(said -> said.slug(orNull(word(front, "slug")))
                .reach(Boolean.TRUE.equals(front.get("draft")) ? Reach.HELD_BACK : null)
                .topics(topics.isEmpty() ? null : topics)
                .date(Cells.date(word(front, "date")).orElse(null))
                .summary(orNull(summary))
                .text(orNull(text)));
    }

    private static @Nullable String orNull(String word) {
        return word.isEmpty() ? null : word;
    }

    private static void words(@Nullable Object value, Set<String> words) {
        if (value instanceof Collection<?> several) {
            several.forEach(each -> words(each, words));
        } else if (value instanceof String one) {
            for (String word : one.split(",")) {
                if (!word.isBlank()) {
                    words.add(word.strip());
                }
            }
        }
    }

    private static String word(Map<?, ?> front, String key) {
        return switch (front.get(key)) {
            case String word -> word.strip();
            case Number number -> number.toString();
            case LocalDate date -> date.toString();
            case null, default -> "";
        };
    }
}
