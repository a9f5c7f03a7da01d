package velnik.core.looks;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.looks.TunedSheet.BASE;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.looks.Palette.Scheme;
import velnik.core.site.Look;
import velnik.core.site.Token;
import velnik.core.site.Tuning;

public class TunedSheetTest {
    /** A few hundred bytes: all that can be tuned, tuned. */
    private static final int MOST_BYTES = 900;

    @Test
    public void looksOwnColours_areReadWell() {
        for (Look look : Look.values()) {
            for (Scheme scheme : Scheme.values()) {
                isReadWell(new Palette(look, scheme), look + " " + scheme, true);
            }
            assertEquals(Legibility.of(look, Tuning.NONE), List.of());
        }
    }

    @Test
    public void whateverIsChosen_allIsReadWell_andAnAccentThatIsNot_isToldWithOneThatIs() {
        Random random = new Random(3);
        int told = 0;
        for (int turn = 0; turn < 1_500; turn++) {
            Look look = Look.values()[turn % Look.values().length];
            Tuning tuning = coloured(random);
            List<Legibility.Weak> weak = Legibility.of(look, tuning);
            isReadWell(new Palette(look, Scheme.DARK, tuning), look + " dark " + tuning, true);
            isReadWell(new Palette(look, Scheme.LIGHT, tuning), look + " light " + tuning, weak.isEmpty());
            for (Legibility.Weak each : weak) {
                told++;
                assertTrue(each.ratio() < each.asked(), each.toString());
                assertEquals(Legibility.of(look, tuning.with(each.token(), each.nearest())), List.of());
            }
        }
        assertTrue(told > 100, "told " + told);
    }

    private static Tuning coloured(Random random) {
        Tuning tuning = Tuning.NONE;
        for (Token token : List.of(Token.MAIN, Token.ACCENT, Token.GROUND)) {
            if (random.nextInt(3) > 0) {
                tuning = tuning.with(token, "#%06x".formatted(random.nextInt(0x1000000)));
            }
        }
        return tuning;
    }

    private static void isReadWell(Palette palette, String what, boolean linksToo) {
        for (Shade ground : palette.grounds()) {
            isAtLeast(Palette.READ, palette.get(Role.INK), ground, what + " ink");
            isAtLeast(Palette.READ, palette.get(Role.SOFT), ground, what + " soft");
            isAtLeast(linksToo ? Palette.READ : 1, palette.get(Role.ACCENT), ground, what + " accent");
        }
        isAtLeast(Palette.KNOWN, palette.get(Role.EDGE), palette.get(Role.GROUND), what + " edge");
        isAtLeast(Palette.READ, palette.get(Role.ON_ACCENT), palette.get(Role.ACCENT), what + " on accent");
        for (Role ground : List.of(Role.MAIN, Role.MAIN_BESIDE)) {
            isAtLeast(Palette.READ, palette.get(Role.ON_MAIN), palette.get(ground), what + " on main");
            isAtLeast(Palette.READ, palette.get(Role.ON_MAIN_SOFT), palette.get(ground), what + " softly on main");
            isAtLeast(Palette.READ, palette.get(Role.MAIN_MARK), palette.get(ground), what + " mark on main");
        }
    }

    private static void isAtLeast(double ratio, Shade shade, Shade ground, String what) {
        assertTrue(shade.contrast(ground) >= ratio, what + ": " + shade.written() + " on " + ground.written());
    }

    @Test
    public void sheet_saysWhatIsTunedAndNoMore_inFewBytes() {
        assertEquals(TunedSheet.of(Look.WEIR, Tuning.NONE), Optional.empty());
        assertEquals(
                css(Tuning.NONE.with(Token.SIZE, "110").with(Token.CORNERS, "8")),
                ":root:root{--size:1.1;--corner:8px}");
        assertEquals(css(Tuning.NONE.with(Token.LOGO, Token.HIDDEN)), ":root:root{}.site-name img{display:none}");
        String accented = css(Tuning.NONE.with(Token.ACCENT, "#7a1f4d"));
        assertTrue(accented.contains("--accent:light-dark(#7a1f4d,"), accented);
        assertFalse(accented.contains("--ground"), accented);
        Tuning all = Tuning.NONE;
        for (Token token : Token.values()) {
            all = all.with(
                    token,
                    switch (token.kind()) {
                        case COLOUR -> "#" + (101010 + token.ordinal() * 222222);
                        case TYPE -> "SYSTEM";
                        case PERCENT -> String.valueOf(token.least());
                        case PIXELS -> String.valueOf(token.most());
                        case SHOWN -> Token.HIDDEN;
                        case PLACE -> Token.KEPT;
                    });
        }
        assertTrue(css(all).length() <= MOST_BYTES, css(all).length() + " bytes");
    }

    private static String css(Tuning tuning) {
        return TunedSheet.of(Look.WEIR, tuning).orElseThrow().css();
    }

    @Test
    public void address_leadsToTheSameSheet() {
        Random random = new Random(4);
        for (int turn = 0; turn < 300; turn++) {
            Tuning tuning = coloured(random).with(Token.SIZE, "90");
            TunedSheet sheet = TunedSheet.of(Look.TOWPATH, tuning).orElseThrow();
            assertEquals(TunedSheet.at(sheet.address()).orElseThrow().css(), sheet.css(), sheet.address());
        }
    }

    @DataProvider
    public Object[][] noAddresses() {
        return new Object[][] {
            {BASE + "1-weir.css"},
            {BASE + "2-weir.size-110.css"},
            {BASE + "1-harbour.size-110.css"},
            {BASE + "1-weir.size-131.css"},
            {BASE + "1-weir.size-0110.css"},
            {BASE + "1-weir.SIZE-110.css"},
            {BASE + "1-weir.accent-red.css"},
            {BASE + "1-weir.accent-fff.css"},
            {BASE + "1-weir.size-110.accent-ffffff.css"},
            {BASE + "1-weir.depth-3.css"},
            {BASE + "1-weir.type-MULISH.css"},
            {BASE + "1-weir.size-110.size-110.css"},
            {BASE + "1-weir.size-110;}.css"},
            {"/-/static/visitor/tuned/../secret.css"},
        };
    }

    @Test(dataProvider = "noAddresses")
    public void atAnyOtherAddress_isNone(String address) {
        assertEquals(TunedSheet.at(address).map(TunedSheet::css), Optional.empty());
    }

    @Test
    public void everyRole_isNamedOnceInCss() {
        String css = css(Tuning.NONE
                .with(Token.GROUND, "#203040")
                .with(Token.MAIN, "#ffdd00")
                .with(Token.ACCENT, "#ff8800"));
        List<String> names = Pattern.compile("--([a-z-]+):")
                .matcher(css)
                .results()
                .map(MatchResult::group)
                .toList();
        assertEquals(names.stream().distinct().count(), names.size());
        assertTrue(
                names.containsAll(List.of("--ground:", "--ink:", "--accent:", "--on-accent:", "--main:", "--on-main:")),
                css);
    }
}
