package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Joining;
import velnik.core.site.PageId;

/**
 * Which new pages come into a menu by themselves.
 *
 * @param section the page above them; null unless they are from a section
 */
public record JoiningDto(@NotNull From from, @Nullable String section, Joining.@NotNull Spot spot) {

    public enum From {
        NOWHERE,
        TOP_LEVEL,
        SECTION,
        EVERYWHERE
    }

    public static JoiningDto of(Joining joining) {
        return switch (joining.from()) {
            case Joining.From.Nowhere nowhere -> new JoiningDto(From.NOWHERE, null, joining.spot());
            case Joining.From.TopLevel top -> new JoiningDto(From.TOP_LEVEL, null, joining.spot());
            case Joining.From.Section(PageId page) -> new JoiningDto(From.SECTION, page.value(), joining.spot());
            case Joining.From.Everywhere all -> new JoiningDto(From.EVERYWHERE, null, joining.spot());
        };
    }

    Joining.From read() {
        return switch (from) {
            case NOWHERE -> new Joining.From.Nowhere();
            case TOP_LEVEL -> new Joining.From.TopLevel();
            case SECTION -> new Joining.From.Section(new PageId(section == null ? "" : section));
            case EVERYWHERE -> new Joining.From.Everywhere();
        };
    }
}
