package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How the business is reached.
 *
 * @param phone as people write it; empty for none
 * @param mail an address without a scheme; empty for none
 * @param postal the postal address, a line each; empty for none
 */
@RecordBuilder
public record Contact(String phone, String mail, String postal) implements ContactBuilder.With {
    public static final Contact NONE = new Contact("", "", "");

    /** What it is reached by one way; empty for none. */
    public String by(ItemKind.Way way) {
        return switch (way) {
            case PHONE -> phone;
            case MAIL -> mail;
        };
    }

    public boolean isNone() {
        return equals(NONE);
    }
}
