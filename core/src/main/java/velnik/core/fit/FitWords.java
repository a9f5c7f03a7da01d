package velnik.core.fit;

import java.util.List;
import java.util.Map;
import velnik.core.fit.RowFit.Span;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/** What owners are told of how rows fit. */
public final class FitWords {
    private static final Messages WORDS = Messages.of(FitWords.class);

    private FitWords() {}

    /**
     * Where it stands in one line.
     *
     * @param spans as {@link RowFit#holds} gives them
     */
    public static String holds(RowFit fit, List<Span> spans) {
        if (spans.isEmpty()) {
            return WORDS.say("holds.never");
        }
        int least = fit.zone() == Zone.HEADER ? Lengths.NARROW + 1 : RowFit.LEAST;
        int most = fit.zone() == Zone.PHONE_DRAWER ? Lengths.NARROW : RowFit.MOST;
        if (spans.equals(List.of(new Span(least, most)))) {
            return WORDS.say("holds.always");
        }
        List<String> said = spans.stream()
                .map(span ->
                        WORDS.say(span.to() == most ? "span.from" : span.from() == least ? "span.to" : "span", span))
                .toList();
        return WORDS.say("holds", Map.of("spans", WORDS.list(said)));
    }

    /** That its figures are not exact. */
    public static String about() {
        return WORDS.say("about");
    }

    /** How it stands at one width. */
    public static String at(RowFit fit, Laid laid) {
        return WORDS.say(
                "at." + laid.state().name(),
                Map.of(
                        "zone",
                        fit.zone().name(),
                        "spare",
                        (long) Math.floor(laid.room() - laid.needs()),
                        "over",
                        (long) Math.ceil(laid.over()),
                        "lines",
                        laid.lines().size(),
                        "behind",
                        laid.behind(),
                        "word",
                        fit.more()));
    }

    public static String adjustment(Adjustment adjustment) {
        String words = WORDS.say("adjustment." + adjustment.kind().name(), adjustment);
        return adjustment.holds()
                ? words
                : WORDS.say("adjustment.over", Map.of("words", words, "over", (long) Math.ceil(adjustment.over())));
    }
}
