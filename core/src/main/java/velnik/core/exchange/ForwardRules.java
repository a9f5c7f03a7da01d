package velnik.core.exchange;

import static java.util.stream.Collectors.joining;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Addresses that lead on, as rules for web servers: 301 and 410 as Velnik answers, in one step, the query kept, capitals
 * and a final slash no matter. What stands for all beneath an address leaves the pages there alone.
 */
public final class ForwardRules {
    private static final Comparator<LeadingOn> CLOSEST_FIRST = Comparator.comparing(LeadingOn::beneath)
            .thenComparing(each -> -each.from().length())
            .thenComparing(LeadingOn::from);

    private ForwardRules() {}

    /**
     * For nginx: a {@code map} for the {@code http} block, with what the {@code server} block does by it. Looking up one
     * address costs O(addresses that stand for all beneath them).
     *
     * @param pages the addresses that show something
     */
    public static String nginx(List<LeadingOn> all, Collection<String> pages) {
        return """
                # Old addresses and where they lead. Include this file in the http block, and put into the server block:
                #   if ($leads_to = gone) { return 410; }
                #   if ($leads_to) { return 301 $leads_to; }
                map_hash_max_size 65536;
                map_hash_bucket_size 1024;
                map $uri $leads_to {
                  default "";
                """
                + all.stream()
                        .sorted(CLOSEST_FIRST)
                        .map(each -> nginx(each, pages))
                        .collect(joining())
                + "}\n";
    }

    private static String nginx(LeadingOn each, Collection<String> pages) {
        String to = each.to().isEmpty() ? "gone" : withQuery(escapedAddress(each.to()));
        Stream<String> from = each.beneath()
                ? Stream.of("~*" + beneath(each.from(), pages))
                : Stream.of(each.from(), each.from() + "/");
        return from.map(address -> "  " + quoted(address) + " " + quoted(to) + ";\n")
                .collect(joining());
    }

    private static String withQuery(String to) {
        return to.contains("?") || to.contains("#") ? to : to + "$is_args$args";
    }

    /**
     * For Apache: lines for {@code .htaccess} or a virtual host, with mod_alias, which keeps the query by itself. One
     * request costs O(all).
     *
     * @param pages the addresses that show something
     */
    public static String apache(List<LeadingOn> all, Collection<String> pages) {
        return "# Old addresses and where they lead.\n<IfModule mod_alias.c>\n"
                + all.stream()
                        .sorted(CLOSEST_FIRST)
                        .map(each -> apache(each, pages))
                        .collect(joining())
                + "</IfModule>\n";
    }

    private static String apache(LeadingOn each, Collection<String> pages) {
        String from = each.beneath() ? beneath(each.from(), pages) : "^" + escaped(each.from()) + "/?$";
        return each.to().isEmpty()
                ? "RedirectMatch 410 " + quoted("(?i)" + from) + "\n"
                : "RedirectMatch 301 " + quoted("(?i)" + from) + " " + quoted(escapedAddress(each.to())) + "\n";
    }

    /** A pattern for the address and all beneath it, but for the pages there, be they asked for as pages or as files. */
    private static String beneath(String from, Collection<String> pages) {
        List<String> kept = pages.stream()
                .filter(page -> page.equals(from) || page.startsWith(from + "/"))
                .map(page -> escaped(page.substring(from.length())))
                .toList();
        return "^" + escaped(from)
                + (kept.isEmpty() ? "" : "(?!(?:" + String.join("|", kept) + ")(?:/(?:index\\.html)?)?$)")
                + "(?:$|/)";
    }

    /** For a regular expression. */
    private static String escaped(String words) {
        return words.replaceAll("[^\\p{L}\\p{N}/_\"-]", "\\\\$0");
    }

    /** A dollar sign begins a variable, or what a pattern found. */
    private static String escapedAddress(String address) {
        return address.replace("$", "%24");
    }

    private static String quoted(String words) {
        return '"' + words.replace("\\", "\\\\").replace("\"", "\\\"") + '"';
    }
}
