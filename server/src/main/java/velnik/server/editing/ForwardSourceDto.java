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
 */
public record ForwardSourceDto(
        @NotNull Kind kind,
        @Nullable String address,
        @Nullable String page) {
    /** Names of the core's sources. */
    public enum Kind {
        AT,
        BENEATH,
        OF_REMOVED
    }

    public static ForwardSourceDto of(Forward.Source from) {
        return switch (from) {
            case Forward.Source.At(String address) -> new ForwardSourceDto(Kind.AT, address, null);
            case Forward.Source.Beneath(String address) -> new ForwardSourceDto(Kind.BENEATH, address, null);
            case Forward.Source.OfRemoved(PageId page) -> new ForwardSourceDto(Kind.OF_REMOVED, null, page.value());
        };
    }

    Forward.Source read() {
        return switch (kind) {
            case AT -> new Forward.Source.At(Objects.requireNonNull(address));
            case BENEATH -> new Forward.Source.Beneath(Objects.requireNonNull(address));
            case OF_REMOVED -> new Forward.Source.OfRemoved(new PageId(Objects.requireNonNull(page)));
        };
    }
}
