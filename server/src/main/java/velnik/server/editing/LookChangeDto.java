package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import velnik.core.change.Change;
import velnik.core.change.LookChange;
import velnik.core.site.Look;
import velnik.core.site.Token;

/** A change of how visitors see the site. */
sealed interface LookChangeDto extends ChangeDto permits LookChangeDto.SetLook, LookChangeDto.SetToken {

    record SetLook(@NotNull Look look) implements LookChangeDto {
        @Override
        public Change change() {
            return new LookChange.SetLook(look);
        }
    }

    /** @param value as typed; empty for what the look has of its own */
    record SetToken(@NotNull Token token, @NotNull String value) implements LookChangeDto {
        @Override
        public Change change() {
            return new LookChange.SetToken(token, value);
        }
    }
}
