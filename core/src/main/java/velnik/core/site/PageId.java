package velnik.core.site;

/** Tells one page from all others, for ever. */
public record PageId(String value) {

    public PageId {
        Ids.checked(value);
    }

    @Override
    public String toString() {
        return value;
    }
}
