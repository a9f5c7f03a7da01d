package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.content.Written;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.TextHash;

/** A change of what a page says, as the editor sends it. */
sealed interface WritingDto extends ChangeDto
        permits WritingDto.SetSummary, WritingDto.SetSearchWords, WritingDto.SetText {

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

        /** As the text is kept on a site. */
        SetText kept(Site site) {
            return new SetText(page, Written.kept(text, site), upon, stretch);
        }
    }
}
