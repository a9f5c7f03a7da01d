package velnik.core.files;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.site.FileId;
import velnik.core.site.Limits;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** Pictures and other files of a site. */
public final class Files {
    private Files() {}

    /**
     * What a file is called that came under a name: without its ending, the folders before it, and what cannot be seen.
     * As long as a name may be.
     */
    public static String nameOf(String sent) {
        String last = sent.substring(Math.max(sent.lastIndexOf('/'), sent.lastIndexOf('\\')) + 1);
        int dot = last.lastIndexOf('.');
        String name = Line.cleaned(dot > 0 ? last.substring(0, dot) : last).replaceAll("^[. ]+", "");
        return name.isEmpty() ? "File" : Shortened.to(Limits.TITLE - 1, name);
    }

    public static Optional<Refusal> addFile(Draft draft, FileChange.AddFile add) {
        Site site = draft.site();
        String name = Line.cleaned(add.name());
        Optional<Refusal> refusal = named(name);
        if (refusal.isPresent()) {
            return refusal;
        }
        if (site.findFile(add.id()).isPresent()) {
            return Optional.of(new Refusal.FileTaken(name));
        }
        if (site.files().size() >= Limits.FILES) {
            return Optional.of(new Refusal.TooManyFiles(Limits.FILES));
        }
        List<SiteFile> files = new ArrayList<>(site.files());
        files.add(new SiteFile(add.id(), name, add.content(), null));
        draft.become(site.withFiles(files));
        return Optional.empty();
    }

    public static Optional<Refusal> setFile(Draft draft, FileChange.SetFile set) {
        @Nullable String name = set.name() == null ? null : Line.cleaned(set.name());
        @Nullable String alternative = set.alternative() == null ? null : Line.cleaned(set.alternative());
        if (alternative != null && alternative.length() > Limits.ALTERNATIVE) {
            return Optional.of(new Refusal.AlternativeTooLong(alternative.length(), Limits.ALTERNATIVE));
        }
        return (name == null ? Optional.<Refusal>empty() : named(name))
                .or(() -> alternative == null
                        ? Optional.empty()
                        : draft.site()
                                .findFile(set.file())
                                .filter(file -> !file.content().isPicture())
                                .map(file -> new Refusal.NoPicture(file.name())))
                .or(() -> each(
                        draft,
                        List.of(set.file()),
                        file -> file.with()
                                .name(name == null ? file.name() : name)
                                .alternative(alternative == null ? file.alternative() : alternative)
                                .build()));
    }

    /** A picture stays a picture, so that no page shows what cannot be shown. */
    public static Optional<Refusal> replaceFile(Draft draft, FileChange.ReplaceFile replace) {
        Optional<SiteFile> there = draft.site().findFile(replace.file());
        return there.filter(
                        file -> file.content().isPicture() != replace.content().isPicture())
                .<Refusal>map(file -> file.content().isPicture()
                        ? new Refusal.PictureStays(file.name())
                        : new Refusal.OtherStays(file.name()))
                .or(() -> each(draft, List.of(replace.file()), file -> file.withContent(replace.content())));
    }

    public static Optional<Refusal> removeFiles(Draft draft, FileChange.RemoveFiles remove) {
        Optional<Refusal> refusal = remove.files().isEmpty()
                ? Optional.of(new Refusal.NothingNamed())
                : known(draft.site(), remove.files());
        if (refusal.isEmpty()) {
            draft.become(draft.site()
                    .withFiles(draft.site().files().stream()
                            .filter(file -> !remove.files().contains(file.id()))
                            .toList()));
        }
        return refusal;
    }

    /** Gives pages a picture, or none. */
    public static Optional<Refusal> setPicture(Draft draft, Change.SetPicture set) {
        @Nullable FileId picture = set.picture();
        return (picture == null ? Optional.<Refusal>empty() : picture(draft.site(), picture))
                .or(() -> Checks.each(draft, set.pages(), page -> page.withPicture(picture)));
    }

    /** Why a file cannot be shown as a picture; empty where it can. */
    public static Optional<Refusal> picture(Site site, FileId id) {
        return known(site, List.of(id))
                .or(() -> site.findFile(id)
                        .filter(file -> !file.content().isPicture())
                        .map(file -> new Refusal.NoPicture(file.name())));
    }

    /** Why files cannot be named; empty where all are there. */
    public static Optional<Refusal> known(Site site, List<FileId> files) {
        return files.stream()
                .filter(file -> site.findFile(file).isEmpty())
                .findFirst()
                .map(file -> new Refusal.FileUnknown());
    }

    private static Optional<Refusal> each(Draft draft, List<FileId> ids, UnaryOperator<SiteFile> change) {
        Optional<Refusal> refusal = known(draft.site(), ids);
        if (refusal.isEmpty()) {
            Function<SiteFile, SiteFile> changed = file -> ids.contains(file.id()) ? change.apply(file) : file;
            draft.become(draft.site()
                    .withFiles(draft.site().files().stream().map(changed).toList()));
        }
        return refusal;
    }

    private static Optional<Refusal> named(String name) {
        return name.isEmpty() || name.length() > Limits.TITLE
                ? Optional.of(new Refusal.FileNameMalformed(name.length(), Limits.TITLE))
                : Optional.empty();
    }
}
