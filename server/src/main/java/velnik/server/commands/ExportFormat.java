package velnik.server.commands;

import static java.util.stream.Collectors.joining;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import velnik.core.site.Zone;

/**
 * A format that the command saves.
 *
 * @param call what answers it, under the exports
 * @param of what can be named that it is of
 */
record ExportFormat(String call, Of of) {
    /** By the words that the command knows them by. */
    static final SortedMap<String, ExportFormat> ALL = new TreeMap<>(Map.ofEntries(
            Map.entry("pages-csv", new ExportFormat("csv?of=PAGES", Of.SITE)),
            Map.entry("items-csv", new ExportFormat("csv?of=ITEMS", Of.SITE)),
            Map.entry("zones-csv", new ExportFormat("csv?of=ASSIGNMENTS", Of.SITE)),
            Map.entry("forwards-csv", new ExportFormat("csv?of=FORWARDS", Of.SITE)),
            Map.entry("nginx", new ExportFormat("rules?for=NGINX", Of.SITE)),
            Map.entry("apache", new ExportFormat("rules?for=APACHE", Of.SITE)),
            Map.entry("json", new ExportFormat("json", Of.SITE)),
            Map.entry("static", new ExportFormat("static", Of.SITE)),
            Map.entry("sitemap", new ExportFormat("sitemap", Of.SITE)),
            Map.entry("html", new ExportFormat("html", Of.ZONE)),
            Map.entry("opml", new ExportFormat("opml", Of.SITE_OR_MENU)),
            Map.entry("markdown", new ExportFormat("markdown", Of.SITE_OR_MENU))));

    enum Of {
        SITE,
        SITE_OR_MENU,
        ZONE
    }

    static ExportFormat named(String word) throws Commands.Refused {
        ExportFormat format = ALL.get(word);
        if (format == null) {
            throw new Commands.Refused(
                    "There is no format “" + word + "”. There are " + String.join(", ", ALL.keySet()) + ".");
        }
        return format;
    }

    /** @param named what it is to be of: no words, or one */
    String path(List<String> named) throws Commands.Refused {
        return "/-/api/exports/" + call
                + switch (of) {
                    case SITE -> {
                        if (!named.isEmpty()) {
                            throw new Commands.Refused("That format is always of the whole site.");
                        }
                        yield "";
                    }
                    case SITE_OR_MENU -> named.isEmpty() ? "" : "?menu=" + RunningServer.encoded(named.getFirst());
                    case ZONE ->
                        "?zone=" + zone(named.isEmpty() ? "" : named.getFirst()).name();
                };
    }

    private static Zone zone(String word) throws Commands.Refused {
        return Zone.named(word)
                .orElseThrow(() -> new Commands.Refused("Name a zone: "
                        + Arrays.stream(Zone.values()).map(Zone::word).collect(joining(", ")) + "."));
    }
}
