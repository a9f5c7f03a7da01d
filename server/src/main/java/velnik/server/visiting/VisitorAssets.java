package velnik.server.visiting;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import velnik.core.address.AddressWriter;
import velnik.core.exchange.StaticSite;
import velnik.core.html.Frame;
import velnik.core.html.VisitorWords;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/** The style sheet and scripts of the visitor's pages, under addresses that change with their content. */
@Component
class VisitorAssets {
    static final String BASE = "/-/static/visitor/";

    private final ResourceUrlProvider addresses;
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
        return new Frame(
                AddressWriter.fromRoot(), words(site), address("look.css"), List.of(address("visitor.js")), null);
    }

    /** The frame of a page in the owner's window. */
    Frame window(Site site, String prefix, @Nullable String band) {
        return new Frame(
                AddressWriter.under(prefix),
                words(site),
                address("look.css"),
                List.of(address("visitor.js"), address("window.js")),
                band);
    }

    /** What the pages load that need no server. */
    StaticSite.Scripts alone() {
        return new StaticSite.Scripts(address("look.css"), address("visitor.js"), address("search.js"));
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
