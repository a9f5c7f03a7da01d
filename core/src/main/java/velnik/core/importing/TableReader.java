package velnik.core.importing;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.explanation.Words;
import velnik.core.site.Limits;
import velnik.core.site.PageKind;
import velnik.core.text.Shortened;

/**
 * Tables with the names of their columns in the first line, in any order, with commas, semicolons, tabs or bars between
 * cells. Which columns there are says what a table is of: pages, items of menus, or forwards.
 */
final class TableReader {
    private static final int COLUMNS = 200;
    private static final int ROWS = Limits.FORWARDS;
    private static final List<Character> BETWEEN = List.of(',', ';', '\t', '|');

    /** What a column says, with the names that it goes by. */
    enum Column {
        TITLE("title", "name", "page", "page title", "post title", "heading"),
        ADDRESS("address", "url", "path", "link", "permalink", "loc", "page url"),
        SLUG("slug"),
        UNDER("under", "parent", "parent page", "parent address", "parent title"),
        LEVEL("level", "depth", "indent"),
        KIND("kind", "type"),
        REACH("reach", "status", "visibility"),
        FOR("for", "audience"),
        ENGINES("search engines"),
        LAYOUT("layout", "template"),
        TOPICS("topics", "topic", "tags", "categories", "category"),
        DATE("date", "published", "publish date", "post date"),
        SUMMARY("summary", "excerpt", "intro"),
        SEARCH_TITLE("title for search", "seo title", "meta title"),
        SEARCH_DESCRIPTION("description for search", "meta description", "seo description", "description"),
        TEXT("text", "content", "body"),
        ID("id"),
        MENU("menu"),
        LABEL("label"),
        LEADS_TO("leads to", "target", "destination"),
        ON("on"),
        ICON("icon"),
        PICTURE("picture"),
        ACCENT("accent"),
        NOTE("note"),
        TAB("tab"),
        HOOK("hook"),
        ARRANGEMENT("arrangement"),
        OPENS("opens"),
        FROM("from", "old", "old url", "old address", "source", "redirect from", "from url"),
        TO("to", "new", "new url", "new address", "redirect to", "to url"),
        ANSWER("answer", "code", "status code", "http code"),
        ZONE("zone");

        private final Set<String> names;

        Column(String... names) {
            this.names = Set.of(names);
        }

        static @Nullable Column of(String head) {
            String name = head.strip().toLowerCase(Locale.ROOT).replaceAll("[_\\s-]+", " ");
            return Stream.of(values())
                    .filter(column -> column.names.contains(name))
                    .findFirst()
                    .orElse(null);
        }
    }

    record Row(Found.Spot spot, Map<Column, String> cells) {
        String cell(Column column) {
            return cells.getOrDefault(column, "");
        }
    }

    private static final Set<Column> OF_ITEMS = EnumSet.of(
            Column.MENU,
            Column.LEVEL,
            Column.LABEL,
            Column.LEADS_TO,
            Column.ADDRESS,
            Column.ON,
            Column.ICON,
            Column.PICTURE,
            Column.ACCENT,
            Column.NOTE,
            Column.TAB,
            Column.ENGINES,
            Column.HOOK,
            Column.ARRANGEMENT,
            Column.OPENS);
    private static final Set<Column> OF_PAGES = EnumSet.range(Column.TITLE, Column.ID);

    private TableReader() {}

    /** Whether the first line names columns that a table of pages, items or forwards has. */
    static boolean isOne(String text) {
        String head = text.lines().findFirst().orElse("");
        char between = between(head);
        List<Column> columns = Stream.of(head.split(Pattern.quote(String.valueOf(between))))
                .map(cell -> Column.of(cell.replace("\"", "")))
                .filter(Objects::nonNull)
                .toList();
        return columns.size() >= 2;
    }

