package velnik.core.address;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LinksTest {
    private static final String SITE = "https://brackwater.example";

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"https://tides.example/brack?day=1#now", "Web[address=https://tides.example/brack?day=1#now]"},
            {"tides.example", "Web[address=https://tides.example]"},
            {"//tides.example/a", "Web[address=https://tides.example/a]"},
            {"HTTP://Tides.Example:80/A", "Web[address=http://tides.example/A]"},
            {"tides.example:8080/x", "Web[address=https://tides.example:8080/x]"},
            {"https://tides.example:99999/", "Refused"},
            {"https://tides.example:port/", "Refused"},
            {"https://tides.example/high water", "Web[address=https://tides.example/high%20water]"},
            {"https://tides.example/100%", "Web[address=https://tides.example/100%25]"},
            {"https://tides.example/%20a", "Web[address=https://tides.example/%20a]"},
            {"https://лодки.example/канал", "Web[address=https://xn--d1aifcp.example/%D0%BA%D0%B0%D0%BD%D0%B0%D0%BB]"},
            {"https://boats.example/⛵", "Web[address=https://boats.example/%E2%9B%B5]"},
            {"https://⛵.example/", "Web[address=https://xn--kbi.example/]"},
            {"https://a b.example/", "Refused"},
            {"https://mara@evil.example/", "Refused"},
            {"https:tides.example", "Refused"},
            {"https://", "Refused"},
            {SITE + "/hire/canoes", "OfThisSite[address=/hire/canoes]"},
            {"http://brackwater.example/hire", "OfThisSite[address=/hire]"},
            {"brackwater.example", "OfThisSite[address=/]"},
            {"/hire/canoes?x=1", "OfThisSite[address=/hire/canoes?x=1]"},
            {"javascript:alert(1)", "Refused"},
            {"JavaScript:alert(1)", "Refused"},
            {" javascript:alert(1)", "Refused"},
            {"java\tscript:alert(1)", "Refused"},
            {"java\u200bscript:alert(1)", "Refused"},
            {"data:text/html,<b>", "Refused"},
            {"vbscript:x", "Refused"},
            {"ftp://tides.example/", "Refused"},
            {"https://tides.example/" + "x".repeat(5_000), "Refused"},
            {"mailto:yard@brackwater.example", "Mail[address=yard@brackwater.example]"},
            {"yard@brackwater.example", "Mail[address=yard@brackwater.example]"},
            {"mailto:yard@brackwater.example?subject=A boat", "Mail[address=yard@brackwater.example?subject=A%20boat]"},
            {"mailto:yard", "Refused"},
            {"tel:01632 960 983", "Phone[number=01632 960 983]"},
            {"+44 1632 960983", "Phone[number=+44 1632 960983]"},
            {"sms:+44 7700 900123", "Phone[number=sms:+44 7700 900123]"},
            {"tel:ring us", "Refused"},
            {"2026", "NoLink[]"},
            {"Opening hours: 8 to 5", "NoLink[]"},
            {"On the water", "NoLink[]"},
            {"", "NoLink[]"},
        };
    }

    @Test(dataProvider = "typed")
    public void read_understandsWhatWasTyped(String typed, String meant) {
        Links.Read read = Links.read(typed, SITE);
        assertEquals(read instanceof Links.Read.Refused ? "Refused" : read.toString(), meant);
        if (read instanceof Links.Read.Refused(String sentence)) {
            assertEquals(sentence.endsWith("."), true, sentence);
        }
    }

    @DataProvider
    public Object[][] labels() {
        return new Object[][] {
            {"https://tides.example/", "tides.example"},
            {"https://xn--d1aifcp.example/a", "лодки.example/a"},
            {"/hire?x=1", "/hire?x=1"},
        };
    }

    @Test(dataProvider = "labels")
    public void labelOf_isWhatPeopleRead(String address, String label) {
        assertEquals(Links.labelOf(address), label);
    }

    @Test
    public void dialling_keepsDigitsAndTheLeadingPlus() {
        assertEquals(Links.dialling("+44 (0)1632 960-983"), "tel:+441632960983");
    }

    @DataProvider
    public Object[][] addressesOfThisSite() {
        return new Object[][] {
            {"/hire/canoes", "/hire/canoes"},
            {"/h%69re/./x/../canoes/?a=1#b", "/hire/canoes"},
            {"/../../hire", "/hire"},
            {SITE + "/hire", "/hire"},
            {"https://tides.example/hire", "elsewhere"},
            {"/", "/"},
        };
    }

    @Test(dataProvider = "addressesOfThisSite")
    public void pathOf_isWhereABrowserWouldGo(String address, String path) {
        assertEquals(Links.pathOf(address, SITE).orElse("elsewhere"), path);
    }

    @Test
    public void host_thatCouldBeTakenForAnother_isShownInAscii() {
        assertEquals(Links.labelOf("https://xn--d1aifcp.example/"), "лодки.example");
        assertEquals(Links.labelOf("https://xn--bcher-kva.example/"), "bücher.example");
        assertEquals(Links.labelOf("https://xn--80ak6aa92e.example/"), "xn--80ak6aa92e.example");
    }

    @Test
    public void message_goesToItsNumber() {
        assertEquals(Links.dialling("sms:+44 (0)7700 900123"), "sms:+447700900123");
        assertEquals(Links.numberOf("sms:07700 900123"), "07700 900123");
    }
}
