package velnik.server.visiting;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.resource.ResourceUrlProvider;
import velnik.core.address.AddressWriter;
import velnik.core.html.Frame;
import velnik.core.html.VisitorWords;
import velnik.core.text.Messages;

/** The style sheet and scripts of the visitor's pages, under addresses that change with their content. */
@Component
class VisitorAssets {
    static final String BASE = "/-/static/visitor/";

    private final ResourceUrlProvider addresses;
    private final Messages words = VisitorWords.in("en");

    VisitorAssets(ResourceUrlProvider addresses) {
        this.addresses = addresses;
    }

    /** What the visitor site says by itself, in its language. */
    Messages words() {
        return words;
    }

    /** The frame of a published page. */
    Frame published() {
        return new Frame(AddressWriter.fromRoot(), words, address("look.css"), List.of(address("visitor.js")), null);
    }

    /** The frame of a page in the owner's window. */
    Frame window(String prefix, @Nullable String band) {
        return new Frame(
                AddressWriter.under(prefix),
                words,
                address("look.css"),
                List.of(address("visitor.js"), address("window.js")),
                band);
    }

    private String address(String name) {
        String versioned = addresses.getForLookupPath(BASE + name);
        return versioned == null ? BASE + name : versioned;
    }
}
