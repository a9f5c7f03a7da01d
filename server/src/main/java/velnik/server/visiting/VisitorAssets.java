package velnik.server.visiting;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import velnik.core.address.AddressWriter;
import velnik.core.exchange.StaticSite;
import velnik.core.html.Frame;
import velnik.core.html.VisitorWords;
import velnik.core.site.Look;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/** The style sheet and scripts of the visitor's pages, under addresses that change with their content. */
@Component
class VisitorAssets {
    static final String BASE = "/-/static/visitor/";

    /** The build names fonts by their content, so their addresses need no version. */
    private static final Pattern FONT = Pattern.compile("url\\([\"']?(?:\\./)?(fonts/[^)\"']+)");

    private final ResourceUrlProvider addresses;
    private final Map<Look, Sheet> sheets = new ConcurrentHashMap<>();
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
        Sheet sheet = sheet(site);
        return new Frame(
                AddressWriter.fromRoot(),
                words(site),
                sheet.address(),
                sheet.first(),
                List.of(address("visitor.js")),
                null);
    }

    /** The frame of a page in the owner's window. */
    Frame window(Site site, String prefix, @Nullable String band) {
        Sheet sheet = sheet(site);
        return new Frame(
                AddressWriter.under(prefix),
                words(site),
                sheet.address(),
                sheet.first(),
                List.of(address("visitor.js"), address("window.js")),
                band);
    }

    /** What the pages load that need no server. */
    StaticSite.Scripts alone(Site site) {
        return new StaticSite.Scripts(sheet(site).address(), address("visitor.js"), address("search.js"));
    }

    /** The addresses of the fonts of a site's look. */
    List<String> fonts(Site site) {
        return sheet(site).fonts();
    }

    private Sheet sheet(Site site) {
        return sheets.computeIfAbsent(site.details().look(), look -> {
            String name = look.word() + ".css";
            return new Sheet(address(name), fontsOf(new ClassPathResource("web/visitor/" + name)));
        });
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

    /**
     * The style sheet of a look.
     *
     * @param fonts that it names, for all scripts
     */
    private record Sheet(String address, List<String> fonts) {
        /** Those that nearly every page needs. */
        List<String> first() {
            return fonts.stream().filter(font -> font.contains("-latin-wght-")).toList();
        }
    }

    /** The content of what lies at an address. */
    Resource at(String address) {
        String name = address.substring(BASE.length()).replaceFirst("-[0-9a-f]{32}(?=\\.[a-z]+$)", "");
        return new ClassPathResource("web/visitor/" + name);
    }

    private String address(String name) {
        String versioned = addresses.getForLookupPath(BASE + name);
        return versioned == null ? BASE + name : versioned;
    }
}
