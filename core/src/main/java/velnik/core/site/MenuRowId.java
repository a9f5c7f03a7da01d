package velnik.core.site;

/** Tells one row of the outline of menus from all others, for ever. */
public record MenuRowId(String value) {

    public MenuRowId {
        Ids.checked(value);
    }

    @Override
    public String toString() {
        return value;
    }
}
