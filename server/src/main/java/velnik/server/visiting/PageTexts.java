package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Component;
import velnik.core.content.Markdown;
import velnik.core.site.Page;
import velnik.core.site.TextHash;
import velnik.server.storage.TextStore;

/** The texts of pages as safe HTML. A text never changes under its hash, so each is rendered once. */
@Component
class PageTexts {
    private static final int CHARACTERS_KEPT = 8_000_000;

    private final TextStore store;
    private final Cache<TextHash, String> rendered = Caffeine.newBuilder()
            .maximumWeight(CHARACTERS_KEPT)
            .weigher((TextHash hash, String html) -> html.length())
            .build();

    PageTexts(TextStore store) {
        this.store = store;
    }

    /** The words of the text alone; empty when the page has none. */
    String words(Page page) {
        TextHash hash = page.text();
        return hash == null ? "" : store.find(hash).map(Markdown::toPlain).orElse("");
    }

    /** Empty when the page has no text. */
    String html(Page page) {
        TextHash hash = page.text();
        return hash == null
                ? ""
                : rendered.get(
                        hash, any -> store.find(hash).map(Markdown::toHtml).orElse(""));
    }
}
