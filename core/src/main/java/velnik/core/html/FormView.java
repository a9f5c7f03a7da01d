package velnik.core.html;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.enquiry.Enquiry;
import velnik.core.site.EnquiryForm;
import velnik.core.site.Limits;
import velnik.core.site.PageId;

/**
 * A form as a page shows it.
 *
 * @param action where it goes, as fields {@link #FORM}, {@link #TRAP} and one for each of its own
 * @param name tells it from another that the page had before
 * @param problem what is wrong as a whole; empty for nothing
 * @param prefix of the ids in it; empty for the form of the page itself
 */
public record FormView(String action, String name, List<FieldView> fields, String problem, String prefix) {
    /** Carries {@link #name}. */
    public static final String FORM = "form";
    /** A field that people do not see; whoever fills it in is none. */
    public static final String TRAP = "website";

    /** What the addresses begin with that forms go to. */
    public static final String BASE = "/-/enquiries/";

    /**
     * @param value as it was typed before
     * @param problem what is wrong with it; empty for nothing
     */
    public record FieldView(int number, EnquiryForm.Field field, String value, String problem) {
        public String name() {
            return fieldName(number);
        }

        /** As the platform calls what is typed in it. */
        public String type() {
            return switch (field.kind()) {
                case MAIL -> "email";
                case PHONE -> "tel";
                case DATE -> "date";
                case NAME, CHOICE, WORDS -> "text";
            };
        }

        /** What browsers may fill in by themselves. */
        public @Nullable String autocomplete() {
            return switch (field.kind()) {
                case NAME -> "name";
                case MAIL -> "email";
                case PHONE -> "tel";
                case DATE, CHOICE, WORDS -> null;
            };
        }

        /** Characters; null where it is not typed as characters. */
        public @Nullable Integer longest() {
            return switch (field.kind()) {
                case WORDS -> Enquiry.LONGEST;
                case DATE -> null;
                case NAME, MAIL, PHONE, CHOICE -> Limits.TITLE;
            };
        }
    }

    /** @param number from 0 */
    public static String fieldName(int number) {
        return "f" + number;
    }

    public static String action(PageId page) {
        return BASE + page.value();
    }

    /**
     * @param sent by the number of the field; nothing where the form is new
     * @param problems what is wrong with which
     */
    static FormView of(
            Frame frame,
            PageId page,
            EnquiryForm form,
            List<String> sent,
            Map<Integer, Enquiry.Problem> problems,
            String problem) {
        List<FieldView> fields = new ArrayList<>();
        for (int i = 0; i < form.fields().size(); i++) {
            fields.add(new FieldView(
                    i,
                    form.fields().get(i),
                    i < sent.size() ? sent.get(i) : "",
                    Optional.ofNullable(problems.get(i))
                            .map(wrong -> frame.say("form." + wrong.name()))
                            .orElse("")));
        }
        return new FormView(frame.addresses().write(action(page)), Enquiry.nameOf(form), fields, problem, "");
    }

    /** As it stands in a menu, where there may be others. */
    FormView inMenu(String idPrefix) {
        return new FormView(action, name, fields, problem, idPrefix);
    }

    public String id(FieldView field) {
        return prefix + field.name();
    }

    /** Of the form as a whole; null in a menu, where nothing leads to it. */
    public @Nullable String anchor() {
        return prefix.isEmpty() ? "enquiry" : null;
    }
}
