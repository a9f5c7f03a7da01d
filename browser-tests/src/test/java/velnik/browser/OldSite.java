package velnik.browser;

import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;

/** The site that the boatyard had before, by its sitemap and its home page. */
final class OldSite {
    private static final String SITEMAP = """
            <?xml version="1.0" encoding="UTF-8"?>
            <urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">
            <url><loc>https://www.old-yard.example/</loc></url>
            <url><loc>https://www.old-yard.example/hire/</loc></url>
            <url><loc>https://www.old-yard.example/hire/two-man-canoes.html</loc></url>
            <url><loc>https://www.old-yard.example/regatta/2024/results/</loc></url>
            <url><loc>https://www.old-yard.example/H%C3%BCtte/</loc></url>
            <url><loc>https://www.old-yard.example/price-list.pdf</loc></url>
            </urlset>
            """;
    private static final String HOME = """
            <!DOCTYPE html><html><head><title>The old yard</title></head><body>
            <header><nav aria-label="Main menu"><ul>
              <li><a href="/">Home</a>
              <li><a href="/hire/">Boats for hire</a><ul><li><a href="/hire/two-man-canoes.html">Canoes for two</a></ul>
              <li><a href="https://tides.example/" target="_blank">Tides</a>
            </ul></nav></header>
            <footer><h3>The old yard</h3><ul>
              <li><a href="/imprint.html">Imprint</a>
              <li><a href="mailto:yard@old-yard.example">Write to us</a>
              <li><a href="javascript:void(0)">Odd</a>
            </ul></footer></body></html>
            """;

    static final FilePayload[] FILES = {
        new FilePayload("sitemap.xml", "text/xml", SITEMAP.getBytes(StandardCharsets.UTF_8)),
        new FilePayload("home.html", "text/html", HOME.getBytes(StandardCharsets.UTF_8))
    };

    private OldSite() {}
}
