package velnik.server.visiting;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import velnik.core.address.AddressWriter;
import velnik.core.exchange.StaticSite;
import velnik.core.html.Frame;
import velnik.core.html.VisitorWords;
import velnik.core.looks.TunedSheet;
import velnik.core.site.Details;
import velnik.core.site.Look;
import velnik.core.site.Site;
import velnik.core.site.TypePair;
import velnik.core.text.Messages;

/** The style sheets and scripts of the visitor's pages, under addresses that change with their content. */
@Component
class VisitorAssets {
    static final String BASE = "/-/static/visitor/";

    /** The build names fonts by their content, so their addresses need no version. */
    private static final Pattern FONT = Pattern.compile("url\\([\"']?(?:\\./)?(fonts/[^)\"']+)");

    private final ResourceUrlProvider addresses;
    /** By the style sheets that name them. */
    private final Map<String, List<String>> fonts = new ConcurrentHashMap<>();

    private final Map<String, Messages> words = new ConcurrentHashMap<>();

    VisitorAssets(ResourceUrlProvider addresses) {
        this.addresses = addresses;
    }

    /** What a site says to visitors by itself, in its language. */
    Messages words(Site site) {
        return words.computeIfAbsent(site.details().language(), VisitorWords::in);
    }

    /** The frame of a published page. */
    Frame published(Site site) {
        return frame(site, AddressWriter.fromRoot(), List.of(address("visitor.js")), null);
    }

    /** The frame of a page in the owner's window. */
    Frame window(Site site, AddressWriter addresses, @Nullable String band) {
        return frame(site, addresses, List.of(address("visitor.js"), address("window.js")), band);
    }

    private Frame frame(Site site, AddressWriter addresses, List<String> scripts, @Nullable String band) {
        List<String> first = fonts(site).stream()
                .filter(font -> font.contains("-latin-wght-")) // nearly every page needs these
                .toList();
        return new Frame(addresses, words(site), stylesheets(site.details()), first, scripts, band);
    }

    /** What the pages load that need no server. */
    StaticSite.Scripts alone(Site site) {
        return new StaticSite.Scripts(stylesheets(site.details()), address("visitor.js"), address("search.js"));
    }

    /** Of the look, of the type that was chosen for it, and of what was tuned. */
    List<String> stylesheets(Details details) {
        Stream<String> shipped = Stream.concat(
                        Stream.of(ofLook(details.look())), details.tuning().type().map(VisitorAssets::ofType).stream())
                .map(this::address);
        return Stream.concat(shipped, TunedSheet.of(details.look(), details.tuning()).map(TunedSheet::address).stream())
                .toList();
    }

    /** The addresses of the fonts of a site's type. */
    List<String> fonts(Site site) {
        Details details = site.details();
        String sheet = details.tuning().type().map(VisitorAssets::ofType).orElse(ofLook(details.look()));
        return fonts.computeIfAbsent(sheet, name -> fontsOf(new ClassPathResource("web/visitor/" + name)));
    }

    private static String ofLook(Look look) {
        return look.word() + ".css";
    }

    private static String ofType(TypePair type) {
        return "type-" + type.word() + ".css";
    }

    /** What a style sheet names, in its order; its links begin where it lies. */
    private static List<String> fontsOf(Resource sheet) {
        if (!sheet.exists()) {
            return List.of(); // in tests of the server alone
        }
        try {
            return FONT.matcher(sheet.getContentAsString(StandardCharsets.UTF_8))
                    .results()
                    .map(font -> BASE + font.group(1))
                    .distinct()
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** The content of what lies at an address. */
    Resource at(String address) {
        Optional<TunedSheet> tuned = TunedSheet.at(address);
        if (tuned.isPresent()) {
            return new ByteArrayResource(tuned.get().css().getBytes(StandardCharsets.UTF_8));
        }
        String name = address.substring(BASE.length()).replaceFirst("-[0-9a-f]{32}(?=\\.[a-z]+$)", "");
        return new ClassPathResource("web/visitor/" + name);
    }

    private String address(String name) {
        String versioned = addresses.getForLookupPath(BASE + name);
        return versioned == null ? BASE + name : versioned;
    }
}
