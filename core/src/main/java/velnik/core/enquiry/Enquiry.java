package velnik.core.enquiry;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import velnik.core.address.Links;
import velnik.core.site.EnquiryForm;
import velnik.core.site.Limits;
import velnik.core.site.TextHash;
import velnik.core.text.Line;

/** What a visitor sent by a form, read as the form asks. */
public sealed interface Enquiry {

    /** @param value as it was typed, on several lines for a longer text; empty where nothing was */
    record Answer(EnquiryForm.Kind kind, String label, String value) {}

    /** Every field in order, those that were left empty too. */
    record Taken(List<Answer> answers) implements Enquiry {
        public Taken {
            answers = List.copyOf(answers);
        }

        /** Where to answer; empty where no mail address was given. */
        public String mail() {
            return answers.stream()
                    .filter(answer -> answer.kind() == EnquiryForm.Kind.MAIL)
                    .map(Answer::value)
                    .filter(value -> !value.isEmpty())
                    .findFirst()
                    .orElse("");
        }
    }

    /** @param problems by the number of the field, from 0 */
    record Faulty(Map<Integer, Problem> problems) implements Enquiry {
        public Faulty {
            problems = Map.copyOf(problems);
        }
    }

    enum Problem {
        MISSING,
        TOO_LONG,
        NO_MAIL,
        NO_PHONE,
        NO_DATE,
        NO_CHOICE
    }

    /** UTF-16 characters of a longer text, as {@code Problem.TOO_LONG} counts; of any other value a title's. */
    int LONGEST = 5_000;

    Pattern UNSEEN = Pattern.compile("[\\p{Cc}&&[^\\t\\n]]|[\\x{D800}-\\x{DFFF}]");

    /** @param sent by the number of the field, from 0; what was not sent is empty */
    static Enquiry read(EnquiryForm form, List<String> sent) {
        List<Answer> answers = new ArrayList<>();
        Map<Integer, Problem> problems = new TreeMap<>();
        for (int i = 0; i < form.fields().size(); i++) {
            EnquiryForm.Field field = form.fields().get(i);
            String value = cleaned(field.kind(), i < sent.size() ? sent.get(i) : "");
            int at = i;
            problem(field, value).ifPresent(problem -> problems.put(at, problem));
            answers.add(new Answer(field.kind(), field.label(), value));
        }
        return problems.isEmpty() ? new Taken(answers) : new Faulty(problems);
    }

    /** Tells one form from another that a page had before. */
    static String nameOf(EnquiryForm form) {
        return TextHash.of(
                        form.fields().stream().map(EnquiryForm.Field::toString).collect(Collectors.joining("\n")))
                .value()
                .substring(0, 12);
    }

    private static String cleaned(EnquiryForm.Kind kind, String value) {
        return kind == EnquiryForm.Kind.WORDS
                ? UNSEEN.matcher(value.replaceAll("\\r\\n?", "\n"))
                        .replaceAll("")
                        .strip()
                : Line.cleaned(value);
    }

    private static Optional<Problem> problem(EnquiryForm.Field field, String value) {
        if (value.isEmpty()) {
            return field.required() ? Optional.of(Problem.MISSING) : Optional.empty();
        }
        if (value.length() > (field.kind() == EnquiryForm.Kind.WORDS ? LONGEST : Limits.TITLE)) {
            return Optional.of(Problem.TOO_LONG);
        }
        return switch (field.kind()) {
            case NAME, WORDS -> Optional.empty();
            case MAIL ->
                Links.read("mailto:" + value, "") instanceof Links.Read.Mail && !value.contains("?")
                        ? Optional.empty()
                        : Optional.of(Problem.NO_MAIL);
            case PHONE ->
                Links.read("tel:" + value, "") instanceof Links.Read.Phone
                        ? Optional.empty()
                        : Optional.of(Problem.NO_PHONE);
            case DATE -> isDate(value) ? Optional.empty() : Optional.of(Problem.NO_DATE);
            case CHOICE -> field.choices().contains(value) ? Optional.empty() : Optional.of(Problem.NO_CHOICE);
        };
    }

    private static boolean isDate(String value) {
        try {
            return Limits.isReckoned(LocalDate.parse(value));
        } catch (DateTimeException malformed) {
            return false;
        }
    }
}
