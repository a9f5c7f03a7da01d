package velnik.core.fit;

import static java.util.stream.Collectors.joining;

import java.util.List;
import java.util.Map;
import velnik.core.fit.Spans.Span;
import velnik.core.site.Zone;
import velnik.core.text.Messages;
import velnik.core.text.Shortened;

/** What owners are told of how rows fit. */
public final class FitWords {
    private static final Messages WORDS = Messages.of(FitWords.class);

    /** Letters of a label; what goes beyond is told by its beginning. */
    private static final int LONG = 60;

    private FitWords() {}

    /**
     * Where it stands in one line.
     *
     * @param spans as {@link RowFit#holds} gives them
     */
    public static String holds(RowFit fit, List<Span> spans) {
        return holds("row", fit.zone(), spans);
    }

    /**
     * Where each label stands in one line.
     *
     * @param spans as {@link ColumnFit#holds} gives them
     */
    public static String holds(ColumnFit fit, List<Span> spans) {
        return holds("column", fit.zone(), spans);
    }

    private static String holds(String what, Zone zone, List<Span> spans) {
        if (spans.isEmpty()) {
            return WORDS.say(what + ".never");
        }
        int least = zone == Zone.HEADER ? Lengths.NARROW + 1 : Spans.LEAST;
        int most = zone == Zone.PHONE_DRAWER ? Lengths.NARROW : Spans.MOST;
        if (spans.equals(List.of(new Span(least, most)))) {
            return WORDS.say(what + ".always");
        }
        List<String> said = spans.stream()
                .map(span ->
                        WORDS.say(span.to() == most ? "span.from" : span.from() == least ? "span.to" : "span", span))
                .toList();
        return WORDS.say(what + ".holds", Map.of("spans", WORDS.list(said)));
    }

    /** That its figures are not exact. */
    public static String about() {
        return WORDS.say("about");
    }

    /** How it stands at one width. */
    public static String at(RowFit fit, Laid laid) {
        return WORDS.say(
                "row.at." + laid.state().name(),
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

    /** How its labels stand at one width. */
    public static String at(ColumnFit fit, Stacked stacked) {
        return WORDS.say(
                "column.at." + stacked.state().name(),
                Map.of(
                        "zone",
                        fit.zone().name(),
                        "spare",
                        (long) Math.floor(-stacked.over()),
                        "over",
                        (long) Math.ceil(stacked.over()),
                        "labels",
                        stacked.tooLong().size(),
                        "label",
                        stacked.tightest().stream()
                                .map(longest -> Shortened.to(LONG, longest.label()))
                                .collect(joining())));
    }

    public static String adjustment(Adjustment adjustment) {
        String words = WORDS.say("adjustment." + adjustment.kind().name(), adjustment);
        return adjustment.holds()
                ? words
                : WORDS.say("adjustment.over", Map.of("words", words, "over", (long) Math.ceil(adjustment.over())));
    }
}
