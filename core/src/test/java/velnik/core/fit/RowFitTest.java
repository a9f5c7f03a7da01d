package velnik.core.fit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.fit.Adjustment.Kind;
import velnik.core.fit.Laid.Box;
import velnik.core.fit.Laid.State;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment.Says;
import velnik.core.site.ItemKind;
import velnik.core.site.Look;
import velnik.core.site.MenuRowId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Token;
import velnik.core.site.Zone;

/** A test in a browser holds the widths themselves to what is seen. */
public class RowFitTest {
    private static final double LITTLE = 0.001;

    private static RowFit fit(SiteScript script, Zone zone) {
        return RowFit.of(script.site(), script.navigation().forPage(script.page("Hire"))).stream()
                .filter(fit -> fit.zone() == zone)
                .findFirst()
                .orElseThrow();
    }

    private static SiteScript places(SiteScript script, Zone zone, Placing placing) {
        return script.does(new MenuChange.AssignMenus(
                zone,
                new Scope.Everywhere(),
                new Says.Instead(List.of(new PlacedMenu(script.menu("Signs"), placing)))));
    }

    private static Placing across() {
        return Placing.AS_THE_ZONE.withForm(Placing.Form.ACROSS);
    }

    /** Signs of made-up words, some with all that an item may have, in the header of a look that is tuned somehow. */
    private static SiteScript random(Random random) {
        SiteScript script = brackwater().addsMenu("Signs");
        MenuRowId signs = script.menu("Signs");
        int items = 1 + random.nextInt(14);
        for (int item = 0; item < items; item++) {
            String label = "Wharf Čeština Прокат 潮汐 Außen".substring(random.nextInt(8), 9 + random.nextInt(20));
            script.puts(new ItemKind.Text(), label.strip(), signs);
            MenuRowId added = script.latest();
            script.sets(
                    added,
                    ItemEdit.of(edit -> edit.weight(
                                    Appearance.Weight.values()[random.nextInt(Appearance.Weight.values().length)])
                            .icon(random.nextInt(3) == 0 ? "anchor" : "")
                            .iconAlone(random.nextBoolean())
                            .note(random.nextInt(4) == 0 ? "by the tide" : "")));
            if (random.nextInt(4) == 0) {
                script.puts(new ItemKind.Text(), "Beneath", added);
            }
        }
        script.does(
                new LookChange.SetLook(random.nextBoolean() ? Look.STAITHE : Look.WEIR),
                new LookChange.SetToken(Token.SIZE, String.valueOf(85 + random.nextInt(45))),
                new LookChange.SetToken(Token.SPACING, String.valueOf(60 + random.nextInt(90))));
        Placing placing = across();
        placing = new Placing(
                placing.form(),
                Optional.of(any(random, Placing.Size.values())),
                placing.alignment(),
                Optional.of(any(random, Placing.Width.values())),
                Optional.of(any(random, Placing.Gap.values())),
                Optional.of(any(random, Placing.Margin.values())),
                Optional.of(any(random, Placing.Overflow.values())),
                1,
                placing.levels(),
                false);
        return places(script, Zone.HEADER, placing);
    }

