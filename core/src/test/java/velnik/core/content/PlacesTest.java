package velnik.core.content;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.entry.FoundPlaces;
import velnik.core.menus.OwnAddresses;
import velnik.core.navigation.Marks;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Target;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRowId;
import velnik.core.site.Reach;
import velnik.core.site.Zone;

/** Places on pages: what headings are called by, that they stay called so, and what leads to them. */
public class PlacesTest {

    @DataProvider
    public Object[][] named() {
        return new Object[][] {
            {"## Prices & terms", "prices-terms: Prices & terms"},
            {"## Prices\n\n## Prices", "prices: Prices, prices-2: Prices"},
            {"## Rates {#prices}\n\n## Prices", "prices: Rates, prices-2: Prices"},
            {"## Prices\n\n## Rates {#prices}", "prices-2: Prices, prices: Rates"},
            {"## A {#x}\n\n## B {#x}", "x: A, x-2: B"},
            {"## Rates {#prices} and terms ##", "prices: Rates and terms"},
            {"Rates {#prices}\n===", "prices: Rates"},
            {"> ## *Rates* {#prices}\n\n- # In a list", "prices: Rates, in-a-list: In a list"},
            {"## {#prices}", "prices: "},
            {"## `{#code}`", "code: {#code}"},
            {"## Rates {#Prices} {#no name}", "rates-prices-no-name: Rates {#Prices} {#no name}"},
            {"## Content\n\n## Größe\n\n## F1", "content-2: Content, grosse: Größe, f1-2: F1"},
            {"words {#prices}\n\n    ## code", ""},
            {"##", "page: "},
        };
    }

    @Test(dataProvider = "named")
    public void headingsAreCalled_byWhatTheySay_elseByTheirWords(String text, String places) {
        assertEquals(
                Markdown.places(text).stream()
                        .map(place -> place.name() + ": " + place.words())
                        .collect(joining(", ")),
                places);
    }

    @DataProvider
    public Object[][] changed() {
        return new Object[][] {
            {"## Prices", "## Rates", "## Rates {#prices}"},
            {"## Prices", "## Rates ##", "## Rates {#prices} ##"},
            {"## Prices", "## ", "## {#prices}"},
            {"Prices\n===", "Our *rates*\n===", "Our *rates* {#prices}\n==="},
            {"## Prices", "## Prices", "## Prices"},
            {"## Prices\n\nwords", "words", "words"},
            {"## Prices\n\n## B", "## B\n\n## Prices", "## B\n\n## Prices"},
            {"## A\n\n## Prices\n\n## B", "## A\n\n## Rates\n\n## B", "## A\n\n## Rates {#prices}\n\n## B"},
            {"## A\n\n## Prices\n\n## B", "## Rates\n\n## A\n\n## B", "## Rates\n\n## A\n\n## B"},
            {"## A\n\n## Prices\n\n## B", "## A\n\n## Fees {#fees}\n\n## B", "## A\n\n## Fees {#fees}\n\n## B"},
            {"## Old\n\n## Prices", "## New\n\n## Rates", "## New\n\n## Rates {#prices}"},
            {"## Rates {#prices}", "## Fees {#prices}", "## Fees {#prices}"},
            {"## Rates {#prices}", "## Fees", "## Fees {#prices}"},
            {"> - ## Prices", "> - ## Rates\n>   more", "> - ## Rates {#prices}\n>   more"},
            {"no heading", "## Rates", "## Rates"},
        };
    }

    /** Of all names only {@code prices} is one to keep. */
    @Test(dataProvider = "changed")
    public void aHeadingThatIsRenamed_keepsItsName(String before, String text, String kept) {
        assertEquals(LastingNames.in(text, Markdown.places(before), () -> Set.of("prices")), kept);
        assertEquals(LastingNames.in(kept, Markdown.places(before), () -> Set.of("prices")), kept, "again");
        assertEquals(LastingNames.in(text, Markdown.places(before), Set::of), text, "nothing leads there");
    }

    /** Whatever is done to the headings one by one, each goes on being found by the name it had first. */
    @Test
    public void namesLast_overManyChanges() {
        Random random = new Random(33);
        for (int run = 0; run < 40; run++) {
            List<String> headings = new ArrayList<>(List.of("Prices", "Terms", "Opening", "Where we are"));
            List<String> names = new ArrayList<>(List.of("prices", "terms", "opening", "where-we-are"));
            String text = text(headings);
            for (int step = 0; step < 30; step++) {
                List<String> now = new ArrayList<>(List.of(text.split("\n\n")).stream()
                        .map(line -> line.substring(3))
                        .toList());
                int at = random.nextInt(now.size());
                String said = now.get(at).replaceAll("^[^{]*", "");
                switch (random.nextInt(3)) {
                    case 0 -> now.set(at, "Words " + run + " " + step + " " + said);
                    case 1 -> now.set(at, now.get(at).substring(1)); // a letter goes
                    default -> {
                        now.add(at, "Fresh " + step);
                        names.add(at, "fresh-" + step);
                    }
                }
                text = LastingNames.in(text(now), Markdown.places(text), () -> Set.copyOf(names));
                assertEquals(Markdown.places(text).stream().map(TextPlace::name).toList(), names, text);
            }
        }
    }