    static FileRead read(SourceFile file) {
        String text = file.text();
        Map<Integer, Column> columns = new LinkedHashMap<>();
        List<String> names = new ArrayList<>();
        List<Row> rows = new ArrayList<>();
        String head = text.lines().findFirst().orElse("");
        CsvReader<CsvRecord> table = CsvReader.builder()
                .fieldSeparator(between(head))
                .allowExtraCharsAfterClosingQuote(true)
                .allowExtraFields(true)
                .allowMissingFields(true)
                .ofCsvRecord(text);
        @Nullable CsvRecord last = null;
        try {
            for (CsvRecord cells : table) {
                last = cells;
                if (cells.getFieldCount() > COLUMNS) {
                    return FileRead.not(
                            "tooManyColumns", Map.of("line", cells.getStartingLineNumber(), "limit", COLUMNS));
                }
                if (names.isEmpty()) {
                    names.addAll(cells.getFields());
                    columns(names, columns);
                } else if (rows.size() == ROWS) {
                    return FileRead.not("tooManyRows", Map.of("limit", ROWS));
                } else {
                    rows.add(row(file, cells, columns));
                }
            }
            if (last != null && breaksOff(text, last, names.size())) {
                return FileRead.not("tableBroken", Map.of("line", last.getStartingLineNumber()));
            }
        } catch (CsvParseException farTooManyColumns) {
            // All else is let through, and a quotation mark left open is found above.
            long line = last == null ? 1 : last.getStartingLineNumber() + 1;
            return FileRead.not("tooManyColumns", Map.of("line", line, "limit", COLUMNS));
        }
        Set<Column> there = Set.copyOf(columns.values());
        if (there.contains(Column.FROM) && (there.contains(Column.TO) || there.contains(Column.ANSWER))) {
            return forwards(rows);
        }
        boolean items = there.contains(Column.MENU) && there.contains(Column.LABEL);
        List<Found.Aside> asides = unread(file, names, columns, items ? OF_ITEMS : OF_PAGES);
        if (items) {
            return ItemTable.menus(rows, asides);
        }
        if (there.contains(Column.ZONE) || !(there.contains(Column.TITLE) || there.contains(Column.ADDRESS))) {
            return FileRead.not("noColumns", Map.of("head", Shortened.to(120, head)));
        }
        return pages(rows, there, asides);
    }

    /** Whether a quotation mark that is not closed made one row of all that follows. */
    private static boolean breaksOff(String text, CsvRecord last, int columns) {
        boolean odd = text.chars().filter(letter -> letter == '"').count() % 2 == 1;
        return odd
                && (last.getFieldCount() < columns || last.getFields().stream().anyMatch(cell -> cell.contains("\n")));
    }

    private static char between(String head) {
        return BETWEEN.stream()
                .max(Comparator.comparingLong(between ->
                        head.chars().filter(letter -> letter == between).count()))
                .orElse(',');
    }

    private static void columns(List<String> names, Map<Integer, Column> columns) {
        for (int i = 0; i < names.size(); i++) {
            Column column = Column.of(names.get(i));
            if (column != null && !columns.containsValue(column)) {
                columns.put(i, column);
            }
        }
    }

    /** Says which columns are not read, if some are not; it can be more. */
    private static List<Found.Aside> unread(
            SourceFile file, List<String> names, Map<Integer, Column> columns, Set<Column> read) {
        List<String> unread = IntStream.range(0, names.size())
                .filter(i -> !columns.containsKey(i) || !read.contains(columns.get(i)))
                .mapToObj(i -> names.get(i).strip())
                .toList();
        List<Found.Aside> asides = new ArrayList<>();
        if (!unread.isEmpty()) {
            asides.add(new Found.Aside(
                    new Found.Spot(file.name(), 1),
                    FileRead.WORDS.list(unread),
                    FileRead.WORDS.say("unreadColumns", Map.of("count", unread.size())),
                    false));
        }
        return asides;
    }

    private static Row row(SourceFile file, CsvRecord cells, Map<Integer, Column> columns) {
        Map<Column, String> said = new EnumMap<>(Column.class);
        columns.forEach((i, column) -> {
            if (i < cells.getFieldCount()) {
                said.put(column, Cells.plain(cells.getField(i)));
            }
        });
        return new Row(new Found.Spot(file.name(), (int) cells.getStartingLineNumber()), said);
    }

    private static FileRead forwards(List<Row> rows) {
        return Found.NOTHING.with(found -> found.forwards(rows.stream()
                .filter(row -> !row.cell(Column.FROM).isEmpty())
                .map(row -> new Found.FoundForward(
                        row.spot(),
                        row.cell(Column.FROM),
                        row.cell(Column.ANSWER).equals("410") ? "" : row.cell(Column.TO)))
                .toList()));
    }

    private static FileRead pages(List<Row> rows, Set<Column> there, List<Found.Aside> asides) {
        if (rows.size() > Limits.PAGES) {
            return FileRead.not("tooMany", Map.of("limit", Limits.PAGES));
        }
        List<Found.FoundPage> pages = new ArrayList<>();
        String host = host(rows);
        for (Row row : rows) {
            @Nullable PageKind kind = kind(row.cell(Column.KIND));
            if (kind != null && kind.isBuiltIn()) {
                asides.add(new Found.Aside(row.spot(), row.cell(Column.TITLE), FileRead.WORDS.say("builtIn"), false));
            } else if (!row.cells().values().stream().allMatch(String::isEmpty)) {
                page(row, kind, host, asides).ifPresent(pages::add);
            }
        }
        Map<Found.Spot, String> under =
                rows.stream().collect(Collectors.toMap(Row::spot, row -> row.cell(Column.UNDER), (one, other) -> one));
        List<Found.FoundPage> tree = there.contains(Column.ADDRESS)
                ? byPath(pages, under, asides)
                : there.contains(Column.UNDER)
                        ? TitleTree.of(pages, under, asides)
                        : Levels.soundPages(pages.stream()
                                .map(
                                        there.contains(Column.LEVEL)
                                                ? Found.FoundPage::withoutPath
                                                : Found.FoundPage::unplaced)
                                .toList());
        return Found.NOTHING.with(found -> found.host(host).pages(tree).asides(asides));
    }

