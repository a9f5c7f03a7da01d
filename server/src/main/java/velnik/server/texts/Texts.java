package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import velnik.core.content.Markdown;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.server.storage.TextStore;

/** The texts of pages as safe HTML, and their words. A text never changes under its hash, so each is made once. */
@Component
class PageTexts {
    private static final int CHARACTERS_KEPT = 8_000_000;

    private static final Logger LOG = LoggerFactory.getLogger(PageTexts.class);

    private final TextStore store;
    private final Cache<TextHash, String> rendered = kept();
    private final Cache<TextHash, String> words = kept();

    PageTexts(TextStore store) {
        this.store = store;
    }

    /** Pages whose texts are read before anybody asks for them. */
    private static final int AHEAD = 2_000;

    /** Reads the texts of a site as far as there is room for them; what cannot be read is when it is asked for. */
    void readAhead(Site site) {
        try {
            site.pages().walk().stream()
                    .map(Branch::value)
                    .filter(page -> page.text() != null)
                    .limit(AHEAD)
                    .forEach(this::html);
        } catch (RuntimeException unreadable) {
            LOG.warn("not all texts could be read ahead: {}", unreadable.getMessage());
        }
    }

    /** Empty when the page has no text. */
    String html(Page page) {
        return find(page, rendered, Markdown::toHtml);
    }

    /** The words alone; empty when the page has no text. */
    String words(Page page) {
        return find(page, words, Markdown::toPlain);
    }

    private String find(Page page, Cache<TextHash, String> known, UnaryOperator<String> made) {
        TextHash hash = page.text();
        return hash == null
                ? ""
                : known.get(hash, any -> store.find(hash).map(made).orElse(""));
    }

    private static Cache<TextHash, String> kept() {
        return Caffeine.newBuilder()
                .maximumWeight(CHARACTERS_KEPT)
                .weigher((TextHash hash, String text) -> text.length())
                .build();
    }
}
