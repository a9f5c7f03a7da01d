package velnik.server.exchanging;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import velnik.core.address.AddressWriter;
import velnik.core.address.Slugs;
import velnik.core.exchange.ForwardRules;
import velnik.core.exchange.LeadingOn;
import velnik.core.exchange.MarkdownList;
import velnik.core.exchange.Opml;
import velnik.core.exchange.Outlined;
import velnik.core.exchange.SiteCsv;
import velnik.core.explanation.Labels;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.outline.Branch;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.server.calls.ProblemException;
import velnik.server.releasing.LiveSite;
import velnik.server.storage.WholeSite;
import velnik.server.texts.Texts;
import velnik.server.visiting.Sitemaps;
import velnik.server.visiting.TakenSite;
import velnik.server.workingcopy.Computed;

/** The working copy in open formats, as files to save. Menus are as visitors get them who are not members. */
@RestController
@RequestMapping("/-/api/exports")
class ExportsController {
    private final Computed computed;
    private final LiveSite live;
    private final TakenSite taken;
    private final Sitemaps sitemaps;
    private final WholeSite whole;
    private final Texts texts;
    private final Clock clock;

    ExportsController(
            Computed computed,
            LiveSite live,
            TakenSite taken,
            Sitemaps sitemaps,
            WholeSite whole,
            Texts texts,
            Clock clock) {
        this.computed = computed;
        this.live = live;
        this.taken = taken;
        this.sitemaps = sitemaps;
        this.whole = whole;
        this.texts = texts;
        this.clock = clock;
    }

    /** What tables there are. */
    public enum Table {
        PAGES,
        ITEMS,
        ASSIGNMENTS,
        FORWARDS
    }

