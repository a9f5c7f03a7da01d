package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Forward;
import velnik.core.site.PageId;

/**
 * Which addresses lead somewhere.
 *
 * @param address for {@code AT} and {@code BENEATH}, as typed where it is asked for
 * @param page for {@code OF_REMOVED}
 * @param topic for {@code OF_TOPIC}
 */
public record ForwardSourceDto(
        @NotNull Kind kind,
        @Nullable String address,
        @Nullable String page,
        @Nullable String topic) {
    /** Names of the core's sources. */
    public enum Kind {
        AT,
        BENEATH,
        OF_REMOVED,
        OF_TOPIC
    }

    public static ForwardSourceDto of(Forward.Source from) {
        return switch (from) {
            case Forward.Source.At(String address) -> new ForwardSourceDto(Kind.AT, address, null, null);
            case Forward.Source.Beneath(String address) -> new ForwardSourceDto(Kind.BENEATH, address, null, null);
            case Forward.Source.OfRemoved(PageId page) ->
                new ForwardSourceDto(Kind.OF_REMOVED, null, page.value(), null);
            case Forward.Source.OfTopic(String topic) -> new ForwardSourceDto(Kind.OF_TOPIC, null, null, topic);
        };
    }

    Forward.Source read() {
        return switch (kind) {
            case AT -> new Forward.Source.At(Objects.requireNonNull(address));
            case BENEATH -> new Forward.Source.Beneath(Objects.requireNonNull(address));
            case OF_TOPIC -> new Forward.Source.OfTopic(Objects.requireNonNull(topic));
            case OF_REMOVED -> new Forward.Source.OfRemoved(new PageId(Objects.requireNonNull(page)));
        };
    }
}
