package velnik.server.editing;

import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.context.SmartLifecycle;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import velnik.server.releasing.LiveSite;
import velnik.server.workingcopy.Computed;
import velnik.server.workingcopy.WorkingCopy;

/**
 * Tells open editors that the site went on: by an edit, by a release, or by a day that came. What happened they ask for themselves, since
 * whoever made the edit has the answer to it already.
 */
@Component
class Events implements SmartLifecycle {
    /** After it a browser listens anew by itself, so that nobody is remembered who went without a word. */
    private static final Duration LISTENING = Duration.ofMinutes(5);

    /** The clock of the machine may be set meanwhile. */
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(10);

    private static final ThreadFactory THREADS =
            Thread.ofPlatform().daemon().name("events-", 0).factory();

    private final WorkingCopy workingCopy;
    private final LiveSite live;
    private final Computed computed;
    private final Clock clock;
    private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
    /** Forgets what it is given once it has stopped. */
    private final ScheduledThreadPoolExecutor timer =
            new ScheduledThreadPoolExecutor(1, THREADS, new ThreadPoolExecutor.DiscardPolicy());

    private volatile Instant turned;
    private volatile boolean open;

    Events(WorkingCopy workingCopy, LiveSite live, Computed computed, Clock clock) {
        this.workingCopy = workingCopy;
        this.live = live;
        this.computed = computed;
        this.clock = clock;
        this.turned = clock.instant();
        workingCopy.watch(state -> {
            tellAll(state);
            timer.execute(this::awaitTurn);
        });
    }

    /**
     * How things stand.
     *
     * @param revision of the working copy
     * @param release the number of the newest; 0 before the first
     * @param turned when something last opened or closed by itself, as far as anybody listened
     */
    record Happened(long revision, int release, Instant turned) {}

    /** Begins with how things stand now, so that who was away for a while sees what they missed. */
    SseEmitter listen() {
        Listener listener = new Listener();
        workingCopy.atOneTime(() -> {
            listeners.add(listener);
            listener.tell(happened(workingCopy.state()));
            return listener;
        });
        if (!open) {
            listener.leave();
        }
        return listener.emitter;
    }

    private Happened happened(WorkingCopy.State state) {
        return new Happened(state.revision(), live.number(), turned);
    }

    private void tellAll(WorkingCopy.State state) {
        Happened happened = happened(state);
        listeners.forEach(listener -> listener.tell(happened));
    }

    private @Nullable ScheduledFuture<?> awaited;

    /** Waits for the next moment at which something opens or closes; runs in the timer's thread only. */
    private void awaitTurn() {
        if (awaited != null) {
            awaited.cancel(false);
        }
        awaited = computed.now()
                .until()
                .map(moment -> timer.schedule(
                        () -> turn(moment),
                        Math.clamp(Duration.between(clock.instant(), moment).toMillis(), 1, LONGEST_WAIT.toMillis()),
                        TimeUnit.MILLISECONDS))
                .orElse(null);
    }

    private void turn(Instant moment) {
        if (!clock.instant().isBefore(moment)) {
            turned = moment;
            tellAll(workingCopy.state());
        }
        awaitTurn();
    }

    /** One open editor. A slow one keeps nobody waiting. */
    private final class Listener {
        private final SseEmitter emitter = new SseEmitter(LISTENING.toMillis());
        /** The newest that was not sent yet. */
        private final AtomicReference<@Nullable Happened> slot = new AtomicReference<>();

        private final ExecutorService turns = Executors.newSingleThreadExecutor(THREADS);

        Listener() {
            emitter.onTimeout(this::leave);
            emitter.onError(gone -> leave());
            emitter.onCompletion(this::forget);
        }

        /** What was not sent by now is not sent any more: how things stand is all there is to know. */
        void tell(Happened happened) {
            if (slot.getAndSet(happened) == null && !turns.isShutdown()) {
                turns.execute(this::send);
            }
        }

        private void send() {
            Happened happened = slot.getAndSet(null);
            if (happened == null) {
                return;
            }
            try {
                emitter.send(SseEmitter.event().data(happened, MediaType.APPLICATION_JSON));
            } catch (IOException | IllegalStateException gone) {
                forget();
            }
        }

        void leave() {
            forget();
            emitter.complete();
        }

        private void forget() {
            listeners.remove(this);
            turns.shutdown();
        }
    }

    @Override
    public void start() {
        open = true;
        timer.execute(this::awaitTurn);
    }

    /** Before the web server waits for its last answers: these would never end by themselves. */
    @Override
    public void stop() {
        open = false;
        timer.shutdownNow();
        listeners.forEach(Listener::leave);
    }

    @Override
    public boolean isRunning() {
        return open;
    }
}
