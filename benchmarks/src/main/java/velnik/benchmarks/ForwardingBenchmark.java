package velnik.benchmarks;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.forwarding.AddressBook;
import velnik.core.forwarding.AddressChange;
import velnik.core.forwarding.Forwarding;
import velnik.core.forwarding.Releasing;
import velnik.core.site.Forward;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Site;

/** Addresses of a site of 10,000 published pages of which the largest section gets another address. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ForwardingBenchmark {
    private static final int PAGES = 10_000;
    private static final int ADDRESSES = 100_000;

    private Site live = Site.bare();
    private Site changed = Site.bare();
    private Change change = new Change.SetHome(new PageId("none"));
    private Forwarding forwarding = Forwarding.of(live);
    private final Random random = new Random(1);

    @Setup
    public void publish() {
        live = Releasing.released(Site.bare(), Sites.of(PAGES), Instant.EPOCH);
        PageId root = live.pages().top().stream()
                .max((one, other) -> live.pages().walk(one.id()).size()
                        - live.pages().walk(other.id()).size())
                .orElseThrow()
                .id();
        change = new Change.SetSlug(root, "all-anew");
        changed = edited();
        Map<String, PageId> addresses = new HashMap<>();
        for (int i = 0; i < ADDRESSES; i++) {
            addresses.put("/old/" + i, root);
        }
        forwarding = Forwarding.of(live.withPast(new Past(live.published(), addresses, Map.of())));
    }

    private Site edited() {
        return ((Outcome.Applied) Changes.apply(live, change, Circumstances.NOBODY)).site();
    }

    @Benchmark
    public Site edit() {
        return edited();
    }

    /** The edit, and the list of addresses that it changes. */
    @Benchmark
    public List<AddressChange> dryRun() {
        return AddressChange.between(live, edited());
    }

    @Benchmark
    public Site birth() {
        return Releasing.released(live, changed, Instant.EPOCH);
    }

    @Benchmark
    public List<AddressBook.Row> addressBook() {
        return AddressBook.of(live, changed, Instant.EPOCH);
    }

    @Benchmark
    public Optional<Forward.Target> find() {
        return forwarding.at("/old/" + random.nextInt(ADDRESSES));
    }
}
