package velnik.server.editing;

import java.io.IOException;
import java.time.Duration;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.context.SmartLifecycle;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import velnik.server.releasing.LiveSite;

/**
 * Tells open editors that the site went on: by an edit, or by a release. What happened they ask for themselves, since
 * whoever made the edit has the answer to it already.
 */
@Component
class Events implements SmartLifecycle {
    /** After it a browser listens anew by itself, so that nobody is remembered who went without a word. */
    private static final Duration LISTENING = Duration.ofMinutes(5);

    private final WorkingCopy workingCopy;
    private final LiveSite live;
    private final Set<Listener> listeners = ConcurrentHashMap.newKeySet();
    private volatile boolean open;

    Events(WorkingCopy workingCopy, LiveSite live) {
        this.workingCopy = workingCopy;
        this.live = live;
        workingCopy.watch(state -> listeners.forEach(listener -> listener.tell(state)));
    }

    /**
     * How things stand.
     *
     * @param revision of the working copy
     * @param release the number of the newest; 0 before the first
     */
    record Happened(long revision, int release) {}

    /** Begins with how things stand now, so that who was away for a while sees what they missed. */
    SseEmitter listen() {
        Listener listener = new Listener();
        workingCopy.whileNothingChanges(() -> {
            listeners.add(listener);
            listener.tell(workingCopy.state());
            return listener;
        });
        if (!open) {
            listener.leave();
        }
        return listener.emitter;
    }

    /** One open editor. A slow one keeps nobody waiting. */
    private final class Listener {
        private final SseEmitter emitter = new SseEmitter(LISTENING.toMillis());
        private final ExecutorService turns =
                Executors.newSingleThreadExecutor(Thread.ofVirtual().factory());

        Listener() {
            emitter.onTimeout(this::leave);
            emitter.onError(gone -> leave());
            emitter.onCompletion(this::forget);
        }

        void tell(WorkingCopy.State state) {
            if (!turns.isShutdown()) {
                turns.execute(() -> send(new Happened(state.revision(), live.number())));
            }
        }

        private void send(Happened happened) {
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
    }

    /** Before the web server waits for its last answers: these would never end by themselves. */
    @Override
    public void stop() {
        open = false;
        listeners.forEach(Listener::leave);
    }

    @Override
    public boolean isRunning() {
        return open;
    }
}
