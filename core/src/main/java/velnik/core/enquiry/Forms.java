package velnik.core.enquiry;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.site.EnquiryForm;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageKind;
import velnik.core.text.Line;

/** Gives a page its form. */
public final class Forms {
    private Forms() {}

    public static Optional<Refusal> setForm(Draft draft, Change.SetForm set) {
        Optional<Page> page = draft.pages().find(set.page());
        if (page.isEmpty()) {
            return Checks.exists(draft.site(), set.page());
        }
        if (page.get().kind() != PageKind.PAGE) {
            return Optional.of(new Refusal.NoTextOf(page.get().title()));
        }
        List<Change.FormField> fields = set.fields();
        Optional<Refusal> refusal = fields.size() > Limits.FIELDS
                ? Optional.of(new Refusal.TooManyFields(Limits.FIELDS))
                : fields.stream()
                        .flatMap(field -> wrong(field).stream())
                        .findFirst()
                        .or(() -> alike(fields));
        if (refusal.isEmpty()) {
            EnquiryForm form = fields.isEmpty()
                    ? null
                    : new EnquiryForm(fields.stream().map(Forms::cleaned).toList());
            draft.become(draft.pages().replace(set.page(), page.get().withForm(form)));
        }
        return refusal;
    }

    private static Optional<Refusal> wrong(Change.FormField field) {
        EnquiryForm.Kind kind = field.kind();
        String label = Line.cleaned(field.label());
        if (label.isEmpty() || label.length() > Limits.TITLE) {
            return Optional.of(new Refusal.FieldMalformed(label.length(), Limits.TITLE));
        }
        if (kind == EnquiryForm.Kind.CHOICE && choices(field).size() < 2) {
            return Optional.of(new Refusal.ChoicesMissing(label));
        }
        return choices(field).size() > Limits.CHOICES
                        || choices(field).stream().anyMatch(choice -> choice.length() > Limits.TITLE)
                ? Optional.of(new Refusal.TooManyChoices(label, Limits.CHOICES, Limits.TITLE))
                : Optional.empty();
    }

    private static Optional<Refusal> alike(List<Change.FormField> fields) {
        Set<String> labels = new HashSet<>();
        return fields.stream()
                .map(field -> Line.cleaned(field.label()))
                .filter(label -> !labels.add(label.toLowerCase(Locale.ROOT)))
                .findFirst()
                .map(Refusal.FieldsAlike::new);
    }

    private static EnquiryForm.Field cleaned(Change.FormField field) {
        return new EnquiryForm.Field(
                field.kind(),
                Line.cleaned(field.label()),
                field.required(),
                field.kind() == EnquiryForm.Kind.CHOICE ? choices(field) : List.of());
    }

    private static List<String> choices(Change.FormField field) {
        return field.choices().stream()
                .map(Line::cleaned)
                .filter(choice -> !choice.isEmpty())
                .distinct()
                .toList();
    }
}
