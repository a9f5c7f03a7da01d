package velnik.core.pages;

import io.vavr.control.Either;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Links;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.hours.HoursReading;
import velnik.core.site.Channel;
import velnik.core.site.Icons;
import velnik.core.site.Limits;
import velnik.core.site.OpeningHours;
import velnik.core.site.Position;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** Reads what is typed of a business that is more than a line of text. */
final class BusinessReading {
    /** What is typed wrong is said back so far. */
    static final int SAID = 60;

    private BusinessReading() {}

    static Either<Refusal, OpeningHours> hours(String typed, String language) {
        return switch (HoursReading.of(typed, language)) {
            case HoursReading.Read.Hours(OpeningHours hours) -> Either.right(hours);
            case HoursReading.Read.NotUnderstood(String line) ->
                Either.left(new Refusal.HoursNotUnderstood(Shortened.to(SAID, line)));
            case HoursReading.Read.Overlap(String line) ->
                Either.left(new Refusal.HoursOverlap(Shortened.to(SAID, line)));
            case HoursReading.Read.TooMany() ->
                Either.left(new Refusal.HoursTooMany(OpeningHours.SPECIAL, HoursReading.TEXT));
        };
    }

    static Either<Refusal, Optional<Position>> position(String typed) {
        String line = Line.cleaned(typed);
        return line.isEmpty()
                ? Either.right(Optional.empty())
                : Position.read(line)
                        .<Either<Refusal, Optional<Position>>>map(position -> Either.right(Optional.of(position)))
                        .orElseGet(() -> Either.left(new Refusal.PositionMalformed(Shortened.to(SAID, line))));
    }

    static Either<Refusal, List<Channel>> channels(List<Change.SetDetails.Channel> typed) {
        if (typed.size() > Channel.MOST) {
            return Either.left(new Refusal.ChannelsTooMany(typed.size(), Channel.MOST));
        }
        List<Channel> channels = new ArrayList<>();
        for (Change.SetDetails.Channel each : typed) {
            String name = Line.cleaned(each.name());
            @Nullable String address = elsewhere(Line.cleaned(each.address()));
            if (name.isEmpty() || name.length() > Limits.TITLE) {
                return Either.left(new Refusal.ChannelNameMalformed(name.length(), Limits.TITLE));
            }
            if (address == null) {
                return Either.left(new Refusal.ChannelMalformed(Shortened.to(SAID, each.address())));
            }
            if (!Icons.ALL.contains(each.icon())) {
                return Either.left(new Refusal.IconUnknown(Shortened.to(SAID, each.icon())));
            }
            channels.add(new Channel(name, address, each.icon()));
        }
        return Either.right(channels);
    }

    /** Null for what is no address with a host of its own. */
    private static @Nullable String elsewhere(String typed) {
        return Links.read(typed, "") instanceof Links.Read.Web(String address) ? address : null;
    }
}
