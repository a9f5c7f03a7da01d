package velnik.server.storage;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.dialect.Dialects;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import velnik.core.outline.Branch;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.soundness.Soundness;
import velnik.core.text.Messages;
import velnik.core.text.Shortened;

/**
 * A site with the texts of its pages as one JSON text, to be taken away and read in again: everything but the bin, and
 * the contents of its files. It is the stored form with its number, so that what an older Velnik wrote is read as long
 * as an older database is.
 */
@Component
public class WholeSite {
    /** What the text says it is. */
    public static final String FORMAT = "velnik-site";

    /** Names the schema of what is written. */
    static final String SCHEMA = "urn:" + FORMAT + ":" + StoredForms.FORMAT;

    private static final int NAMED = 80;
    /** Sentences at most. */
    private static final int MOST = 20;

    private static final Messages WORDS = Messages.of(WholeSite.class);

    private final StoredForms forms;
    private final ObjectNode described;
    private final Schema schema;

    WholeSite(StoredForms forms) {
        this.forms = forms;
        this.described = forms.schema();
        this.schema = SchemaRegistry.withDialect(Dialects.getDraft202012()).getSchema(described);
    }

    /** What came of reading a text. */
    public sealed interface Read {
        /** @param texts those that pages of the site have */
        record Whole(Site site, List<String> texts) implements Read {
            public Whole {
                texts = List.copyOf(texts);
            }
        }

        /** @param sentences why nothing can be made of it */
        record Not(List<String> sentences) implements Read {
            public Not {
                sentences = List.copyOf(sentences);
            }
        }
    }

    /** What {@link #write} writes, as JSON Schema 2020-12. */
    public String schema() {
        return forms.indented(described);
    }

    /** @param texts what the text of a page is */
    public String write(Site site, Function<Page, String> texts) {
        ObjectNode whole = forms.node();
        whole.put("$schema", SCHEMA);
        whole.put("format", FORMAT);
        whole.put("version", StoredForms.FORMAT);
        whole.set("site", forms.siteTree(site));
        ObjectNode byHash = whole.putObject("texts");
        written(site).forEach((hash, page) -> byHash.put(hash, texts.apply(page)));
        return forms.indented(whole);
    }

    /** A page with each text there is, by its hash. */
    private static SortedMap<String, Page> written(Site site) {
        SortedMap<String, Page> pages = new TreeMap<>();
        for (Branch<?, Page> row : site.pages().walk()) {
            TextHash text = row.value().text();
            if (text != null) {
                pages.putIfAbsent(text.value(), row.value());
            }
        }
        return pages;
    }

    /** Whatever the text: it is read, or what is wrong with it is said. */
    public Read read(String text) {
        try {
            return read(forms.tree(text));
        } catch (DatabindException twice) {
            return not("twice", Map.of("line", line(twice)));
        } catch (JacksonException malformed) {
            return not("noJson", Map.of("line", line(malformed)));
        }
    }

    private static int line(JacksonException failed) {
        TokenStreamLocation at = failed.getLocation();
        return at == null ? 1 : Math.max(1, at.getLineNr());
    }

    private Read read(JsonNode whole) {
        if (!whole.path("format").asString("").equals(FORMAT)) {
            return not("noSite", Map.of("format", FORMAT));
        }
        int version = whole.path("version").asInt(0);
        if (version < 1) {
            return not("noVersion", Map.of());
        }
        if (version > StoredForms.FORMAT) {
            return not("newer", Map.of("version", version, "known", StoredForms.FORMAT));
        }
        try {
            ObjectNode current = ((ObjectNode) whole).put("version", StoredForms.FORMAT);
            if (whole.path("site").isObject()) {
                current.set("site", forms.siteTree(version, whole.path("site")));
            }
            List<Error> unfitting = schema.validate(current);
            if (!unfitting.isEmpty()) {
                return new Read.Not(
                        unfitting.stream().limit(MOST).map(WholeSite::said).toList());
            }
            return judged(forms.readSite(current.get("site")), current.get("texts"));
        } catch (RuntimeException broken) { // values check themselves, and upgraders take it for what Velnik wrote
            return not("unfitting", Map.of("why", said(broken)));
        }
    }

    private static Read judged(Site site, JsonNode texts) {
        List<String> wrong = new ArrayList<>(Soundness.of(site));
        Map<String, String> found = new HashMap<>();
        written(site).forEach((hash, page) -> {
            String text = texts.path(hash).asString("");
            if (text.length() > Limits.TEXT || !TextHash.of(text).value().equals(hash)) {
                wrong.add(WORDS.say("noText", Map.of("title", Shortened.to(NAMED, page.title()))));
            }
            found.put(hash, text);
        });
        return wrong.isEmpty()
                ? new Read.Whole(site, List.copyOf(found.values()))
                : new Read.Not(wrong.subList(0, Math.min(MOST, wrong.size())));
    }

    private static Read not(String why, Map<String, ?> facts) {
        return new Read.Not(List.of(WORDS.say(why, facts)));
    }

    private static String said(Error error) {
        String where = error.getInstanceLocation().toString();
        return WORDS.say(
                "unfittingAt",
                Map.of(
                        "where",
                        where.isEmpty() ? "/" : Shortened.to(2 * NAMED, where),
                        "why",
                        Shortened.to(2 * NAMED, error.getMessage())));
    }

    private static String said(Throwable failed) {
        Throwable first = failed.getCause() == null ? failed : failed.getCause();
        String said = first instanceof JacksonException jackson ? jackson.getOriginalMessage() : first.getMessage();
        return Shortened.to(2 * NAMED, said == null ? first.getClass().getSimpleName() : said);
    }
}