    private static String text(List<String> headings) {
        return headings.stream().map(heading -> "## " + heading.strip()).collect(joining("\n\n"));
    }

    @Test
    public void whatLeadsToAPlace_keepsItsName() {
        SiteScript script = brackwater().writes("Canoes", "## Prices\n\n## Terms\n\n[up](#terms)");
        MenuRowId item = prices(script);
        script.writes("Canoes", "## Rates\n\n## Small print\n\n[up](#terms)").writes("Hulls", "[](page:canoes#rates)");
        assertEquals(script.text("Canoes"), "## Rates {#prices}\n\n## Small print {#terms}\n\n[up](#terms)");
        NavigationRow row = script.navigation().forPage(script.page("Hulls")).in(Zone.FOOTER).stream()
                .flatMap(menu -> menu.rows().stream())
                .filter(each -> each.key().item().equals(item))
                .findFirst()
                .orElseThrow();
        assertEquals(row.target(), new Target.ToPlace(script.page("Canoes"), "prices"));
    }

    private static MenuRowId prices(SiteScript script) {
        script.puts(new ItemKind.ToPlace(script.page("Canoes"), "prices"), "Prices", script.menu("Footer"));
        return script.latest();
    }

    /** It is got as its page is, and is not what the visitor looks at on that page. */
    @Test
    public void anItemLeadsToAPlace_whereItsPageCanBeGot() {
        SiteScript script = brackwater();
        MenuRowId item = prices(script);
        assertTrue(script.sees("Canoes", Zone.FOOTER).contains(", Prices |"), script.sees("Canoes", Zone.FOOTER));
        Marks marks = script.navigation()
                .forPage(script.page("Canoes"))
                .marks(Zone.FOOTER, script.menu("Footer"), Device.WIDE);
        assertEquals(marks.current(), Set.of());
        script.setsReach("Canoes", Reach.HELD_BACK);
        assertEquals(script.whyNot(item), "Its page is held back.");
        script.removes("Canoes");
        assertEquals(script.whyNot(item), "Its page is in the bin.");
    }

    @DataProvider
    public Object[][] addresses() {
        return new Object[][] {
            {"/hire/canoes#prices", "ToPlace[page=canoes, name=prices]"},
            {"/hire/canoes", "ToPage[page=canoes, carries=0]"},
            {"/hire/canoes#", "ToPage[page=canoes, carries=0]"},
            {"/hire/canoes#Prices", ""},
            {"/hire/canoes?a=b#prices", ""},
            {"/moorings#prices", ""},
            {"/never/was#prices", ""},
        };
    }

    @Test(dataProvider = "addresses")
    public void anOwnAddress_isThePageOrThePlace(String address, String kind) {
        assertEquals(
                OwnAddresses.read(brackwater().site(), address)
                        .map(ItemKind::toString)
                        .orElse(""),
                kind);
    }

    @Test
    public void aPlaceOnNoPage_isRefused() {
        SiteScript script = brackwater();
        MenuRowId item = prices(script);
        script.refuses(
                new MenuChange.SetItemKind(item, new ItemKind.ToPlace(script.page("Moorings"), "prices")),
                Refusal.NoTextOf.class);
        script.refuses(
                new MenuChange.SetItemKind(item, new ItemKind.ToPlace(script.page("Hulls"), "a b")),
                Refusal.LinkRefused.class,
                "“#a b” names no place on a page.");
    }

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"prices", "canoes#prices-and-terms, hire#our-prices"},
            {"#prices and terms", "canoes#prices-and-terms"},
            {"canoes prices", "canoes#prices-and-terms"},
            {"hire", ""},
            {"#", ""},
            {"knots", ""},
        };
    }

    @Test(dataProvider = "typed")
    public void placesAreFound_byTheirHeadings(String typed, String found) {
        SiteScript script = brackwater().writes("Hire", "## Our prices").writes("Canoes", "## Prices and terms");
        assertEquals(
                FoundPlaces.of(script.site(), script.texts(), typed, 5).stream()
                        .map(each -> each.page() + "#" + each.place().name())
                        .collect(joining(", ")),
                found);
    }
}
