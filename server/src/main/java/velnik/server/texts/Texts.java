package velnik.server.texts;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import velnik.core.content.LinkedTexts;
import velnik.core.content.Markdown;
import velnik.core.content.TextPlace;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.server.storage.TextStore;

/** The texts of pages. A text never changes under its hash, so each is read, and looked through, once. */
@Service
public class Texts implements LinkedTexts {
    private static final Logger LOG = LoggerFactory.getLogger(Texts.class);

    private static final int CHARACTERS_KEPT = 8_000_000;

    /** Destinations of links, and places. */
    private static final int FOUND_KEPT = 1_000_000;

    /** Pages whose texts are read before anybody asks for them. */
    private static final int AHEAD = 2_000;

    private final TextStore store;
    private final Cache<TextHash, String> texts = kept(CHARACTERS_KEPT, String::length);
    private final Cache<TextHash, String> words = kept(CHARACTERS_KEPT, String::length);
    private final Cache<TextHash, Markdown.Looked> looked =
            kept(FOUND_KEPT, each -> 1 + each.links().size() + each.places().size());

    Texts(TextStore store) {
        this.store = store;
    }

    /** Reads the texts of a site as far as there is room for them; what cannot be read is when it is asked for. */
    public void readAhead(Site site) {
        try {
            site.pages().walk().stream()
                    .map(Branch::value)
                    .filter(page -> page.text() != null)
                    .limit(AHEAD)
                    .forEach(this::of);
        } catch (RuntimeException unreadable) {
            LOG.warn("not all texts could be read ahead: {}", unreadable.getMessage());
        }
    }

    /** In Markdown; empty when the page has no text. */
    public String of(Page page) {
        return find(page.text());
    }

    /** The words alone; empty when the page has no text. */
    public String words(Page page) {
        return page.text() == null ? "" : words.get(page.text(), made(Markdown::toPlain));
    }

    @Override
    public Set<String> linksOf(TextHash text) {
        return looked.get(text, made(Markdown::lookedThrough)).links();
    }

    @Override
    public List<TextPlace> placesOf(TextHash text) {
        return looked.get(text, made(Markdown::lookedThrough)).places();
    }

    /** Keeps texts, so that a page can have them. */
    public void keep(Collection<String> fresh) {
        if (!fresh.isEmpty()) {
            store.keep(fresh);
        }
    }

    /** Lets those go that nothing names any more. No page may get a text meanwhile. */
    public void tidy() {
        store.forgetUnnamed();
    }

    private <T> Function<TextHash, T> made(Function<String, T> of) {
        return hash -> of.apply(find(hash));
    }

    private String find(@Nullable TextHash hash) {
        return hash == null ? "" : texts.get(hash, any -> store.find(hash).orElse(""));
    }

    private static <T> Cache<TextHash, T> kept(int weight, ToIntFunction<T> weigh) {
        return Caffeine.newBuilder()
                .maximumWeight(weight)
                .weigher((TextHash hash, T value) -> weigh.applyAsInt(value))
                .build();
    }
}
