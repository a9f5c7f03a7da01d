package velnik.core.looks;

import java.util.Optional;
import velnik.core.change.LookChange;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.explanation.Words;
import velnik.core.site.Details;
import velnik.core.site.Token;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** Chooses the look of a site, and tunes it. */
public final class Looks {
    /** Characters of what was typed in a sentence. */
    private static final int SAID = 40;

    private Looks() {}

    public static Optional<Refusal> setLook(Draft draft, LookChange.SetLook set) {
        become(draft, draft.site().details().withLook(set.look()));
        return Optional.empty();
    }

    public static Optional<Refusal> setToken(Draft draft, LookChange.SetToken set) {
        Details details = draft.site().details();
        Optional<String> value = set.token().read(set.value());
        if (value.isEmpty() && !set.value().isBlank()) {
            return Optional.of(refusal(set.token(), set.value()));
        }
        become(draft, details.withTuning(details.tuning().with(set.token(), value.orElse(null))));
        return Optional.empty();
    }

    private static Refusal refusal(Token token, String typed) {
        String said = Shortened.to(SAID, Line.cleaned(typed));
        return switch (token.kind()) {
            case COLOUR -> new Refusal.ColourMalformed(said);
            case PERCENT, PIXELS ->
                new Refusal.TokenOutOfRange(
                        said,
                        Words.token(token),
                        Words.tokenValue(token, String.valueOf(token.least())),
                        Words.tokenValue(token, String.valueOf(token.most())));
            case TYPE, SHOWN, PLACE -> new Refusal.TokenUnknown(said, Words.token(token));
        };
    }

    private static void become(Draft draft, Details details) {
        draft.become(draft.site().withDetails(details));
    }
}