    private static <T> T any(Random random, T[] values) {
        return values[random.nextInt(values.length)];
    }

    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 30).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "seeds")
    public void lines_haveAllItemsInOrder_andNoneIsLongerThanTheRoom(int seed) {
        Random random = new Random(seed);
        RowFit fit = fit(random(random), Zone.HEADER);
        for (int each = 0; each < 20; each++) {
            Laid laid = fit.at(961 + random.nextInt(1600));
            List<Box> boxes = laid.lines().stream().flatMap(List::stream).toList();
            int shown = laid.state() == State.MORE || laid.state() == State.FOLDED ? boxes.size() - 1 : boxes.size();
            assertEquals(
                    shown + laid.behind(),
                    fit.at(2560).lines().stream().mapToInt(List::size).sum()
                            + fit.at(2560).behind()
                            - (fit.at(2560).behind() > 0 ? 1 : 0));
            for (List<Box> line : laid.lines()) {
                double end = 0;
                for (Box box : line) {
                    assertTrue(box.start() >= end - LITTLE, "boxes overlap");
                    end = box.start() + box.width();
                }
                assertTrue(end <= laid.room() + LITTLE || laid.state() == State.MORE && line.size() == 1);
            }
            assertEquals(laid.state() == State.HOLDS, laid.needs() <= laid.room());
            assertEquals(laid.over() == 0, laid.state() == State.HOLDS);
        }
    }

    @Test(dataProvider = "seeds")
    public void spans_areWhereItStandsInOneLine(int seed) {
        Random random = new Random(seed);
        RowFit fit = fit(random(random), Zone.HEADER);
        List<Spans.Span> spans = fit.holds();
        for (int each = 0; each < 40; each++) {
            int screen = 320 + random.nextInt(2241);
            assertEquals(
                    spans.stream().anyMatch(span -> span.from() <= screen && screen <= span.to()),
                    fit.at(screen).state() == State.HOLDS,
                    spans + " at " + screen);
        }
        for (Spans.Span span : spans) {
            assertEquals(fit.at(span.from()).state(), State.HOLDS);
            assertEquals(fit.at(span.to()).state(), State.HOLDS);
            assertTrue(span.from() == 320 || fit.at(span.from() - 1).state() != State.HOLDS);
            assertTrue(span.to() == 2560 || fit.at(span.to() + 1).state() != State.HOLDS);
        }
    }

    /** What is said of another way to place it is so once it is placed so. */
    @Test(dataProvider = "seeds")
    public void adjustments_doWhatTheySay(int seed) {
        Random random = new Random(seed);
        SiteScript script = random(random);
        RowFit fit = fit(script, Zone.HEADER);
        int screen = 961 + random.nextInt(700);
        Placing now = script.site().assignments().stream()
                .filter(assignment -> assignment.key().zone() == Zone.HEADER
                        && assignment.key().scope() instanceof Scope.Everywhere)
                .map(assignment ->
                        ((Says.Instead) assignment.says()).menus().getFirst().placing())
                .findFirst()
                .orElseThrow();
        assertEquals(
                fit.adjustments(screen).isEmpty(), fit.at(screen).state() == State.HOLDS, "help where none is needed");
        for (Adjustment adjustment : fit.adjustments(screen)) {
            Optional<Placing> other = placed(now, adjustment.kind());
            if (other.isPresent()) {
                Laid laid = fit(places(script, Zone.HEADER, other.get()), Zone.HEADER)
                        .at(screen);
                assertEquals(
                        laid.over(),
                        adjustment.kind() == Kind.MORE || adjustment.kind() == Kind.FOLD
                                ? fit.at(screen).over()
                                : adjustment.over(),
                        LITTLE);
                assertEquals(laid.behind(), adjustment.kind() == Kind.MORE ? adjustment.count() : laid.behind());
                assertEquals(
                        laid.over() == 0,
                        adjustment.holds() && adjustment.kind() != Kind.MORE && adjustment.kind() != Kind.FOLD);
            }
        }
    }

    private static Optional<Placing> placed(Placing now, Kind kind) {
        return switch (kind) {
            case FULL_WIDTH ->
                Optional.of(with(now, now.size(), Optional.of(Placing.Width.FULL), now.gap(), now.overflow()));
            case TIGHT_GAP ->
                Optional.of(with(now, now.size(), now.width(), Optional.of(Placing.Gap.TIGHT), now.overflow()));
            case SMALL_TYPE ->
                Optional.of(with(now, Optional.of(Placing.Size.SMALL), now.width(), now.gap(), now.overflow()));
            case TIGHT_AND_SMALL ->
                Optional.of(with(
                        now,
                        Optional.of(Placing.Size.SMALL),
                        now.width(),
                        Optional.of(Placing.Gap.TIGHT),
                        now.overflow()));
            case MORE -> Optional.of(with(now, now.size(), now.width(), now.gap(), Optional.of(Placing.Overflow.MORE)));
            case FOLD -> Optional.of(with(now, now.size(), now.width(), now.gap(), Optional.of(Placing.Overflow.FOLD)));
            case WIDER_SIDES, ICONS_ALONE, SHORTER_LABELS, FEWER_ITEMS -> Optional.empty();
        };
    }

    private static Placing with(
            Placing now,
            Optional<Placing.Size> size,
            Optional<Placing.Width> width,
            Optional<Placing.Gap> gap,
            Optional<Placing.Overflow> overflow) {
        return new Placing(
                now.form(), size, now.alignment(), width, gap, now.margin(), overflow, 1, now.levels(), false);
    }

    /** So many of the last items less, and one fewer is not enough. */
    @Test
    public void fewerItems_areJustEnough() {
        SiteScript script = brackwater();
        RowFit fit = fit(script, Zone.HEADER);
        int fewer = fit.adjustments(1024).stream()
                .filter(adjustment -> adjustment.kind() == Kind.FEWER_ITEMS)
                .findFirst()
                .orElseThrow()
                .count();
        Laid now = fit.at(1024);
        List<Box> boxes = now.lines().stream().flatMap(List::stream).toList();
        double gap = boxes.get(1).start() - boxes.get(0).width();
        double left = boxes.stream()
                        .limit(boxes.size() - fewer)
                        .mapToDouble(box -> box.width() + gap)
                        .sum()
                - gap;
        assertTrue(left <= now.room());
        assertTrue(left + gap + boxes.get(boxes.size() - fewer).width() > now.room());
    }

    @DataProvider
    public Object[][] sentences() {
        return new Object[][] {
            {Look.STAITHE, "In one line from 1,254 px on.", 1024, "In 2 lines; 210 px too long for one"},
            {Look.STAITHE, "In one line from 1,254 px on.", 1280, "In one line, 23 px to spare"},
            {Look.STAITHE, "In one line from 1,254 px on.", 960, "In the drawer"},
            {Look.WEIR, "In one line from 967 px on.", 961, "In 2 lines; 6 px too long for one"},
        };
    }

    /** Figures that were seen in a browser. */
    @Test(dataProvider = "sentences")
    public void owner_isToldInWords(Look look, String holds, int screen, String at) {
        SiteScript script = brackwater().does(new LookChange.SetLook(look));
        RowFit fit = fit(script, Zone.HEADER);
        assertEquals(FitWords.holds(fit, fit.holds()), holds);
        assertEquals(FitWords.at(fit, fit.at(screen)), at);
    }

    /** At the side and on a sheet nothing stands across, so there is nothing to tell. */
    @Test
    public void looksWithoutARow_haveNone() {
        for (Look look : List.of(Look.TOWPATH, Look.TIDETABLE)) {
            SiteScript script = brackwater().does(new LookChange.SetLook(look));
            assertTrue(RowFit.of(script.site(), script.navigation().forPage(script.page("Hire"))).stream()
                    .noneMatch(fit -> fit.zone() == Zone.HEADER));
        }
    }

    @Test
    public void absurdRows_areToldToo() {
        SiteScript script = brackwater().addsMenu("Signs");
        MenuRowId signs = script.menu("Signs");
        script.puts(new ItemKind.Text(), "W".repeat(200), signs);
        RowFit alone = fit(places(script, Zone.HEADER, across()), Zone.HEADER);
        assertEquals(FitWords.holds(alone, alone.holds()), "Too long for one line at every width.");
        assertTrue(FitWords.at(alone, alone.at(1280)).startsWith("The words go on in a second line; "));
        IntStream.range(0, 60).forEach(item -> script.puts(new ItemKind.Text(), "潮汐表 " + item, signs));
        for (Placing.Overflow overflow : Placing.Overflow.values()) {
            Placing placing =
                    with(across(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(overflow));
            RowFit many = fit(places(script, Zone.HEADER, placing), Zone.HEADER);
            assertFalse(many.isKnown());
            assertFalse(many.at(961).lines().isEmpty());
            assertFalse(many.adjustments(961).isEmpty());
        }
    }

    @DataProvider
    public Object[][] words() {
        return new Object[][] {
            {"figtree", "AV", 400, "A", "V"}, // drawn together
            {"lora", "To", 400, "T", "o"},
        };
    }

    @Test(dataProvider = "words")
    public void pairs_areDrawnTogether(String family, String pair, int weight, String left, String right) {
        Face face = Face.of(family);
        assertTrue(face.width(pair, weight) < face.width(left, weight) + face.width(right, weight));
    }

    /** However its accents are put together. */
    @Test
    public void accents_areComposed() {
        Face face = Face.of("figtree");
        assertEquals(face.width("Cafe\u0301", 400), face.width("Café", 400));
        assertTrue(face.has("Cafe\u0301"));
        assertFalse(face.has("Прокат"));
    }
}
