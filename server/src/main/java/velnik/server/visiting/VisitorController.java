package velnik.server.visiting;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriUtils;
import velnik.core.address.FileAddresses;
import velnik.server.calls.Policy;

/** Every address that is not a technical one belongs to the visitor site. */
@Controller
class VisitorController {
    /** Technical addresses begin with a hyphen as their first part; nothing else does. */
    private static final String ANY_PAGE = "/{first:(?!-$).+}";

    static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self';"
            + " font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";
    private static final MediaType HTML = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);

    private final VisitorPages pages;
    private final Sitemaps sitemaps;
    private final MemberSession session;

    VisitorController(VisitorPages pages, Sitemaps sitemaps, MemberSession session) {
        this.pages = pages;
        this.sitemaps = sitemaps;
        this.session = session;
    }

    @GetMapping({"/", ANY_PAGE, ANY_PAGE + "/**"})
    ResponseEntity<byte[]> page(
            HttpServletRequest request,
            @RequestParam(name = "q", defaultValue = "") String words,
            @RequestParam(defaultValue = "") String to,
            @RequestHeader(name = HttpHeaders.ACCEPT_ENCODING, defaultValue = "") String accepted,
            @RequestHeader(name = HttpHeaders.IF_NONE_MATCH, required = false) @Nullable String known) {
        String path = UriUtils.decode(request.getRequestURI(), StandardCharsets.UTF_8);
        return switch (pages.at(new VisitorPages.Asked(path, words, to, session.of(request)))) {
            case VisitorPages.Answer.Page(Rendered page) -> answer(page, accepted, known);
            case VisitorPages.Answer.Elsewhere(String address, HttpStatus status) ->
                elsewhere(address, status, request.getQueryString());
        };
    }

    /**
     * Asked for each time: a browser that remembered where an old address led would be sent in a circle once the page moves
     * back. Where a group leads on to may change by the day, and differs for members.
     */
    private static ResponseEntity<byte[]> elsewhere(String address, HttpStatus status, @Nullable String query) {
        boolean forGood = status == HttpStatus.MOVED_PERMANENTLY;
        return ResponseEntity.status(status)
                .header(
                        HttpHeaders.LOCATION,
                        forGood && query != null && !address.contains("?") ? address + "?" + query : address)
                .header(HttpHeaders.VARY, HttpHeaders.COOKIE)
                .cacheControl(forGood ? CacheControl.noCache().cachePrivate() : CacheControl.noStore())
                .build();
    }

    /** @param part the number of a part, from 1, where there are more addresses than one sitemap may have */
    @GetMapping("/sitemap.xml")
    ResponseEntity<byte[]> sitemap(HttpServletRequest request, @RequestParam(defaultValue = "0") int part) {
        return sitemaps.file(origin(request), part)
                .map(file -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_XML)
                        .body(file))
                .orElse(ResponseEntity.notFound().build());
    }

    @GetMapping("/robots.txt")
    ResponseEntity<byte[]> robots(HttpServletRequest request) {
        String text = "User-agent: *\nDisallow: /-/\nAllow: " + FileAddresses.BASE + "\nAllow: " + VisitorAssets.BASE
                + "\nSitemap: " + pages.origin(origin(request)) + "/sitemap.xml\n";
        return ResponseEntity.ok().contentType(MediaType.TEXT_PLAIN).body(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Browsers ask for it on their own; there is none yet, and that is no error. */
    @GetMapping("/favicon.ico")
    ResponseEntity<Void> icon() {
        return ResponseEntity.noContent()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)))
                .build();
    }

    static String origin(HttpServletRequest request) {
        String url = request.getRequestURL().toString();
        return url.substring(0, url.length() - request.getRequestURI().length());
    }

    static ResponseEntity<byte[]> answer(Rendered page, String accepted, @Nullable String known) {
        return answer(page, HTML, accepted, known);
    }

    /** To be asked for each time, so that a new release is seen at once; the tag saves sending it again. */
    static ResponseEntity<byte[]> answer(Rendered page, MediaType type, String accepted, @Nullable String known) {
        boolean gzip = accepted.toLowerCase(Locale.ROOT).contains("gzip");
        HttpHeaders headers = new HttpHeaders();
        headers.setCacheControl(page.forMembers() ? CacheControl.noCache().cachePrivate() : CacheControl.noCache());
        headers.set(Policy.HEADER, POLICY);
        headers.add(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING + ", " + HttpHeaders.COOKIE);
        headers.setETag(page.tag());
        if (page.tag().equals(known) && page.status() == HttpStatus.OK.value()) {
            return new ResponseEntity<>(headers, HttpStatus.NOT_MODIFIED);
        }
        headers.setContentType(type);
        if (gzip) {
            headers.set(HttpHeaders.CONTENT_ENCODING, "gzip");
        }
        return new ResponseEntity<>(
                gzip ? page.compressed() : page.plain(), headers, HttpStatus.valueOf(page.status()));
    }
}
