package velnik.server.storage;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import velnik.core.change.Change;
import velnik.core.compare.Difference;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.site.Assignment;
import velnik.core.site.Details;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/**
 * How changes, differences and releases are written down. Each stored text carries the number of its format; when a form
 * changes, the number goes up and the older one gets an upgrader in {@link #current}.
 */
@Component
class StoredForms {
    static final int FORMAT = 17;

    /** From the first format to the second, and so on. */
    private static final List<UnaryOperator<JsonNode>> UPGRADES = List.of(
            FormatTwo::upgraded,
            FormatThree::upgraded,
            FormatFour::upgraded,
            FormatFive::upgraded,
            FormatSix::upgraded,
            UnaryOperator.identity(), // format 7 knows the built-in pages, which nothing before it names
            FormatEight::upgraded,
            FormatNine::upgraded,
            FormatTen::upgraded,
            FormatEleven::upgraded,
            FormatTwelve::upgraded,
            FormatThirteen::upgraded,
            UnaryOperator.identity(), // 14 knows items that lead to places on pages
            FormatFifteen::upgraded,
            FormatSixteen::upgraded,
            FormatSeventeen::upgraded);

    private static final TypeReference<List<Change>> CHANGES = new TypeReference<>() {};

    private final JsonMapper json = StoredNames.in(JsonMapper.builder()
                    // Only what a value holds is written, not what it can be asked.
                    .changeDefaultVisibility(
                            visible -> visible.withVisibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                                    .withVisibility(PropertyAccessor.GETTER, JsonAutoDetect.Visibility.NONE)
                                    .withVisibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE)))
            .build();

    /** What the scripts of the schema cannot do by themselves. */
    static JavaMigration[] migrations() {
        StoredForms forms = new StoredForms();
        return new JavaMigration[] {new EarlierReleases(forms), new PagesAsOneText(forms)};
    }

    private record StoredRow<K, V>(K id, @Nullable K parent, V value) {}

    /** A whole site as a release has it, its rows in reading order; the bin is no part of it. */
    private record StoredSite(
            Details details,
            List<StoredRow<PageId, Page>> pages,
            Optional<PageId> home,
            List<StoredRow<MenuRowId, MenuRow>> menus,
            List<Layout> layouts,
            List<Assignment> assignments,
            List<Forward> forwards,
            List<SiteFile> files) {}

    <T> String write(T value, Class<T> type) {
        return json.writerFor(type).writeValueAsString(value);
    }

    <T> T read(int format, String text, Class<T> type) {
        return format == FORMAT ? json.readValue(text, type) : json.treeToValue(current(format, text), type);
    }

    /** What a column of its own holds, without the number of a form; it has had one form alone so far. */
    String writeColumn(Object value) {
        return json.writeValueAsString(value);
    }

    <T> T readColumn(String text, Class<T> type) {
        return json.readValue(text, type);
    }

    /** As {@link #readColumn}, for a list of such. */
    <T> List<T> readColumns(String text, Class<T> type) {
        return json.readerForListOf(type).readValue(text);
    }

    String writeChanges(List<Change> changes) {
        return json.writerFor(CHANGES).writeValueAsString(changes);
    }

    List<Change> readChanges(int format, String text) {
        return json.readValue(json.treeAsTokens(current(format, text)), CHANGES);
    }

    String writeDifference(Difference difference) {
        return json.writeValueAsString(difference);
    }

    Difference readDifference(int format, String text) {
        return read(format, text, Difference.class);
    }

    String writeSite(Site site) {
        return json.writeValueAsString(new StoredSite(
                site.details(),
                rows(site.pages()),
                Optional.ofNullable(site.home()),
                rows(site.menus()),
                site.layouts(),
                site.assignments(),
                site.forwards(),
                site.files()));
    }

    ObjectNode node() {
        return json.createObjectNode();
    }

    /** @throws tools.jackson.core.JacksonException also where an object has a name twice */
    JsonNode tree(String text) {
        return json.reader()
                .with(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY)
                .readTree(text);
    }

    JsonNode siteTree(Site site) {
        return tree(writeSite(site));
    }

    JsonNode siteTree(int format, JsonNode written) {
        return current(format, written);
    }

    String indented(JsonNode node) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(node);
    }

    /** @param tree in the newest format */
    Site readSite(JsonNode tree) {
        return site(json.treeToValue(tree, StoredSite.class));
    }

    /** Of {@link WholeSite}. */
    ObjectNode schema() {
        return SiteSchema.of(json, type -> json.serializationConfig().findMixInClassFor(type), StoredSite.class);
    }

    Site readSite(int format, String text) {
        return site(read(format, text, StoredSite.class));
    }

    private static Site site(StoredSite stored) {
        return new Site(
                stored.details(),
                outline(stored.pages()),
                stored.home().orElse(null),
                outline(stored.menus()),
                stored.layouts(),
                stored.assignments(),
                stored.forwards(),
                stored.files(),
                List.of(),
                Past.NONE);
    }

    /** What was written, as the newest format has it. */
    private JsonNode current(int format, String text) {
        return current(format, json.readTree(text));
    }

    private static JsonNode current(int format, JsonNode written) {
        if (format > FORMAT) {
            throw new IllegalStateException("this data was written by a newer Velnik (format " + format
                    + "); this one reads up to format " + FORMAT);
        }
        JsonNode node = written;
        for (UnaryOperator<JsonNode> upgrade : UPGRADES.subList(format - 1, UPGRADES.size())) {
            node = upgrade.apply(node);
        }
        return node;
    }

    private static <K, V> List<StoredRow<K, V>> rows(Outline<K, V> outline) {
        return outline.walk().stream()
                .map((Branch<K, V> row) -> new StoredRow<>(row.id(), row.parent(), row.value()))
                .toList();
    }

    private static <K, V> Outline<K, V> outline(List<StoredRow<K, V>> rows) {
        return Outline.of(rows.stream()
                .map(row -> new Outline.Entry<>(row.id(), row.parent(), row.value()))
                .toList());
    }
}
