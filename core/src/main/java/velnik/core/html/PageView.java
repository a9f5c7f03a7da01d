package velnik.core.html;

import gg.jte.Content;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.StringJoiner;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import velnik.core.content.Picture;
import velnik.core.navigation.Marks;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Target;
import velnik.core.site.Appearance;
import velnik.core.site.Channel;
import velnik.core.site.Device;
import velnik.core.site.Icons;
import velnik.core.site.ItemKind;
import velnik.core.site.LayoutId;
import velnik.core.site.PageId;
import velnik.core.site.Zone;

/**
 * Everything the page template writes, decided beforehand.
 *
 * @param page null where a site has no page of its own for addresses that lead nowhere
 * @param canonical the page's absolute address; null where it has none or the site's address is not known
 * @param searchTitle what search engines and shared links call it; empty for its title
 * @param description what they say of it; empty for nothing
 * @param date that visitors take the page to be of; null when it has none
 * @param picture shown over its text; null for none
 * @param sharedPicture the absolute address of what a shared link shows; null for nothing
 * @param zones the menus of each, in order
 * @param text safe HTML
 * @param topics listings of the topics it has
 * @param structured what search engines are told beside it, as JSON-LD; null for nothing
 */
@RecordBuilder
public record PageView(
        Frame frame,
        SiteView site,
        @Nullable PageId page,
        String title,
        String summary,
        String searchTitle,
        String description,
        @Nullable Day date,
        @Nullable Picture picture,
        @Nullable String sharedPicture,
        @Nullable String canonical,
        boolean noIndex,
        LayoutId layout,
        Map<Zone, List<MenuView>> zones,
        List<Step> trail,
        String text,
        List<Link> subpages,
        List<Link> topics,
        @Nullable String structured,
        MenuAddresses addresses,
        BlockViews blocks,
        WrittenRows written)
        implements PageViewBuilder.With {

    /** A step of the breadcrumb trail; without an address it is words only. */
    public record Step(String title, @Nullable String address) {}

    /** @param date null where what it leads to has none */
    public record Link(
            String title, String summary, @Nullable Day date, String address) {}

    /** A day for machines, as in 2026-11-28, and for people. */
    public record Day(String written, String read) {}

    /** Writes the address of a row's page. */
    @FunctionalInterface
    public interface MenuAddresses {
        String of(PageId page);
    }

    public String windowTitle() {
        if (!searchTitle.isEmpty()) {
            return searchTitle;
        }
        return site.name().isEmpty() || title.equals(site.name()) ? title : title + " · " + site.name();
    }

    /** What a shared link is called. */
    public String sharedTitle() {
        return searchTitle.isEmpty() ? title : searchTitle;
    }

    public @Nullable String pageId() {
        return page == null ? null : page.value();
    }

    /** The menus of a zone, in order. */
    public List<MenuView> menus(Zone zone) {
        return zones.getOrDefault(zone, List.of());
    }

    /** The rows of a menu as they are written. */
    public Content rowsOf(MenuView menu) {
        return written.of(this, menu);
    }

    /** The content block of a row that is one. */
    public BlockView blockOf(NavigationRow row) {
        return blocks.of((Target.Shown) row.target());
    }

    /** What those hear of a map who do not see it. */
    public String mapOf(BlockView.Mapped mapped) {
        return frame.words().say("map.of", Map.of("position", mapped.position()));
    }

    /** Rows each of which is a word: of a content block, one that opens it. */
    public List<NavigationRow> behindWords(List<NavigationRow> rows) {
        return behindWords(rows, block -> true);
    }

    /** Rows of which none is a form: a word opens it where there is little room. */
    public List<NavigationRow> formsBehindWords(List<NavigationRow> rows) {
        return behindWords(rows, ItemKind.Block.FormOf.class::isInstance);
    }

    private List<NavigationRow> behindWords(List<NavigationRow> rows, Predicate<ItemKind.Block> which) {
        return rows.stream()
                .map(row -> row.target() instanceof Target.Shown shown && which.test(shown.block())
                        ? behindWord(row, shown)
                        : row)
                .toList();
    }

    /** How the row shows is how the word does, which says its title too; only where it leads goes for the block. */
    private NavigationRow behindWord(NavigationRow row, Target.Shown shown) {
        Appearance leading = Appearance.PLAIN
                .withNewTab(row.appearance().newTab())
                .withRelation(row.appearance().relation());
        List<NavigationRow> opened = new ArrayList<>(List.of(row.with()
                .target(shown.behindItsTitle())
                .appearance(leading)
                .rows(List.of())
                .build()));
        opened.addAll(row.rows());
        return row.with()
                .label(blocks.called(shown, row.label()))
                .target(new Target.Nowhere())
                .opensOnly(true)
                .rows(opened)
                .build();
    }

    /** What the landmark of a zone is called for those who cannot see where it is. */
    public String label(Zone zone) {
        return frame.say("zone." + zone.word());
    }

    /** What the style sheet lays the page out by. */
    public String ground() {
        return (menus(Zone.SIDEBAR).isEmpty() ? "" : "with-sidebar ")
                + (menus(Zone.BESIDE).isEmpty() ? "" : "with-beside ")
                + "layout-" + layout.value().toLowerCase(Locale.ROOT);
    }

    /** The item of a row, where rows say which they are. */
    public @Nullable String itemOf(NavigationRow row) {
        return frame.pointed() ? row.key().item().value() : null;
    }

    /** The page of a row that has one, likewise. */
    public @Nullable String pageOf(NavigationRow row) {
        return row.page() == null || !frame.pointed() ? null : row.page().value();
    }

    /** A word for the ids that belong to a row. */
    public String anchorOf(NavigationRow row) {
        return row.key().page() == null
                ? row.key().item().value()
                : row.key().item().value() + "-" + row.key().page().value();
    }

    public @Nullable String classesOf(NavigationRow row, Marks marks) {
        Appearance appearance = row.appearance();
        return words(
                marks.isCurrent(row) ? "current" : marks.isInTrail(row) ? "in-trail" : "",
                switch (appearance.weight()) {
                    case PLAIN -> "";
                    case STRONG -> "strong";
                    case BUTTON -> "button";
                },
                appearance.farEnd() ? "far" : "",
                appearance.accent() ? "accented" : "",
                row.isBlock() ? "block" : "",
                switch (appearance.panel()) {
                    case UNDER -> "";
                    case AT_START -> "opens-at-start";
                    case AT_END -> "opens-at-end";
                    case ACROSS -> "opens-across";
                });
    }

    /** Those that are not empty, with spaces between them; null for none. A loop, since each row of each menu asks. */
    private static @Nullable String words(String... words) {
        StringJoiner joined = new StringJoiner(" ");
        for (String word : words) {
            if (!word.isEmpty()) {
                joined.add(word);
            }
        }
        return joined.length() == 0 ? null : joined.toString();
    }

    /** How what is beneath a row is laid out; null for a list. */
    public @Nullable String panelOf(NavigationRow row) {
        return switch (row.appearance().arrangement()) {
            case LIST -> null;
            case TWO_BESIDE, THREE_BESIDE, FOUR_BESIDE, FIVE_BESIDE ->
                "panel abreast abreast-" + row.appearance().arrangement().columns();
            case SWITCHED_AT_START -> "panel switched at-start";
            case SWITCHED_ABOVE -> "panel switched above";
            case SWITCHED_AT_END -> "panel switched at-end";
            case SWITCHED_BELOW -> "panel switched below";
        };
    }

    /** Whether of rows that show one at a time it is the one that shows until somebody switches. */
    public boolean isShownFirst(List<NavigationRow> rows, NavigationRow row, Device device) {
        return rows.stream()
                .filter(each -> each.isOn(device) && each.opensOn(device))
                .findFirst()
                .filter(first -> first.key().equals(row.key()))
                .isPresent();
    }

    /** By which others find a row; null for none. */
    public @Nullable String hookOf(NavigationRow row) {
        return row.appearance().hook().isEmpty() ? null : row.appearance().hook();
    }

    /** What browsers and search engines are told of a link; null for nothing. */
    public @Nullable String relationOf(NavigationRow row) {
        return words(
                row.appearance().newTab() ? "noopener" : "",
                switch (row.appearance().relation()) {
                    case ORDINARY -> "";
                    case NOT_VOUCHED_FOR -> "nofollow";
                    case PAID -> "sponsored";
                });
    }

    /** What shows right beneath a row, as in "3 pages". */
    public String count(NavigationRow row, Device device) {
        int count = row.countOn(device);
        boolean pages =
                row.rows().stream().filter(beneath -> beneath.isOn(device)).allMatch(beneath -> beneath.page() != null);
        return frame.words().counted(pages ? "pages" : "entries", count);
    }

    /** What the button that shows what is beneath a row is called. */
    public String under(NavigationRow row) {
        return frame.words().say("under", Map.of("label", row.label()));
    }

    /** What a row of channels leads to; none for every other row. */
    public List<Channel> channelsOf(NavigationRow row) {
        return row.target() instanceof Target.ToChannels(List<Channel> channels) ? channels : List.of();
    }

    public @Nullable String drawing(Channel channel) {
        return Icons.drawingOf(channel.icon());
    }

    /** The picture beside a row's label; null where it has none. */
    public @Nullable Picture pictureOf(NavigationRow row) {
        return blocks.picture(row.appearance().picture());
    }

    /** The path of a row's icon; null where it has none. */
    public @Nullable String drawing(NavigationRow row) {
        return Icons.drawingOf(row.appearance().icon());
    }

    public @Nullable String addressOf(NavigationRow row) {
        return switch (row.target()) {
            case Target.ToPage(PageId to) -> addresses.of(to);
            case Target.ToPlace(PageId to, String name) -> addresses.of(to) + "#" + name;
            case Target.ToAddress(String href, boolean ofThisSite) ->
                ofThisSite ? frame.addresses().write(href) : href;
            case Target.ToChannels channels -> null;
            case Target.Shown shown -> shown.leadsTo() == null ? null : addresses.of(shown.leadsTo());
            case Target.Nowhere() -> null;
        };
    }
}
