package velnik.server.storage;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import velnik.core.change.Change;
import velnik.core.sample.Brackwater;
import velnik.core.site.PageId;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.server.workingcopy.Undo;
import velnik.server.workingcopy.WorkingCopies;
import velnik.server.workingcopy.WorkingCopy;

/** What is done at night: the file gets small, what is old goes, and nothing that is still asked for does. */
public class GrowthTest {
    private static final PageId CANOES = Brackwater.id("Canoes");

    private static void retitle(WorkingCopy copy, String request, String title) {
        copy.apply("mara", request, copy.state().revision(), List.of(new Change.RetitlePage(CANOES, title)));
    }

    @Test
    public void manyEdits_leaveASmallFile_onceItIsCompacted() throws IOException {
        Path folder = Files.createTempDirectory("velnik-growth");
        Path file = folder.resolve("velnik.mv.db");
        Site last;
        try (OpenedStorage storage = OpenedStorage.in(folder.toString())) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.applyForGood("mara", "begin-site", Brackwater.changes());
            for (int i = 0; i < 400; i++) {
                retitle(copy, "request-" + i, "Canoes " + i);
            }
            long grown = Files.size(file);
            assertTrue(storage.file().isLarge(2_000_000), grown + " bytes");
            storage.file().compact();
            assertFalse(storage.file().isLarge(2_000_000));
            assertTrue(Files.size(file) < 2_000_000, Files.size(file) + " of " + grown);
            retitle(copy, "afterwards", "Canoes at last");
            last = copy.state().site();
        }
        try (OpenedStorage again = OpenedStorage.in(folder.toString())) {
            assertEquals(again.sites().load().site(), last);
        }
    }

    @Test
    public void yearLater_binAndJournalAreLetGo_andWhatUndoReachesStays() throws IOException {
        String folder = Files.createTempDirectory("velnik-night").toString();
        try (OpenedStorage storage = OpenedStorage.in(folder)) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.applyForGood("mara", "begin-site", Brackwater.changes());
            Change remove = Change.RemovePages.of(
                    new RemovalId("long-ago"), List.of(Brackwater.id("Kayaks")), Change.Subpages.GO_TOO);
            copy.apply("mara", "remove-it", copy.state().revision(), List.of(remove));
            retitle(copy, "retitle-it", "Old canoes");
        }
        Clock later = Clock.offset(Clock.systemUTC(), Duration.ofDays(400));
        try (OpenedStorage storage = OpenedStorage.in(folder)) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk(), later);
            copy.tidy();
            assertEquals(copy.state().site().bin(), List.of());
            copy.undo("mara", "undo-it-still", Undo.ALONE);
            assertEquals(copy.state().site().pages().get(CANOES).title(), "Canoes");
            copy.tidy();
            assertEquals(storage.sites().load().site(), copy.state().site());
        }
    }

    /** A stretch of typing leaves its last text; what a page, the bin or undo may still ask for stays. */
    @Test
    public void textsThatNothingNames_areLetGo() throws IOException {
        String folder = Files.createTempDirectory("velnik-texts").toString();
        try (OpenedStorage storage = OpenedStorage.in(folder)) {
            WorkingCopy copy = WorkingCopies.over(storage.sites(), storage.releases(), storage.disk());
            copy.applyForGood("mara", "begin-site", Brackwater.changes());
            storage.texts().keep(Brackwater.texts().values());
            TextHash before =
                    requireNonNull(copy.state().site().pages().get(CANOES).text());
            TextHash upon = before;
            for (int i = 0; i < 50; i++) {
                String text = "Nine canoes" + ", and one".repeat(i);
                storage.texts().keep(List.of(text));
                Change written = new Change.SetText(CANOES, TextHash.of(text), upon, "stretch");
                copy.apply("mara", "request-" + i, copy.state().revision(), List.of(written));
                upon = TextHash.of(text);
            }
            storage.texts().forgetUnnamed();
            assertFalse(
                    storage.texts().find(TextHash.of("Nine canoes, and one")).isPresent());
            assertTrue(storage.texts().find(upon).isPresent());
            assertTrue(storage.texts().find(before).isPresent(), "undo leads back to it");
            copy.state().site().pages().walk().stream()
                    .flatMap(row -> Stream.ofNullable(row.value().text()))
                    .forEach(text -> assertTrue(storage.texts().find(text).isPresent(), text.value()));
            copy.undo("mara", "undo-it-all", Undo.ALONE);
            assertEquals(copy.state().site().pages().get(CANOES).text(), before);
        }
    }
}
