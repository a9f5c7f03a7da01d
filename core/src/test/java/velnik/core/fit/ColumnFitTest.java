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
import velnik.core.fit.Laid.State;
import velnik.core.fit.Stacked.Label;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment.Says;
import velnik.core.site.ItemKind;
import velnik.core.site.Look;
import velnik.core.site.MenuRowId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Placing.Form;
import velnik.core.site.Scope;
import velnik.core.site.Token;
import velnik.core.site.Zone;

/** A test in a browser holds the widths themselves to what is seen. */
public class ColumnFitTest {
    private static final double LITTLE = 0.001;
    private static final List<Form> FORMS = List.of(Form.DOWN, Form.FOLDING, Form.FLYING_OUT, Form.COLUMNS);

    private static List<ColumnFit> fits(SiteScript script) {
        return ColumnFit.of(script.site(), script.navigation().forPage(script.page("Hire")));
    }

    private static ColumnFit fit(SiteScript script, Zone zone) {
        return fits(script).stream()
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

    /** Signs of made-up words on up to three levels, some with all that an item may have, in a look tuned somehow. */
    private static SiteScript random(Random random, Zone zone, Placing placing) {
        SiteScript script = brackwater().addsMenu("Signs");
        MenuRowId above = script.menu("Signs");
        for (int item = 0; item < 12; item++) {
            MenuRowId parent = random.nextInt(3) == 0 ? above : script.menu("Signs");
            String label = "Winter storage under cover, Čeština Прокат 潮汐"
                    .substring(random.nextInt(8), 9 + random.nextInt(35));
            script.puts(new ItemKind.Text(), label.strip(), parent);
            above = script.latest();
            script.sets(
                    above,
                    ItemEdit.of(edit -> edit.weight(
                                    Appearance.Weight.values()[random.nextInt(Appearance.Weight.values().length)])
                            .icon(random.nextInt(3) == 0 ? "anchor" : "")
                            .iconAlone(random.nextBoolean())));
        }
        script.does(
                new LookChange.SetLook(Look.values()[random.nextInt(Look.values().length)]),
                new LookChange.SetToken(Token.SIZE, String.valueOf(85 + random.nextInt(45))),
                new LookChange.SetToken(Token.SIDES, String.valueOf(75 + random.nextInt(50))));
        return places(script, zone, placing);
    }

    private static Placing placing(Form form, Placing.Size size, Placing.Width width) {
        Placing zone = Placing.AS_THE_ZONE;
        return new Placing(
                Optional.of(form),
                Optional.of(size),
                zone.alignment(),
                Optional.of(width),
                zone.gap(),
                zone.margin(),
                zone.overflow(),
                1,
                Optional.of(5),
                false);
    }

    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 40).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    private static <T> T any(Random random, List<T> values) {
        return values.get(random.nextInt(values.size()));
    }

    @Test(dataProvider = "seeds")
    public void spans_areWhereEachLabelHasItsLine_andAdjustmentsDoWhatTheySay(int seed) {
        Random random = new Random(seed);
        Zone zone = any(random, List.of(Zone.SIDEBAR, Zone.BESIDE, Zone.BELOW, Zone.FOOTER, Zone.PHONE_DRAWER));
        Form form = any(random, FORMS);
        Placing.Size size = any(random, List.of(Placing.Size.values()));
        Placing.Width width = any(random, List.of(Placing.Width.values()));
        SiteScript script = random(random, zone, placing(form, size, width));
        String sides = script.site().details().tuning().values().getOrDefault(Token.SIDES, "100");
        ColumnFit fit = fit(script, zone);
        List<Spans.Span> spans = fit.holds();
        for (int each = 0; each < 20; each++) {
            int screen = 320 + random.nextInt(2241);
            Stacked stacked = fit.at(screen);
            boolean holds = spans.stream().anyMatch(span -> span.from() <= screen && screen <= span.to());
            assertEquals(stacked.state() == State.HOLDS, holds, spans + " at " + screen);
            assertEquals(stacked.state() == State.WRAPS, !stacked.tooLong().isEmpty());
            assertEquals(fit.adjustments(screen).isEmpty(), stacked.state() != State.WRAPS);
            for (Adjustment adjustment : fit.adjustments(screen)) {
                switch (adjustment.kind()) {
                    case SMALL_TYPE -> places(script, zone, placing(form, Placing.Size.SMALL, width));
                    case FULL_WIDTH -> places(script, zone, placing(form, size, Placing.Width.FULL));
                    case WIDER_SIDES ->
                        script.does(new LookChange.SetToken(Token.SIDES, String.valueOf(adjustment.count())));
                    default -> {
                        continue;
                    }
                }
                Stacked then = fit(script, zone).at(screen);
                assertEquals(then.state() == State.HOLDS, adjustment.holds(), adjustment.toString());
                assertEquals(Math.max(0, then.over()), adjustment.over(), LITTLE);
                places(script, zone, placing(form, size, width)).does(new LookChange.SetToken(Token.SIDES, sides));
            }
        }
    }

    @Test
    public void deeperLabels_haveLessRoom_andHeadingsAreBold() {
        SiteScript script = brackwater().addsMenu("Signs");
        script.puts(new ItemKind.Text(), "Slipway", script.menu("Signs"));
        script.puts(new ItemKind.Text(), "Slipway", script.latest());
        Placing down = placing(Form.DOWN, Placing.Size.NORMAL, Placing.Width.FULL);
        List<Label> labels =
                fit(places(script, Zone.SIDEBAR, down), Zone.SIDEBAR).at(1280).labels();
        assertTrue(labels.get(1).room() < labels.get(0).room());
        assertTrue(labels.get(1).start() > labels.get(0).start());
        assertTrue(labels.get(1).width() < labels.get(0).width());
    }

    @Test
    public void owner_isToldInWords() {
        SiteScript script = brackwater().addsMenu("Signs");
        MenuRowId signs = script.menu("Signs");
        script.puts(new ItemKind.Text(), "Slipway", signs);
        Placing down = placing(Form.DOWN, Placing.Size.NORMAL, Placing.Width.FULL);
        ColumnFit one = fit(places(script, Zone.SIDEBAR, down), Zone.SIDEBAR);
        assertEquals(FitWords.holds(one, one.holds()), "Every label in one line wherever it shows.");
        script.puts(new ItemKind.Text(), "W".repeat(200), signs);
        script.puts(new ItemKind.Text(), "潮汐".repeat(90), signs);
        ColumnFit absurd = fit(script, Zone.SIDEBAR);
        assertEquals(FitWords.holds(absurd, absurd.holds()), "At every width some label goes on in a second line.");
        assertTrue(
                FitWords.at(absurd, absurd.at(1280)).startsWith("2 labels go on in a second line; the longest, “WWWW"));
        assertEquals(
                FitWords.adjustment(absurd.adjustments(1280).getFirst()), "Shorter labels, 358 letters fewer in all");
        assertFalse(absurd.isKnown());
    }

    /** Only where the header stands at the side there is a column in it. */
    @Test
    public void headers_haveAColumn_whereTheyStandAtTheSide() {
        for (Look look : Look.values()) {
            List<ColumnFit> headers = fits(brackwater().does(new LookChange.SetLook(look))).stream()
                    .filter(fit -> fit.zone() == Zone.HEADER)
                    .toList();
            assertEquals(headers.size(), look == Look.TOWPATH ? 1 : 0);
            headers.forEach(header -> {
                assertEquals(header.at(960).state(), State.AWAY);
                assertEquals(header.at(1280).state(), State.HOLDS);
            });
        }
    }
}
