package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import velnik.core.change.Change;
import velnik.core.site.Channel;

/**
 * Where else the business is found on the web.
 *
 * @param icon as the icons of items are called
 */
record ChannelDto(
        @NotNull String name,
        @NotNull String address,
        @NotNull String icon) {
    static ChannelDto of(Channel channel) {
        return new ChannelDto(channel.name(), channel.address(), channel.icon());
    }

    Change.SetDetails.Channel typed() {
        return new Change.SetDetails.Channel(name, address, icon);
    }
}
