package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Forward;
import velnik.core.site.PageId;

/**
 * Where an address leads that no page has.
 *
 * @param page for {@code PAGE}
 * @param topic for {@code TOPIC}: its listing
 * @param address for {@code OUTSIDE}
 */
public record ForwardTargetDto(
        @NotNull Kind kind,
        @Nullable String page,
        @Nullable String topic,
        @Nullable String address) {
    /** Names of the core's targets. */
    public enum Kind {
        PAGE,
        TOPIC,
        OUTSIDE,
        GONE
    }

    public static ForwardTargetDto of(Forward.Target to) {
        return switch (to) {
            case Forward.Target.ToPage(PageId page) -> new ForwardTargetDto(Kind.PAGE, page.value(), null, null);
            case Forward.Target.ToTopic(String topic) -> new ForwardTargetDto(Kind.TOPIC, null, topic, null);
            case Forward.Target.Outside(String address) -> new ForwardTargetDto(Kind.OUTSIDE, null, null, address);
            case Forward.Target.Gone gone -> new ForwardTargetDto(Kind.GONE, null, null, null);
        };
    }

    Forward.Target read() {
        return switch (kind) {
            case PAGE -> new Forward.Target.ToPage(new PageId(Objects.requireNonNull(page)));
            case TOPIC -> new Forward.Target.ToTopic(Objects.requireNonNull(topic));
            case OUTSIDE -> new Forward.Target.Outside(Objects.requireNonNull(address));
            case GONE -> new Forward.Target.Gone();
        };
    }
}
