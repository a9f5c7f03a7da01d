package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.Collections;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.site.Contact;
import velnik.core.site.ItemKind;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** What the site says of its business. */
public class BusinessTest {

    private static Change.SetDetails phone(String phone) {
        return Change.SetDetails.NONE.withPhone(phone);
    }

    private static Change.SetDetails mail(String mail) {
        return Change.SetDetails.NONE.withMail(mail);
    }

    private static Change.SetDetails address(String address) {
        return Change.SetDetails.NONE.withAddress(address);
    }

    private static Change.SetDetails language(String language) {
        return Change.SetDetails.NONE.withLanguage(language);
    }

    private static Change.SetDetails channel(String name, String address) {
        return Change.SetDetails.NONE.withChannels(List.of(new Change.SetDetails.Channel(name, address, "film")));
    }

    private static String html(SiteScript script, String page) {
        return html(script, page, "");
    }

    private static String html(SiteScript script, String page, String text) {
        Frame frame = new Frame(
                AddressWriter.fromRoot(),
                VisitorWords.in(script.site().details().language()),
                List.of("/look.css"),
                List.of(),
                List.of(),
                null);
        return new VisitorHtml(script.site(), script.navigation(Visitor.NON_MEMBER), frame)
                .page(script.page(page), text);
    }

    @Test
    public void phoneTypedOnce_isEverywhere() {
        SiteScript script = brackwater().does(phone("  01632 960 111 "));
        script.says("The site has another phone number.");
        assertTrue(html(script, "Hulls").contains("<a href=\"tel:01632960111\">01632 960 111</a>"));
        assertTrue(html(script, "Home").contains("\"telephone\":\"01632960111\""));
        script.does(phone(""));
        assertEquals(script.site().details().contact().phone(), "");
        assertFalse(html(script, "Home").contains("telephone"));
        script.does(Change.SetDetails.NONE.withPhone("").withMail("").withPostal(" \n "));
        assertEquals(script.site().details().contact(), Contact.NONE);
        assertFalse(html(script, "Home").contains("<address>"));
    }

    @Test
    public void anItemForIt_followsWhatIsTyped_andIsGoneWithIt() {
        SiteScript script = brackwater().does(phone("01632 960 111"));
        assertTrue(script.sees("Contact", Zone.FOOTER).contains("01632 960 111"), script.sees("Contact", Zone.FOOTER));
        script.puts(new ItemKind.OfBusiness(ItemKind.Way.PHONE), "", script.menu("Footer"));
        assertEquals(script.whyNot(script.latest()), "");
        script.does(phone(""));
        assertEquals(script.whyNot(script.latest()), "Nothing is typed for it on The business.");
    }

    @Test
    public void hours_areReadAtTheFoot_andToldSearchEngines() {
        SiteScript script = brackwater()
                .does(
                        Change.SetDetails.NONE.withHours(
                                "Mon–Fri 9–17\nSat 18–2\n24 December 2026 9–12 Christmas Eve\n1 May 2020 closed\n1 January closed"));
        script.says("The site has other opening hours.");
        String home = html(script, "Home");
        assertTrue(home.contains("<dt>Mon–Fri</dt><dd><span class=\"times\">09:00–17:00</span></dd>"), home);
        assertTrue(home.contains("<dt>Sun</dt><dd>closed</dd>"), home);
        assertTrue(
                home.contains(
                        "<dt>24 December 2026</dt><dd><span class=\"times\">09:00–12:00</span> <span class=\"note\">Christmas Eve</span></dd>"),
                home);
        assertTrue(
                home.contains("{\"@type\":\"OpeningHoursSpecification\",\"dayOfWeek\":[\"Saturday\"],"
                        + "\"opens\":\"18:00\",\"closes\":\"02:00\"}"),
                home);
        assertTrue(
                home.contains("\"specialOpeningHoursSpecification\":["
                        + "{\"@type\":\"OpeningHoursSpecification\",\"validFrom\":\"2027-01-01\","
                        + "\"validThrough\":\"2027-01-01\",\"opens\":\"00:00\",\"closes\":\"00:00\"},"),
                home);
        assertFalse(home.contains("2020"), "a day that is past is not told");
        assertFalse(html(script.does(Change.SetDetails.NONE.withHours(" \n")), "Home")
                .contains("hours"));
    }

    @Test
    public void contactCard_standsInAText() {
        SiteScript script = brackwater();
        String page = html(script, "Contact", "Come by.\n\n[](here:contact)\n\nOr [not](here:contact) [](here:form)");
        String text = page.substring(page.indexOf("<main"), page.indexOf("</main>"));
        assertTrue(text.contains("<div class=\"contact-card\">"), text);
        assertTrue(text.contains("<a href=\"tel:01632960983\">01632 960 983</a>"), text);
        assertTrue(text.contains("<p>Or not </p>"), text);
        String form = html(script, "Group bookings", "[](here:form)\n\nThat is all.");
        assertTrue(form.indexOf("<form class=\"enquiry\"") < form.indexOf("That is all."), form);
        assertEquals(form.split("<form class=\"enquiry\"", -1).length, 2, "it stands there once");
        assertFalse(html(script, "Contact", "[](here:form)").contains("<form class=\"enquiry\""), "it has none");
    }

