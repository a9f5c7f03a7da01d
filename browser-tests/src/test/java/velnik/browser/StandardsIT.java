package velnik.browser;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Every page that visitors can get is what the standards say a page is. */
public class StandardsIT extends UndoneTest {
    private static final Pattern ADDRESS = Pattern.compile("<loc>https?://[^/<]+([^<]*)</loc>");

    private final HttpClient visitor =
            HttpClient.newBuilder().followRedirects(HttpClient.Redirect.ALWAYS).build();

    private String asked(String path, String... form) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(velnik.url(path)));
        if (form.length > 0) {
            request.header("Content-Type", "application/x-www-form-urlencoded")
                    .header("Origin", velnik.url(""))
                    .POST(BodyPublishers.ofString(form[0]));
        }
        try {
            return visitor.send(request.build(), BodyHandlers.ofString()).body();
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private Map<String, String> everyPage() {
        Map<String, String> pages = new LinkedHashMap<>();
        ADDRESS.matcher(asked("/sitemap.xml")).results().forEach(found -> pages.put(found.group(1), ""));
        for (String more :
                new String[] {"/search", "/search?q=boat", "/search?q=zzz", "/sign-in", "/members-handbook"}) {
            pages.put(more, "");
        }
        pages.put("/nothing/here", "");
        pages.replaceAll((path, none) -> asked(path));
        pages.put("an empty enquiry", asked("/-/enquiries/group-bookings", "f0="));
        pages.put("a wrong sign-in", asked("/sign-in", "name=nobody&password=wrong"));
        return pages;
    }

    @Test
    public void pagesAreValid_whateverIsWrittenOnThem_andInAnyLanguage() {
        mara.writes(
                "contact",
                String.join(
                        "\\n\\n",
                        "## F1 {#f1}",
                        "# Content",
                        "> - ### *In* `a` list {#x}\\n>   1. one\\n>\\n>      two",
                        "|a|b|c|\\n|:-|:-:|-:|\\n|1|[](page:hulls)|![](file:slip)|",
                        "<b onclick=x>&amp; \\\"words\\\"</b>  \\nline",
                        "[a](tel:+441632960983) <https://tides.example/?a=1&b=2>",
                        "[](here:contact)",
                        "```\\ncode\\n```",
                        "***",
                        "![](file:chart)"));
        mara.sends(BlocksIT.everyBlock("main-list"))
                .sends(BlocksIT.everyBlock("footer").replace("block", "footing"))
                .publishes();
        Standards.areValid(everyPage());
        mara.sends("{'kind':'setDetails','language':'ar'}").publishes();
        Standards.areValid(everyPage());
    }
}
