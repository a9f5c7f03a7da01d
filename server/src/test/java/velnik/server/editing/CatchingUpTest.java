package velnik.server.editing;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.sample.Brackwater;
import velnik.core.site.Site;

/** A client that does with several edits at once what it is told to do has the same pages as one that loads them all. */
public class CatchingUpTest {
    /** Pages as a client holds them. */
    private static final class Copy {
        private final Map<String, PageDto> pages = new HashMap<>();
        private final Map<@Nullable String, List<String>> children = new HashMap<>();

        Copy(Site site) {
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
                    assertEquals(copy.read(), new Copy(site).read(), "seed " + seed + ", edit " + i);
                }
            }
        }
    }
}
