package velnik.core.content;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a text can have standing in it beside words and pictures, as a paragraph that is nothing but a link to it. */
public enum Standing {
    /** The enquiry form of the page. */
    FORM,
    /** How the business is reached, and when. */
    CONTACT;

    /** What the destination of such a link begins with. */
    public static final String SCHEME = "here:";

    /** As a text has it, such as {@code here:form}. */
    public String destination() {
        return SCHEME + name().toLowerCase(Locale.ROOT);
    }

    /** Empty for a link to anything else. */
    public static Optional<Standing> of(String destination) {
        return Arrays.stream(values())
                .filter(each -> each.destination().equals(destination))
                .findFirst();
    }
}
