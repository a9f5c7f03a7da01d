package velnik.server.storage;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.MenuChange;
import velnik.core.compare.Difference;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.RowDifference;
import velnik.core.site.Assignment;
import velnik.core.site.Details;
import velnik.core.site.FileHash;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Period;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.site.TextHash;

/**
 * How changes, differences and releases are written down. Each stored text carries the number of its format; when a form
 * changes, the number goes up and the older one gets an upgrader in {@link #current}.
 */
@Component
class StoredForms {
    static final int FORMAT = 15;

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
            FormatFifteen::upgraded);

    private static final TypeReference<List<Change>> CHANGES = new TypeReference<>() {};
    private static final TypeReference<List<Period>> PERIODS = new TypeReference<>() {};

    private final JsonMapper json = JsonMapper.builder()
            // Only what a value holds is written, not what it can be asked.
            .changeDefaultVisibility(
                    visible -> visible.withVisibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                            .withVisibility(PropertyAccessor.GETTER, JsonAutoDetect.Visibility.NONE)
                            .withVisibility(PropertyAccessor.IS_GETTER, JsonAutoDetect.Visibility.NONE))
            .addMixIn(PageId.class, Word.class)
            .addMixIn(MenuRowId.class, Word.class)
            .addMixIn(RemovalId.class, Word.class)
            .addMixIn(LayoutId.class, Word.class)
            .addMixIn(TextHash.class, Word.class)
            .addMixIn(FileId.class, Word.class)
            .addMixIn(FileHash.class, Word.class)
            .addMixIn(RowDifference.class, RowDifferenceForms.class)
            .addMixIn(MenuRow.class, MenuRowForms.class)
            .addMixIn(Joining.From.class, JoiningForms.class)
            .addMixIn(ItemKind.class, ItemKindForms.class)
            .addMixIn(ListSource.class, ListSourceForms.class)
            .addMixIn(Period.class, PeriodForms.class)
            .addMixIn(Scope.class, ScopeForms.class)
            .addMixIn(Assignment.Says.class, SaysForms.class)
            .addMixIn(Forward.Source.class, SourceForms.class)
            .addMixIn(Forward.Target.class, TargetForms.class)
            .addMixIn(Change.Leads.class, LeadsForms.class)
            .addMixIn(Change.class, ChangeForms.class)
            .build();

    /** A value that is written as the word it holds. */
    private abstract static class Word {
        @JsonCreator
        @SuppressWarnings("UnusedVariable") // a mix-in only lends its annotations
        Word(String value) {}

        @JsonValue
        abstract String value();
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = RowDifference.Added.class, name = "added"),
        @JsonSubTypes.Type(value = RowDifference.Removed.class, name = "removed"),
        @JsonSubTypes.Type(value = RowDifference.Moved.class, name = "moved"),
        @JsonSubTypes.Type(value = RowDifference.Altered.class, name = "altered")
    })
    private interface RowDifferenceForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = MenuRow.Menu.class, name = "menu"),
        @JsonSubTypes.Type(value = MenuRow.Item.class, name = "item")
    })
    private interface MenuRowForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Joining.From.Nowhere.class, name = "nowhere"),
        @JsonSubTypes.Type(value = Joining.From.TopLevel.class, name = "topLevel"),
        @JsonSubTypes.Type(value = Joining.From.Section.class, name = "section"),
        @JsonSubTypes.Type(value = Joining.From.Everywhere.class, name = "everywhere")
    })
    private interface JoiningForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ItemKind.ToPage.class, name = "page"),
        @JsonSubTypes.Type(value = ItemKind.ToPlace.class, name = "place"),
        @JsonSubTypes.Type(value = ItemKind.WebLink.class, name = "webLink"),
        @JsonSubTypes.Type(value = ItemKind.Mail.class, name = "mail"),
        @JsonSubTypes.Type(value = ItemKind.Phone.class, name = "phone"),
        @JsonSubTypes.Type(value = ItemKind.ToFile.class, name = "file"),
        @JsonSubTypes.Type(value = ItemKind.OfBusiness.class, name = "ofBusiness"),
        @JsonSubTypes.Type(value = ItemKind.Channels.class, name = "channels"),
        @JsonSubTypes.Type(value = ItemKind.Heading.class, name = "heading"),
        @JsonSubTypes.Type(value = ItemKind.Text.class, name = "text"),
        @JsonSubTypes.Type(value = ItemKind.OtherMenu.class, name = "otherMenu"),
        @JsonSubTypes.Type(value = ItemKind.PageList.class, name = "list")
    })
    private interface ItemKindForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = ListSource.WholeTree.class, name = "wholeTree"),
        @JsonSubTypes.Type(value = ListSource.Under.class, name = "under"),
        @JsonSubTypes.Type(value = ListSource.UnderVisited.class, name = "underVisited"),
        @JsonSubTypes.Type(value = ListSource.OfTopic.class, name = "ofTopic"),
        @JsonSubTypes.Type(value = ListSource.Newest.class, name = "newest")
    })
    private interface ListSourceForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Period.Once.class, name = "once"),
        @JsonSubTypes.Type(value = Period.Yearly.class, name = "yearly")
    })
    private interface PeriodForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Scope.Everywhere.class, name = "everywhere"),
        @JsonSubTypes.Type(value = Scope.Section.class, name = "section"),
        @JsonSubTypes.Type(value = Scope.OfLayout.class, name = "layout"),
        @JsonSubTypes.Type(value = Scope.OfTopic.class, name = "topic"),
        @JsonSubTypes.Type(value = Scope.Pages.class, name = "pages")
    })
    private interface ScopeForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Assignment.Says.Instead.class, name = "instead"),
        @JsonSubTypes.Type(value = Assignment.Says.Around.class, name = "around")
    })
    private interface SaysForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Forward.Source.At.class, name = "at"),
        @JsonSubTypes.Type(value = Forward.Source.Beneath.class, name = "beneath"),
        @JsonSubTypes.Type(value = Forward.Source.OfRemoved.class, name = "ofRemoved"),
        @JsonSubTypes.Type(value = Forward.Source.OfTopic.class, name = "ofTopic")
    })
    private interface SourceForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Forward.Target.ToPage.class, name = "page"),
        @JsonSubTypes.Type(value = Forward.Target.ToTopic.class, name = "topic"),
        @JsonSubTypes.Type(value = Forward.Target.Outside.class, name = "outside"),
        @JsonSubTypes.Type(value = Forward.Target.Gone.class, name = "gone")
    })
    private interface TargetForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Change.Leads.ToParent.class, name = "toParent"),
        @JsonSubTypes.Type(value = Change.Leads.ToPage.class, name = "toPage"),
        @JsonSubTypes.Type(value = Change.Leads.Nowhere.class, name = "nowhere")
    })
    private interface LeadsForms {}

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Change.BeginSite.class, name = "beginSite"),
        @JsonSubTypes.Type(value = Change.AddPages.class, name = "addPages"),
        @JsonSubTypes.Type(value = Change.RetitlePage.class, name = "retitlePage"),
        @JsonSubTypes.Type(value = Change.SetSlug.class, name = "setSlug"),
        @JsonSubTypes.Type(value = Change.SetSummary.class, name = "setSummary"),
        @JsonSubTypes.Type(value = Change.SetSearchWords.class, name = "setSearchWords"),
        @JsonSubTypes.Type(value = Change.SetPageWords.class, name = "setPageWords"),
        @JsonSubTypes.Type(value = Change.SetText.class, name = "setText"),
        @JsonSubTypes.Type(value = Change.SetForm.class, name = "setForm"),
        @JsonSubTypes.Type(value = Change.SetPicture.class, name = "setPicture"),
        @JsonSubTypes.Type(value = FileChange.AddFile.class, name = "addFile"),
        @JsonSubTypes.Type(value = FileChange.SetFile.class, name = "setFile"),
        @JsonSubTypes.Type(value = FileChange.ReplaceFile.class, name = "replaceFile"),
        @JsonSubTypes.Type(value = FileChange.RemoveFiles.class, name = "removeFiles"),
        @JsonSubTypes.Type(value = Change.MovePages.class, name = "movePages"),
        @JsonSubTypes.Type(value = Change.SetReach.class, name = "setReach"),
        @JsonSubTypes.Type(value = Change.SetMembersOnly.class, name = "setMembersOnly"),
        @JsonSubTypes.Type(value = Change.SetLayout.class, name = "setLayout"),
        @JsonSubTypes.Type(value = Change.AddLayout.class, name = "addLayout"),
        @JsonSubTypes.Type(value = Change.RenameLayout.class, name = "renameLayout"),
        @JsonSubTypes.Type(value = Change.RemoveLayout.class, name = "removeLayout"),
        @JsonSubTypes.Type(value = Change.SetTopics.class, name = "setTopics"),
        @JsonSubTypes.Type(value = Change.RenameTopic.class, name = "renameTopic"),
        @JsonSubTypes.Type(value = Change.RemoveTopic.class, name = "removeTopic"),
        @JsonSubTypes.Type(value = Change.SetDate.class, name = "setDate"),
        @JsonSubTypes.Type(value = Change.SetPeriods.class, name = "setPeriods"),
        @JsonSubTypes.Type(value = Change.SetWhenClosed.class, name = "setWhenClosed"),
        @JsonSubTypes.Type(value = Change.SetTimeZone.class, name = "setTimeZone"),
        @JsonSubTypes.Type(value = Change.SetDetails.class, name = "setDetails"),
        @JsonSubTypes.Type(value = Change.SetNewPages.class, name = "setNewPages"),
        @JsonSubTypes.Type(value = Change.SetModel.class, name = "setModel"),
        @JsonSubTypes.Type(value = Change.SetLock.class, name = "setLock"),
        @JsonSubTypes.Type(value = Change.SetSearchEngines.class, name = "setSearchEngines"),
        @JsonSubTypes.Type(value = Change.AddBuiltInPages.class, name = "addBuiltInPages"),
        @JsonSubTypes.Type(value = Change.RemovePages.class, name = "removePages"),
        @JsonSubTypes.Type(value = Change.SetForward.class, name = "setForward"),
        @JsonSubTypes.Type(value = Change.AllowOrigins.class, name = "allowOrigins"),
        @JsonSubTypes.Type(value = Change.SetLook.class, name = "setLook"),
        @JsonSubTypes.Type(value = Change.SetForwards.class, name = "setForwards"),
        @JsonSubTypes.Type(value = Change.BringBack.class, name = "bringBack"),
        @JsonSubTypes.Type(value = Change.BringSite.class, name = "bringSite"),
        @JsonSubTypes.Type(value = Change.CopyPages.class, name = "copyPages"),
        @JsonSubTypes.Type(value = Change.SetHome.class, name = "setHome"),
        @JsonSubTypes.Type(value = Change.SetGroup.class, name = "setGroup"),
        @JsonSubTypes.Type(value = Change.Restore.class, name = "restore"),
        @JsonSubTypes.Type(value = Change.EmptyBin.class, name = "emptyBin"),
        @JsonSubTypes.Type(value = MenuChange.AddMenu.class, name = "addMenu"),
        @JsonSubTypes.Type(value = MenuChange.RenameMenu.class, name = "renameMenu"),
        @JsonSubTypes.Type(value = MenuChange.SetAside.class, name = "setAside"),
        @JsonSubTypes.Type(value = MenuChange.SetJoining.class, name = "setJoining"),
        @JsonSubTypes.Type(value = MenuChange.SetNewItems.class, name = "setNewItems"),
        @JsonSubTypes.Type(value = MenuChange.AddItems.class, name = "addItems"),
        @JsonSubTypes.Type(value = MenuChange.PlacePages.class, name = "placePages"),
        @JsonSubTypes.Type(value = MenuChange.TakePagesOut.class, name = "takePagesOut"),
        @JsonSubTypes.Type(value = MenuChange.MoveItems.class, name = "moveItems"),
        @JsonSubTypes.Type(value = MenuChange.MoveMenus.class, name = "moveMenus"),
        @JsonSubTypes.Type(value = MenuChange.RemoveMenuRows.class, name = "removeMenuRows"),
        @JsonSubTypes.Type(value = MenuChange.CopyMenuRow.class, name = "copyMenuRow"),
        @JsonSubTypes.Type(value = MenuChange.SetItems.class, name = "setItems"),
        @JsonSubTypes.Type(value = MenuChange.SetItemKind.class, name = "setItemKind"),
        @JsonSubTypes.Type(value = MenuChange.FreezeList.class, name = "freezeList"),
        @JsonSubTypes.Type(value = MenuChange.DetachBranch.class, name = "detachBranch"),
        @JsonSubTypes.Type(value = MenuChange.AssignMenus.class, name = "assignMenus")
    })
    private interface ChangeForms {}

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
        return json.treeToValue(current(format, text), type);
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

    String writePeriods(List<Period> periods) {
        return json.writerFor(PERIODS).writeValueAsString(periods);
    }

    List<Period> readPeriods(String text) {
        // A column of its own, without the number of a form.
        ArrayNode periods = (ArrayNode) json.readTree(text);
        FormatNine.mend(periods);
        return json.readValue(json.treeAsTokens(periods), PERIODS);
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

    JsonNode tree(String text) {
        return json.readTree(text);
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
