package velnik.server.releasing;

import org.jspecify.annotations.Nullable;
import velnik.core.forwarding.AddressChange;

/**
 * That a page which visitors know gets another address; the old one will forward.
 *
 * @param to null where the page goes
 */
public record AddressChangeDto(
        String page, String from, @Nullable String to) {
    public static AddressChangeDto of(AddressChange change) {
        return new AddressChangeDto(change.page().value(), change.from(), change.to());
    }
}
