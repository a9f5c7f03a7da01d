package velnik.core.address;

import java.util.Set;

/**
 * Writes an address of the site for the place it is read in. Every link to a page goes through one of these.
 *
 * <p>Pages' addresses hold only letters a to z, digits, hyphens, dots, underscores and slashes, so nothing in them needs
 * escaping.
 */
public sealed interface AddressWriter {

    /** @param address starts with a slash */
    String write(String address);

    /** From the root of the host, as the visitor site does: {@code /hire/canoes}. */
    static AddressWriter fromRoot() {
        return new UnderPrefix("");
    }

    /**
     * Beneath a path, as the window does: {@code /-/window/TOKEN/hire/canoes}.
     *
     * @param prefix starts with a slash and has none at its end; empty for the root
     */
    static AddressWriter under(String prefix) {
        return new UnderPrefix(prefix);
    }

    /**
     * With scheme and host, as sitemaps do: {@code https://brackwater.example/hire/canoes}.
     *
     * @param origin without a slash at its end
     */
    static AddressWriter absolute(String origin) {
        return new UnderPrefix(origin);
    }

    /**
     * As seen from another page of the site, by way of the root, as files in a folder need it: {@code ../hire/prices} is
     * what {@code /hire/prices} is to {@code /hire/canoes}. Resolving what is written against {@code base}, as RFC 3986
     * says in section 5, gives the address again. Pages as deep as each other write the same, so that what is written for
     * one serves all.
     *
     * @param base the address of the page that holds the link
     */
    static AddressWriter relativeTo(String base) {
        if (!base.startsWith("/")) {
            throw new IllegalArgumentException("an address starts with a slash: " + base);
        }
        int folders = (int) base.chars().skip(1).filter(letter -> letter == '/').count();
        // a colon in what follows is none of a scheme
        return new Relative(folders == 0 ? "./" : "../".repeat(folders));
    }

    /**
     * As files that a folder holds, opened without a server or served by any: {@code ../../hire/prices/index.html} is what
     * {@code /hire/prices} is to {@code /hire/canoes}.
     *
     * @param base the address of the page that holds the link
     */
    static AddressWriter asFiles(String base) {
        return new Filed(relativeTo(Filed.nameOf(base)));
    }

    /**
     * The same for a page that is shown at any address: {@code /hire/prices/index.html}.
     *
     * @param prefix as in {@link #under}
     */
    static AddressWriter asFilesUnder(String prefix) {
        return new Filed(under(prefix));
    }

    /**
     * The same, with a query behind some addresses, by which they are known: {@code /hire/skiffs?unopened=true}.
     *
     * @param query without its question mark
     */
    static AddressWriter withQuery(AddressWriter around, Set<String> addresses, String query) {
        return addresses.isEmpty() ? around : new WithQuery(around, Set.copyOf(addresses), query);
    }

    /** The file that holds the page at an address: {@code hire/canoes/index.html}. */
    static String fileOf(String address) {
        return Filed.nameOf(address).substring(1);
    }

    private static int endOfPath(String address) {
        int end = 0;
        while (end < address.length() && address.charAt(end) != '?' && address.charAt(end) != '#') {
            end++;
        }
        return end;
    }

    /** An address that has a query of its own is left alone. */
    record WithQuery(AddressWriter around, Set<String> addresses, String query) implements AddressWriter {
        @Override
        public String write(String address) {
            int end = endOfPath(address);
            String path = address.substring(0, end);
            boolean known = addresses.contains(path) && !address.startsWith("?", end);
            return around.write(known ? path + "?" + query + address.substring(end) : address);
        }
    }

    /** Names the file that stands for an address. Files of the site have their own names. */
    record Filed(AddressWriter around) implements AddressWriter {
        @Override
        public String write(String address) {
            int end = endOfPath(address);
            return around.write(nameOf(address.substring(0, end))) + address.substring(end);
        }

        private static String nameOf(String address) {
            return address.startsWith("/-/") ? address : (address.equals("/") ? "" : address) + "/index.html";
        }
    }

    /** Puts something before the address. */
    record UnderPrefix(String prefix) implements AddressWriter {
        public UnderPrefix {
            if (prefix.endsWith("/")) {
                throw new IllegalArgumentException("a prefix has no slash at its end: " + prefix);
            }
        }

        @Override
        public String write(String address) {
            return prefix + address;
        }
    }

    /** @param up the way to the root */
    record Relative(String up) implements AddressWriter {
        @Override
        public String write(String address) {
            return up + address.substring(1);
        }
    }
}
