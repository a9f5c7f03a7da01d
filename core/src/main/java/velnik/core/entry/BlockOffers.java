package velnik.core.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import velnik.core.entry.Offers.Offer;
import velnik.core.navigation.BlockLabels;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.text.Latin;

/** The content blocks that a menu can have. */
final class BlockOffers {
    /** Of each kind of which there may be many. */
    private static final int MANY = 5;

    private static final int SEVERAL_WORDS = 4;

    /** What a block says before its owner has said anything. */
    private static final String FEW_WORDS = "A few words";

    /** By what else they are asked for, without accents and capitals. */
    private static final Map<Class<? extends ItemKind.Block>, Set<String>> CALLED = Map.of(
            ItemKind.Block.SearchField.class, Set.of("search", "search box", "find"),
            ItemKind.Block.ContactCard.class,
                    Set.of("contact", "contact us", "address", "our address", "opening hours", "hours", "card"),
            ItemKind.Block.PositionMap.class, Set.of("map", "position", "where we are", "find us", "directions"),
            ItemKind.Block.FormOf.class, Set.of("form", "enquiry", "enquiry form", "contact form", "enquiries"));

    private static final Set<String> PICTURES = Set.of("picture", "pictures", "photo", "image");

    private BlockOffers() {}

    /** One of each kind, to begin with, as far as the site has what it shows; forms of several pages. */
    static Stream<Offer> ofThemselves(Site site) {
        List<ItemKind.Block> blocks = new ArrayList<>(List.of(new ItemKind.Block.Words(FEW_WORDS)));
        site.files().reversed().stream()
                .filter(file -> file.content().isPicture())
                .findFirst()
                .ifPresent(file -> blocks.add(picture(file)));
        site.pages().walk().stream()
                .filter(row -> !row.value().summary().isEmpty() && !site.isHome(row.id()))
                .findFirst()
                .ifPresent(row -> blocks.add(new ItemKind.Block.SummaryOf(row.id())));
        blocks.addAll(ofSite(site));
        return blocks.stream().map(block -> new Offer.OfBlock(block, BlockLabels.of(site, block)));
    }

    /** Those about the site as a whole, and the forms of its pages. */
    private static List<ItemKind.Block> ofSite(Site site) {
        List<ItemKind.Block> blocks = new ArrayList<>();
        if (site.builtIn(PageKind.SEARCH).isPresent()) {
            blocks.add(new ItemKind.Block.SearchField());
        }
        if (!site.details().contact().isNone() || !site.details().hours().isNone()) {
            blocks.add(new ItemKind.Block.ContactCard());
        }
        if (site.details().position() != null) {
            blocks.add(new ItemKind.Block.PositionMap());
        }
        site.pages().walk().stream()
                .filter(row -> row.value().form() != null)
                .limit(MANY)
                .forEach(row -> blocks.add(new ItemKind.Block.FormOf(row.id())));
        return blocks;
    }

    private static ItemKind.Block picture(SiteFile file) {
        return new ItemKind.Block.Picture(file.id(), ItemKind.Block.Side.BELOW);
    }

    static Offer summary(Site site, PageId page) {
        ItemKind.Block block = new ItemKind.Block.SummaryOf(page);
        return new Offer.OfBlock(block, BlockLabels.of(site, block));
    }

    /** Of so many words that they are more likely read than pressed. */
    static Optional<Offer> words(String text) {
        return text.length() <= Limits.BLOCK_WORDS && text.split("\\s+").length >= SEVERAL_WORDS
                ? Optional.of(new Offer.OfBlock(new ItemKind.Block.Words(text), text))
                : Optional.empty();
    }

    /** Those about the site as a whole that are called what is wanted. */
    static List<Offer> of(Site site, String wanted) {
        return ofSite(site).stream()
                .filter(block -> isCalled(block, wanted) || Rank.of(Latin.of(BlockLabels.of(site, block)), wanted) >= 0)
                .<Offer>map(block -> new Offer.OfBlock(block, BlockLabels.of(site, block)))
                .toList();
    }

    /** @param whole those whose whole name is wanted; else all others that it could mean */
    static List<Offer> pictures(Site site, String wanted, boolean whole) {
        boolean any = PICTURES.contains(wanted);
        return site.files().stream()
                .filter(file -> file.content().isPicture())
                .filter(file -> {
                    int rank = Rank.of(Latin.of(file.name()), wanted);
                    return whole ? rank == 0 : rank > 0 || any && rank != 0;
                })
                .limit(MANY)
                .<Offer>map(file -> new Offer.OfBlock(picture(file), file.name()))
                .toList();
    }

    private static boolean isCalled(ItemKind.Block block, String wanted) {
        return CALLED.getOrDefault(block.getClass(), Set.of()).contains(wanted);
    }
}
