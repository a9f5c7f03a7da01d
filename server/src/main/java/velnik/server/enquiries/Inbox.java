package velnik.server.enquiries;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Service;
import velnik.core.enquiry.Enquiry;
import velnik.core.site.PageId;
import velnik.server.storage.MessageStore;
import velnik.server.storage.VisitorMessage;

/** Takes in what visitors write, as fast as people do. */
@Service
public class Inbox {
    /** In ten minutes; a family at one connection may ask several things. */
    static final int FROM_ONE_ADDRESS = 6;

    static final int FROM_ALL = 120;
    /** All that are kept; somebody has to read some before more come. */
    static final int MOST = 20_000;

    private static final Duration WHILE = Duration.ofMinutes(10);
    private static final String ALL = "all";

    private final MessageStore store;
    private final Mailing mailing;
    private final Clock clock;
    private final Cache<String, AtomicInteger> counts =
            Caffeine.newBuilder().maximumSize(50_000).expireAfterWrite(WHILE).build();

    /** What came in lately, so that pressing the button twice is once. */
    private final Cache<String, Boolean> lately =
            Caffeine.newBuilder().maximumSize(10_000).expireAfterWrite(WHILE).build();

    Inbox(MessageStore store, Mailing mailing, Clock clock) {
        this.store = store;
        this.mailing = mailing;
        this.clock = clock;
    }

    /**
     * Keeps a message.
     *
     * @param address of the connection it came by
     * @return whether it is kept; false where too many came just now
     */
    public boolean receive(PageId page, String pageTitle, Enquiry.Taken taken, String address) {
        String same = address + "\n" + page + "\n" + taken.answers();
        if (lately.asMap().putIfAbsent(same, true) != null) {
            return true;
        }
        boolean kept = false;
        try {
            if (counted(address) <= FROM_ONE_ADDRESS && counted(ALL) <= FROM_ALL && store.count() < MOST) {
                store.add(message(page, pageTitle, taken));
                kept = true;
                mailing.soon();
            }
        } finally {
            if (!kept) {
                lately.invalidate(same);
            }
        }
        return kept;
    }

    private VisitorMessage message(PageId page, String pageTitle, Enquiry.Taken taken) {
        return new VisitorMessage(
                UUID.randomUUID().toString(),
                clock.instant(),
                page.value(),
                pageTitle,
                taken.answers(),
                taken.mail(),
                false,
                false,
                mailing.isSet() ? VisitorMessage.Sending.WAITING : VisitorMessage.Sending.KEPT,
                mailing.recipient(),
                "",
                0);
    }

    private int counted(String key) {
        return counts.get(key, none -> new AtomicInteger()).incrementAndGet();
    }

    /** The newest first. */
    List<VisitorMessage> all() {
        return store.all();
    }

    int unread() {
        return Math.toIntExact(store.unread());
    }

    Optional<VisitorMessage> find(String id) {
        return store.find(id);
    }

    void replace(VisitorMessage message) {
        store.replace(message);
    }

    void remove(String id) {
        store.remove(id);
    }
}
