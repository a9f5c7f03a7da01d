package velnik.core.site;

import java.util.List;

/** What a page asks of visitors who write to the business by it. */
public record EnquiryForm(List<Field> fields) {

    /** What one field takes. */
    public enum Kind {
        NAME,
        MAIL,
        PHONE,
        DATE,
        /** One of several. */
        CHOICE,
        /** A longer text. */
        WORDS
    }

    /**
     * @param label as visitors read it; unlike that of any other field of the form
     * @param required whether it has to be filled in
     * @param choices of a {@link Kind#CHOICE}, in order; of any other kind none
     */
    public record Field(Kind kind, String label, boolean required, List<String> choices) {
        public Field {
            if (label.isBlank() || label.length() > Limits.TITLE) {
                throw new IllegalArgumentException(
                        "a field's label has 1 to " + Limits.TITLE + " characters, not " + label.length());
            }
            choices = List.copyOf(choices);
        }
    }

    public EnquiryForm {
        fields = List.copyOf(fields);
        if (fields.isEmpty() || fields.size() > Limits.FIELDS) {
            throw new IllegalArgumentException("a form has 1 to " + Limits.FIELDS + " fields, not " + fields.size());
        }
    }
}
