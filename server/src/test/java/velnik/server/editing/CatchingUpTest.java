package velnik.server.editing;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.sample.Brackwater;
import velnik.core.site.LayoutId;
import velnik.core.site.NewPages;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;

/** A client that does with several edits at once what it is told to do has what one has that loads it all. */
public class CatchingUpTest {
    /** Pages and settings as a client holds them. */
    private static final class Copy {
        private final Map<String, PageDto> pages = new HashMap<>();
        private final Map<@Nullable String, List<String>> children = new HashMap<>();

        private SettingsDto settings;

        Copy(Site site) {
            settings = SettingsDto.of(site);
            WorkingCopyDto.pages(site).forEach(this::put);
        }

        void apply(AnswerDto.DifferenceDto difference) {
            for (String page : difference.removed()) {
                takeOut(page);
                pages.remove(page);
            }
            difference.placed().forEach(page -> takeOut(page.id()));
            difference.placed().forEach(this::put);
            difference.altered().forEach(page -> pages.put(page.id(), page));
            settings = Objects.requireNonNullElse(difference.settings(), settings);
        }

        private void takeOut(String page) {
            children.values().forEach(siblings -> siblings.remove(page));
        }

        private void put(PageDto page) {
            pages.put(page.id(), page);
            List<String> siblings = children.computeIfAbsent(page.parent(), parent -> new ArrayList<>());
            siblings.add(page.after() == null ? 0 : siblings.indexOf(page.after()) + 1, page.id());
        }

        /** Ids in reading order, with what they stand under and their titles. */
        List<String> read() {
            List<String> rows = new ArrayList<>();
            read(null, rows);
            return rows;
        }

        private void read(@Nullable String parent, List<String> into) {
            for (String page : children.getOrDefault(parent, List.of())) {
                PageDto there = Objects.requireNonNull(pages.get(page));
                into.add(parent + "/" + page + " " + there.title() + " " + there.reach());
                read(page, into);
            }
        }
    }

    @Test
    public void severalEditsAtOnce_giveWhatLoadingAllGives() {
        for (long seed = 0; seed < 150; seed++) {
            RandomEdits edits = new RandomEdits(seed);
            Site site = Brackwater.site();
            Copy copy = new Copy(site);
            List<Difference> missed = new ArrayList<>();
            for (int i = 0; i < 60; i++) {
                if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                    missed.add(Difference.between(site, applied.site()));
                    site = applied.site();
                }
                if (i % (1 + seed % 9) == 0) {
                    copy.apply(AnswerDto.DifferenceDto.of(missed, site));
                    missed.clear();
                    Copy loaded = new Copy(site);
                    assertEquals(copy.read(), loaded.read(), "seed " + seed + ", edit " + i);
                    assertEquals(copy.settings, loaded.settings, "seed " + seed + ", edit " + i);
                }
            }
        }
    }

    /** Settings come along only where they are others, and the page that new ones are made from is one of them. */
    @Test
    public void settings_areThoseOfTheSite_alsoWhenTheModelGoesAndComesBack() {
        PageId kayaks = Brackwater.id("Kayaks");
        Site site = Brackwater.site();
        Copy copy = new Copy(site);
        for (Change change : List.of(
                new Change.SetModel(List.of(kayaks), true),
                new Change.SetNewPages(new NewPages(Reach.OPEN, LayoutId.STANDARD, kayaks)),
                new Change.RetitlePage(Brackwater.id("News"), "Notices"),
                new Change.RemovePages(
                        new RemovalId("model"), List.of(kayaks), Change.Subpages.GO_TOO, new Change.Leads.Nowhere()),
                new Change.Restore(new RemovalId("model")))) {
            Outcome outcome = Changes.apply(site, change, Circumstances.NOBODY);
            assertTrue(outcome instanceof Outcome.Applied, outcome.toString());
            Site after = ((Outcome.Applied) outcome).site();
            AnswerDto.DifferenceDto told = AnswerDto.DifferenceDto.of(List.of(Difference.between(site, after)), after);
            copy.apply(told);
            assertEquals(copy.settings, SettingsDto.of(after), change.toString());
            assertEquals(
                    told.settings() == null, change instanceof Change.RetitlePage || change instanceof Change.SetModel);
            site = after;
        }
    }
}
