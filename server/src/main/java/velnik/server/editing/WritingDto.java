package velnik.server.editing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.site.EnquiryForm;
import velnik.core.site.PageId;
import velnik.core.site.TextHash;

/** A change of what a page says, as the editor sends it. */
sealed interface WritingDto extends ChangeDto
        permits WritingDto.SetForm, WritingDto.SetSummary, WritingDto.SetSearchWords, WritingDto.SetText {

    /** @param fields none for no form */
    record SetForm(@NotNull String page, @Valid @NotNull List<FieldDto> fields) implements WritingDto {
        @Override
        public Change change() {
            return new Change.SetForm(
                    new PageId(page), fields.stream().map(FieldDto::field).toList());
        }
    }

    /** @param choices of a {@code CHOICE}; of any other kind they are nothing to it */
    record FieldDto(
            EnquiryForm.@NotNull Kind kind,
            @NotNull String label,
            boolean required,
            @NotNull List<String> choices) {
        private Change.FormField field() {
            return new Change.FormField(kind, label, required, choices);
        }

        static FieldDto of(EnquiryForm.Field field) {
            return new FieldDto(field.kind(), field.label(), field.required(), field.choices());
        }
    }

    record SetSummary(@NotNull String page, @NotNull String summary) implements WritingDto {
        @Override
        public Change change() {
            return new Change.SetSummary(new PageId(page), summary);
        }
    }

    /**
     * What is left out stays as it is.
     *
     * @param title empty for the title of the page
     * @param description empty for its summary
     */
    record SetSearchWords(
            @NotNull String page,
            @Nullable String title,
            @Nullable String description) implements WritingDto {
        @Override
        public Change change() {
            return new Change.SetSearchWords(new PageId(page), title, description);
        }
    }

    /**
     * @param text in Markdown; empty for none
     * @param upon names the text it was written upon; null for none
     * @param stretch names a stretch of typing, whose edits are kept as one
     */
    record SetText(
            @NotNull String page,
            @NotNull String text,
            @Nullable String upon,
            @NotNull String stretch) implements WritingDto {
        @Override
        public Change change() {
            return new Change.SetText(
                    new PageId(page),
                    text.isEmpty() ? null : TextHash.of(text),
                    upon == null ? null : new TextHash(upon),
                    stretch);
        }

        SetText withText(String kept) {
            return new SetText(page, kept, upon, stretch);
        }
    }
}