    @Test
    public void channels_standInAMenuAsARowOfIcons_andFollowWhatIsTyped() {
        SiteScript script = brackwater()
                .does(Change.SetDetails.NONE
                        .withChannels(List.of(
                                new Change.SetDetails.Channel(" Our <films> ", "films.example/brackwater", "film")))
                        .withPosition("51.7312° N, 0.6853 E"));
        script.says("The site has other channels and another position.");
        String page = html(script, "Contact");
        assertTrue(
                page.contains(
                        "<span role=\"listitem\"><a href=\"https://films.example/brackwater\" rel=\"me\" title=\"Our &lt;films>\">"),
                page);
        assertTrue(page.contains("<span class=\"label alone\">Our &lt;films&gt;</span>"), page);
        String home = html(script, "Home");
        assertTrue(home.contains("\"sameAs\":[\"https://films.example/brackwater\"]"), home);
        assertTrue(
                home.contains("\"geo\":{\"@type\":\"GeoCoordinates\",\"latitude\":51.7312,\"longitude\":0.6853}"),
                home);
        script.puts(new ItemKind.Channels(), "", script.menu("Footer"));
        assertEquals(script.whyNot(script.latest()), "");
        script.does(Change.SetDetails.NONE.withChannels(List.of()));
        assertEquals(script.whyNot(script.latest()), "Nothing is typed for it on The business.");
    }

    @Test
    public void languageOfTheSite_isSpoken_andReadItsWay() {
        SiteScript german = brackwater().does(language("de"));
        german.says("The site has another language.");
        String page = html(german, "Varnish day");
        assertTrue(page.contains("<html lang=\"de\" dir=\"ltr\">"), page);
        assertTrue(page.contains("14. Februar 2026"), page);
        assertTrue(page.contains("Zum Text springen"), page);
        assertTrue(html(brackwater().does(language("ar")), "Home").contains("<html lang=\"ar\" dir=\"rtl\">"));
    }

    @Test
    public void searchEngines_areToldOfTheBusiness_theWayAndTheDay() {
        SiteScript script = brackwater();
        String home = html(script, "Home");
        assertTrue(
                home.contains("{\"@type\":\"LocalBusiness\",\"name\":\"Brackwater Boatyard\",\"url\":"
                        + "\"https://brackwater.example/\""),
                home);
        assertFalse(home.contains("BreadcrumbList"), home);
        String news = html(script, "Varnish day");
        assertTrue(news.contains("\"datePublished\":\"2026-02-14\""), news);
        assertTrue(
                news.contains("{\"@type\":\"ListItem\",\"position\":2,\"name\":\"News\",\"item\":"
                        + "\"https://brackwater.example/news\"}"),
                news);
        assertFalse(html(script, "Privacy").contains("ld+json"), "kept from search engines");
        String hostile = html(
                script.retitles("Varnish day", "</script><script>alert(1)</script>\"\\"),
                "</script><script>alert(1)</script>\"\\");
        assertFalse(hostile.contains("<script>alert"), hostile);
        assertTrue(hostile.contains("\\u003c/script\\u003e"), hostile);
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {Change.SetDetails.NONE.withName("x".repeat(201)), Refusal.TitleTooLong.class},
            {address("brackwater"), Refusal.SiteAddressMalformed.class},
            {address("https://brackwater.example/shop"), Refusal.SiteAddressMalformed.class},
            {address("javascript:alert(1)"), Refusal.SiteAddressMalformed.class},
            {language("xx"), Refusal.LanguageUnknown.class},
            {language(""), Refusal.LanguageUnknown.class},
            {language("en_GB!"), Refusal.LanguageUnknown.class},
            {phone("ring us"), Refusal.PhoneMalformed.class},
            {mail("yard"), Refusal.MailMalformed.class},
            {mail("yard@brackwater.example\r\nBcc: all@example"), Refusal.MailMalformed.class},
            {Change.SetDetails.NONE.withPostal("x".repeat(501)), Refusal.PostalTooLong.class},
            {Change.SetDetails.NONE.withName("Fine").withAddress("no"), Refusal.SiteAddressMalformed.class},
            {Change.SetDetails.NONE.withPhone("01632 960 111").withHours("Mon 9"), Refusal.HoursNotUnderstood.class},
            {Change.SetDetails.NONE.withHours("Mon 9–12, 11–13"), Refusal.HoursOverlap.class},
            {
                Change.SetDetails.NONE.withHours("2026-01-01 – 2026-12-31 closed\n2027-01-01 – 2027-12-31 closed"),
                Refusal.HoursTooMany.class
            },
            {Change.SetDetails.NONE.withPosition("by the church"), Refusal.PositionMalformed.class},
            {Change.SetDetails.NONE.withPosition("91, 0"), Refusal.PositionMalformed.class},
            {Change.SetDetails.NONE.withPosition("NaN, 0"), Refusal.PositionMalformed.class},
            {channel("", "https://films.example"), Refusal.ChannelNameMalformed.class},
            {channel("x".repeat(201), "https://films.example"), Refusal.ChannelNameMalformed.class},
            {channel("Films", "javascript:alert(1)"), Refusal.ChannelMalformed.class},
            {channel("Films", "/hire"), Refusal.ChannelMalformed.class},
            {channel("Films", "films"), Refusal.ChannelMalformed.class},
            {
                Change.SetDetails.NONE.withChannels(
                        List.of(new Change.SetDetails.Channel("Films", "https://films.example", "skull"))),
                Refusal.IconUnknown.class
            },
            {
                Change.SetDetails.NONE.withChannels(Collections.nCopies(
                        21, new Change.SetDetails.Channel("Films", "https://films.example", "film"))),
                Refusal.ChannelsTooMany.class
            },
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBe_isRefused(Change change, Class<? extends Refusal> why) {
        brackwater().refuses(change, why);
    }

    @Test
    public void addressWithASlash_andWithNothing_areTaken() {
        SiteScript script = brackwater().does(address("https://other.example/"));
        assertEquals(script.site().details().address(), "https://other.example");
        script.does(address(" "));
        assertEquals(script.site().details().address(), "");
        assertFalse(html(script, "Home").contains("canonical"));
    }
}
