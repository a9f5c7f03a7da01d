package velnik.core.change;

import velnik.core.site.Look;
import velnik.core.site.Token;

/** One edit of how visitors see the site. */
public sealed interface LookChange extends Change permits LookChange.SetLook, LookChange.SetToken {

    /** Shows the site to visitors in another look. What was tuned stays. */
    record SetLook(Look look) implements LookChange {}

    /** @param value as typed; empty for what the look has of its own */
    record SetToken(Token token, String value) implements LookChange {}
}
