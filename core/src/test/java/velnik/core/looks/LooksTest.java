package velnik.core.looks;

import static org.testng.Assert.assertEquals;

import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Circumstances;
import velnik.core.change.LookChange;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.edit.Changes;
import velnik.core.site.Look;
import velnik.core.site.Site;
import velnik.core.site.Token;
import velnik.core.site.Tuning;

public class LooksTest {
    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {Token.ACCENT, "#1A5F7D", "#1a5f7d"},
            {Token.ACCENT, " fc0 ", "#ffcc00"},
            {Token.MAIN, "1a5f7d", "#1a5f7d"},
            {Token.SIZE, "110 %", "110"},
            {Token.WIDTH, "075", "75"},
            {Token.CORNERS, "8px", "8"},
            {Token.TYPE, "LORA_FAMILJEN", "LORA_FAMILJEN"},
            {Token.LOGO, "HIDDEN", "HIDDEN"},
            {Token.HEADER, "KEPT", "KEPT"},
        };
    }

    @Test(dataProvider = "typed")
    public void token_isKeptInOneWay_staysInAnotherLook_andGoesBackToTheLook(Token token, String typed, String kept) {
        SiteScript script = SiteScript.brackwater();
        Site tuned = script.does(new LookChange.SetToken(token, typed)).site();
        assertEquals(tuned.details().tuning(), new Tuning(Map.of(token, kept)));
        assertEquals(
                script.does(new LookChange.SetLook(Look.WEIR)).site().details().tuning(),
                tuned.details().tuning());
        assertEquals(
                script.does(new LookChange.SetToken(token, "")).site().details().tuning(), Tuning.NONE);
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {Token.ACCENT, "teal", "“teal” is no colour; one is like #1a5f7d."},
            {Token.GROUND, "#12345", "“#12345” is no colour; one is like #1a5f7d."},
            {Token.ACCENT, "x".repeat(60), "“" + "x".repeat(40) + "…” is no colour; one is like #1a5f7d."},
            {Token.SIZE, "84", "“84” does not do for the text size: from 85 % to 130 %."},
            {Token.SIZE, "-100", "“-100” does not do for the text size: from 85 % to 130 %."},
            {Token.CORNERS, "25", "“25” does not do for the corners: from 0 px to 24 px."},
            {Token.TYPE, "Fancy", "“Fancy” does not do for the fonts."},
            {Token.HEADER, "TOP", "“TOP” does not do for the place of the header."},
            {Token.LOGO, "SHOWN", "“SHOWN” does not do for the logo in the header."},
        };
    }

    @Test(dataProvider = "refused")
    public void whatIsNone_isRefusedWithASentence_andChangesNothing(Token token, String typed, String sentence) {
        Site site = SiteScript.brackwater()
                .does(new LookChange.SetToken(Token.ACCENT, "#123456"))
                .site();
        Outcome outcome = Changes.apply(site, new LookChange.SetToken(token, typed), Circumstances.NOBODY);
        assertEquals(outcome instanceof Outcome.Refused(Refusal why) ? why.sentence() : outcome.toString(), sentence);
        assertEquals(site.details().tuning(), Tuning.NONE.with(Token.ACCENT, "#123456"));
    }
}