    /** A table (RFC 4180). */
    @GetMapping(path = "/csv", produces = "text/csv")
    ResponseEntity<byte[]> csv(@RequestParam Table of) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        return file(
                site,
                of.name().toLowerCase(Locale.ROOT),
                "csv",
                switch (of) {
                    case PAGES -> SiteCsv.pages(site);
                    case ITEMS -> SiteCsv.items(site, now.openings());
                    case ASSIGNMENTS -> SiteCsv.assignments(site);
                    case FORWARDS -> SiteCsv.forwards(live.site(), site, clock.instant());
                });
    }

    /** OPML 2.0. */
    @GetMapping(path = "/opml", produces = "text/x-opml")
    ResponseEntity<byte[]> opml(@RequestParam(required = false) @Nullable String menu) {
        Outline found = outline(menu);
        return file(found.site(), found.name(), "opml", Opml.of(found.title(), found.rows()));
    }

    /** An indented list. */
    @GetMapping(path = "/markdown", produces = "text/markdown")
    ResponseEntity<byte[]> markdown(@RequestParam(required = false) @Nullable String menu) {
        Outline found = outline(menu);
        return file(
                found.site(),
                found.name(),
                "md",
                menu == null ? MarkdownList.ofPages(found.rows()) : MarkdownList.ofItems(found.rows()));
    }

    /** The menus of a zone as HTML, to be put into a page of others; those of every page where none is named. */
    @GetMapping(path = "/html", produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<byte[]> html(@RequestParam Zone zone, @RequestParam(required = false) @Nullable String page) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        @Nullable PageId id = page == null ? null : new PageId(page);
        if (id != null && !site.pages().contains(id)) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "not-there", "That page is no longer there.");
        }
        Frame frame = new Frame(
                        addresses(site),
                        VisitorWords.in(site.details().language()),
                        List.of(),
                        List.of(),
                        List.of(),
                        null)
                .unpointed();
        String html = new VisitorHtml(site, now.navigation(Visitor.NON_MEMBER), frame).zone(id, zone);
        return file(
                site, "zone-" + zone.word(), "html", html.isEmpty() ? "<!-- Nothing stands there. -->\n" : html + "\n");
    }

    private static AddressWriter addresses(Site site) {
        String address = site.details().address();
        return address.isEmpty() ? AddressWriter.fromRoot() : AddressWriter.absolute(address);
    }

    /** What web servers are told of old addresses. */
    public enum WebServer {
        NGINX,
        APACHE
    }

    /** Forwards as rules for a web server, as they are once all is published. */
    @GetMapping(path = "/rules", produces = MediaType.TEXT_PLAIN_VALUE)
    ResponseEntity<byte[]> rules(@RequestParam("for") WebServer server) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        Instant moment = clock.instant();
        List<LeadingOn> all = LeadingOn.all(live.site(), site, moment);
        Set<String> pages = LeadingOn.showing(live.site(), site, moment);
        return switch (server) {
            case NGINX -> file(site, "forwards.nginx", "conf", ForwardRules.nginx(all, pages));
            case APACHE -> file(site, "forwards.apache", "conf", ForwardRules.apache(all, pages));
        };
    }

    /** The whole site but the bin and the contents of files, as JSON that can be read in again. */
    @GetMapping(path = "/json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> json() {
        Site site = computed.now().state().site();
        return file(site, "whole-site", "json", whole.write(site, texts::of));
    }

    /** What that JSON is like, as JSON Schema 2020-12. */
    @GetMapping(path = "/json-schema", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> schema() {
        return file(computed.now().state().site(), "whole-site.schema", "json", whole.schema());
    }

    /** The live site as files, in a ZIP that is made while it is sent. */
    @GetMapping(path = "/static", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> files() {
        checkThereIsOne();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(live.site(), "site", "zip"))
                .body(taken::write);
    }

    /** What search engines read of the live site: the sitemap, or the index of its parts. */
    @GetMapping(path = "/sitemap", produces = MediaType.APPLICATION_XML_VALUE)
    ResponseEntity<byte[]> sitemap() {
        checkThereIsOne();
        Site site = computed.now().state().site();
        if (site.details().address().isEmpty()) {
            throw new ProblemException(
                    HttpStatus.CONFLICT,
                    "no-web-address",
                    "A sitemap has whole addresses. Say the site’s web address under The business first.");
        }
        return file(
                site,
                "sitemap",
                "xml",
                sitemaps.file(site.details().address(), 0).orElseThrow());
    }

    private void checkThereIsOne() {
        if (!taken.isThere()) {
            throw new ProblemException(
                    HttpStatus.CONFLICT, "nothing-published", "Nothing is published yet, so there is no site to save.");
        }
    }

    private record Outline(Site site, String name, String title, List<Outlined> rows) {}

    /** @param menu its id or its name; null for the page tree */
    private Outline outline(@Nullable String menu) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        if (menu == null) {
            return new Outline(site, "pages", site.details().name(), Outlined.pages(site, addresses(site)));
        }
        MenuRowId id = site.menus().top().stream()
                .map(Branch::id)
                .filter(there ->
                        there.value().equals(menu) || Labels.of(site, there).equals(menu))
                .findFirst()
                .orElseThrow(
                        () -> new ProblemException(HttpStatus.NOT_FOUND, "not-there", "That menu is no longer there."));
        String name = Labels.of(site, id);
        List<Outlined> rows = Outlined.menu(site, now.navigation(Visitor.NON_MEMBER), id, addresses(site));
        return new Outline(site, "menu-" + Slugs.fromTitle(name), name, rows);
    }

    private static String disposition(Site site, String name, String ending) {
        return ContentDisposition.attachment()
                .filename(Slugs.fromTitle(site.details().name()) + "-" + name + "." + ending)
                .build()
                .toString();
    }

    private static ResponseEntity<byte[]> file(Site site, String name, String ending, String text) {
        return file(site, name, ending, text.getBytes(StandardCharsets.UTF_8));
    }

    private static ResponseEntity<byte[]> file(Site site, String name, String ending, byte[] content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(
                        switch (ending) {
                            case "json" -> "application/json";
                            case "xml" -> "application/xml";
                            case "csv" -> "text/csv;charset=UTF-8";
                            case "md" -> "text/markdown;charset=UTF-8";
                            case "conf" -> "text/plain;charset=UTF-8";
                            case "html" -> "text/html;charset=UTF-8";
                            default -> "text/x-opml;charset=UTF-8";
                        }))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(site, name, ending))
                .body(content);
    }
}