    private static List<Found.FoundPage> byPath(
            List<Found.FoundPage> pages, Map<Found.Spot, String> under, List<Found.Aside> asides) {
        PathTree tree = new PathTree(asides);
        // What is beneath the home page has its slug in its address, which the home page itself has not.
        String home = pages.stream()
                .filter(page -> under.getOrDefault(page.spot(), "").equals("/"))
                .map(page -> WebPath.parent(page.path()))
                .findFirst()
                .orElse("/");
        pages.stream().filter(page -> page.path().equals("/")).forEach(page -> tree.add(page.movedTo(home)));
        pages.stream().filter(page -> !page.path().equals("/")).forEach(tree::add);
        return tree.pages();
    }

    private static String host(List<Row> rows) {
        return rows.stream()
                .map(row -> row.cell(Column.ADDRESS))
                .filter(address -> address.contains("//")) // few tables name a host, and reading takes a while
                .flatMap(address -> WebPath.read(address, "/").stream())
                .map(WebPath.Address::host)
                .filter(host -> !host.isEmpty())
                .findFirst()
                .orElse("");
    }

    private static Optional<Found.FoundPage> page(
            Row row, @Nullable PageKind kind, String host, List<Found.Aside> asides) {
        String typed = row.cell(Column.ADDRESS);
        Optional<WebPath.Address> address = WebPath.read(typed, "/");
        String title = row.cell(Column.TITLE);
        if (!typed.isEmpty()
                && (address.isEmpty()
                        || !address.get().host().isEmpty()
                                && !address.get().host().equals(host))) {
            asides.add(new Found.Aside(
                    row.spot(),
                    title.isEmpty() ? typed : title,
                    FileRead.WORDS.say(address.isEmpty() ? "noAddress" : "otherHost"),
                    address.isEmpty()));
            return Optional.empty();
        }
        String own = address.map(WebPath.Address::path).orElse("");
        String path = own.isEmpty() && !title.isEmpty() ? "/" + Slugs.fromTitle(title) : WebPath.ofPage(own);
        boolean guessed = title.isEmpty();
        return Optional.of(new Found.FoundPage(
                row.spot(),
                Levels.of(row.cell(Column.LEVEL)),
                guessed ? WebPath.title(path) : title,
                guessed,
                path,
                own.isEmpty() || own.equals(path) ? "" : own,
                "",
                said(row, kind, WebPath.last(own))));
    }

    private static @Nullable PageKind kind(String cell) {
        if (cell.isEmpty()) {
            return null;
        }
        return Stream.of(PageKind.values())
                .filter(kind -> Words.kind(kind).equalsIgnoreCase(cell))
                .findFirst()
                .orElse(null);
    }

    /** @param last part of the address; for a page that is known by its id it is a slug, for others where it was */
    private static Found.Said said(Row row, @Nullable PageKind kind, String last) {
        Function<Column, @Nullable String> cell = column -> row.cells().containsKey(column) ? row.cell(column) : null;
        return Found.Said.NOTHING.with(said -> said.id(row.cell(Column.ID).isEmpty() ? null : row.cell(Column.ID))
                .kind(kind)
                .slug(Stream.of(row.cell(Column.SLUG), row.cell(Column.ID).isEmpty() ? "" : last)
                        .filter(slug -> !slug.isEmpty())
                        .findFirst()
                        .orElse(null))
                .reach(Cells.reach(row.cell(Column.REACH)).orElse(null))
                .membersOnly(
                        switch (row.cell(Column.FOR).toLowerCase(Locale.ROOT)) {
                            case "members" -> true;
                            case "everyone" -> false;
                            default -> null;
                        })
                .keptFromSearchEngines(
                        switch (row.cell(Column.ENGINES).toLowerCase(Locale.ROOT)) {
                            case "asked not to list it", "noindex", "no" -> true;
                            case "may list it", "index", "yes" -> false;
                            default -> null;
                        })
                .layout(row.cell(Column.LAYOUT).isEmpty() ? null : row.cell(Column.LAYOUT))
                .topics(row.cells().containsKey(Column.TOPICS) ? topics(row.cell(Column.TOPICS)) : null)
                .date(Cells.date(row.cell(Column.DATE)).orElse(null))
                .summary(cell.apply(Column.SUMMARY))
                .searchTitle(cell.apply(Column.SEARCH_TITLE))
                .searchDescription(cell.apply(Column.SEARCH_DESCRIPTION))
                .text(row.cell(Column.TEXT).isEmpty() ? null : row.cell(Column.TEXT)));
    }

    private static Set<String> topics(String cell) {
        return Stream.of(cell.split("[,;|]"))
                .map(String::strip)
                .filter(topic -> !topic.isEmpty())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
