package velnik.core.site;

/** Tells one removal in the bin from all others. */
public record RemovalId(String value) {

    public RemovalId {
        Ids.checked(value);
    }

    @Override
    public String toString() {
        return value;
    }
}
