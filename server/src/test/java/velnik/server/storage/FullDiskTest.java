package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.SkipException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;

/** A disk that fills up, and has room again. On a small disk in memory, where the system lets one be made. */
public class FullDiskTest {
    private static final int PATIENCE = 400;

    private Path disk;

    @BeforeClass
    public void mount() throws IOException, InterruptedException {
        disk = Files.createTempDirectory("velnik-small-disk");
        if (run("mount", "-t", "tmpfs", "-o", "size=12m", "tmpfs", disk.toString()) != 0) {
            throw new SkipException("no small disk can be made here; FaultyDiskTest stands in for it");
        }
    }

    @AfterClass(alwaysRun = true)
    public void unmount() throws IOException, InterruptedException {
        run("umount", disk.toString());
    }

    private static int run(String... command) throws IOException, InterruptedException {
        return new ProcessBuilder(command).inheritIO().start().waitFor();
    }

    private static String retitle(int number) {
        return "{'kind':'retitlePage','page':'kayaks','title':'Kayaks " + number + "'}";
    }

    @Test
    public void fullDisk_isSaid_visitorsAreServedOn_andAllWorksOnceThereIsRoom() throws IOException {
        Path filler = disk.resolve("filler");
        try (Started server = Started.demoIn(disk.resolve("data"))) {
            Caller mara = server.mara();
            mara.edits(retitle(0)).answers(200);
            fill(filler);
            int kept = 0;
            Caller.Answer refused = mara.edits(retitle(1));
            while (refused.response().statusCode() == 200 && kept < PATIENCE) {
                kept++;
                refused = mara.edits(retitle(kept + 1));
            }
            refused.answers(507);
            assertTrue(
                    refused.json().path("detail").asString().contains("is full"),
                    refused.response().body());
            assertEquals(server.visit("/").statusCode(), 200);
            assertEquals(server.visit("/repairs/engines/electric-conversion").statusCode(), 200);
            assertEquals(server.visit("/about-us/a-short-history").statusCode(), 200);
            Caller.Answer signingIn = server.caller().posts("/-/api/session", "{'name':'jo','password':'neap-tide'}");
            boolean signedIn = signingIn.response().statusCode() == 200;
            assertTrue(
                    signedIn
                            || signingIn
                                    .refuses(507, "disk-refuses")
                                    .response()
                                    .body()
                                    .contains("is full"),
                    "a right password is never called wrong");
            long revision = mara.revision();
            Files.delete(filler);
            mara.edits(retitle(1000)).answers(200);
            assertEquals(mara.revision(), revision + 1);
            assertTrue(mara.pages().contains("Kayaks 1000"));
            mara.steps("undo").answers(200);
            String pages = mara.pages();
            assertTrue(pages.contains("Kayaks " + kept + "\""), "nothing that was refused came back: " + kept);
            try (Started again = server.again()) {
                assertEquals(again.mara().pages(), pages);
            }
        }
    }

    /** Takes all the room there is. */
    private static void fill(Path file) throws IOException {
        byte[] block = new byte[4096];
        try (OutputStream out = Files.newOutputStream(file)) {
            while (true) {
                out.write(block);
            }
        } catch (IOException full) {
            assertTrue(Files.size(file) > 0);
        }
    }
}
