package velnik.core.address;

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

    /** All forms so far put something before the address. */
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
}
