package velnik.server.exchanging;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.http.HttpResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.OnTheDemo;

/** Files in open formats over HTTP. */
public class ExportsTest extends OnTheDemo {

    @DataProvider
    public Object[][] exports() {
        return new Object[][] {
            {"csv?of=PAGES", "text/csv", "pages.csv", "\"Canoes\",\"/hire/canoes\",\"/hire\""},
            {"csv?of=ITEMS", "text/csv", "items.csv", "\"Footer\",\"2\",\"The crew\",\"/about-us/the-crew\""},
            {"csv?of=ASSIGNMENTS", "text/csv", "assignments.csv", "\"the header\",\"every page\",\"shows Main\""},
            {"csv?of=FORWARDS", "text/csv", "forwards.csv", "\"From\",\"Answer\",\"To\""},
            {"rules?for=NGINX", "text/plain", "forwards.nginx.conf", "map $uri $leads_to {"},
            {"rules?for=APACHE", "text/plain", "forwards.apache.conf", "<IfModule mod_alias.c>"},
            {"html?zone=FOOTER", "text/html", "zone-footer.html", "href=\"https://brackwater.example/about-us\""},
            {"html?zone=SIDEBAR", "text/html", "zone-sidebar.html", "<!-- Nothing stands there. -->"},
            {"html?zone=HEADER&page=hire", "text/html", "zone-header.html", "aria-current=\"page\""},
            {"sitemap", "application/xml", "sitemap.xml", "<loc>https://brackwater.example/hire/canoes</loc>"},
            {"json", "application/json", "whole-site.json", "\"$schema\" : \"urn:velnik-site:"},
            {"json-schema", "application/json", "whole-site.schema.json", "\"$id\" : \"urn:velnik-site:"},
            {"opml", "text/x-opml", "pages.opml", "url=\"https://brackwater.example/hire/canoes\""},
            {"opml?menu=footer", "text/x-opml", "menu-footer.opml", "<outline text=\"The yard\">"},
            {"markdown", "text/markdown", "pages.md", "- Hire\n  - Canoes\n"},
            {
                "markdown?menu=footer",
                "text/markdown",
                "menu-footer.md",
                "- The yard\n  - [About us](https://brackwater.example/about-us)\n"
            },
        };
    }

    @Test(dataProvider = "exports")
    public void export_isAFileToSave(String path, String type, String name, String holds) {
        HttpResponse<String> answer =
                mara.gets("/-/api/exports/" + path).answers(200).response();
        assertEquals(answer.headers().firstValue("Content-Type").orElse("").replace(";charset=UTF-8", ""), type);
        assertEquals(
                answer.headers().firstValue("Content-Disposition").orElse(""),
                "attachment; filename=\"brackwater-boatyard-" + name + "\"");
        assertTrue(answer.body().contains(holds), answer.body());
    }

    @Test
    public void whatIsNotThere_isSaid() {
        mara.gets("/-/api/exports/opml?menu=never-was").refuses(404, "not-there");
        mara.gets("/-/api/exports/markdown?menu=%2e%2e").refuses(404, "not-there");
        mara.gets("/-/api/exports/html?zone=HEADER&page=never-was").refuses(404, "not-there");
        mara.gets("/-/api/exports/csv?of=SECRETS").answers(400);
        mara.gets("/-/api/exports/csv").answers(400);
    }

    @Test
    public void visitors_getNone() {
        assertEquals(server.visit("/-/api/exports/csv?of=PAGES").statusCode(), 401);
    }
}
