package velnik.server.passwords;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import org.testng.annotations.Test;

public class PasswordWorkTest {
    private final PasswordWork work = new PasswordWork();

    /** Twenty guesses from one address wait already; whoever comes from another waits for one of them at the most. */
    @Test
    public void manyFromOneAddress_keepNobodyElsewhereWaiting() throws InterruptedException {
        Queue<String> done = new ConcurrentLinkedQueue<>();
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        List<Thread> guesses = new ArrayList<>();
        guesses.add(asking("guesser", done, () -> {
            begun.countDown();
            awaited(go);
        }));
        awaited(begun);
        for (int i = 1; i < 20; i++) {
            guesses.add(asking("guesser", done, () -> {}));
        }
        Thread owner = asking("owner", done, () -> {});
        while (owner.isAlive() && owner.getState() != Thread.State.TIMED_WAITING) {
            Thread.onSpinWait();
        }
        go.countDown();
        owner.join();
        for (Thread guess : guesses) {
            guess.join();
        }
        assertEquals(done.size(), 21);
        assertTrue(List.copyOf(done).indexOf("owner") <= 1, done.toString());
    }

    private Thread asking(String address, Queue<String> done, Runnable check) {
        return Thread.ofPlatform()
                .start(() -> work.inTurn(address, () -> {
                    check.run();
                    return done.add(address);
                }));
    }

    private static void awaited(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }

    @Test
    public void whatACheckThrows_isThrown_andTheNextIsMade() {
        assertThrows(
                IllegalArgumentException.class,
                () -> work.inTurn("somewhere", () -> {
                    throw new IllegalArgumentException("not a hash");
                }));
        assertEquals(work.<Integer>inTurn("somewhere", () -> 1), (Integer) 1);
    }
}
