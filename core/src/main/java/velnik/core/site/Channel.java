package velnik.core.site;

/**
 * Where else the business is found on the web.
 *
 * @param name what it is called, such as “Our pictures”; never empty
 * @param address absolute, with http or https
 * @param icon names one of {@link Icons}
 */
public record Channel(String name, String address, String icon) {
    /** So many at most. */
    public static final int MOST = 20;

    public Channel {
        if (name.isEmpty() || name.length() > Limits.TITLE) {
            throw new IllegalArgumentException("a channel has a name of at most " + Limits.TITLE + " characters");
        }
        if (!address.startsWith("https://") && !address.startsWith("http://")) {
            throw new IllegalArgumentException("a channel is elsewhere on the web, not at " + address);
        }
        if (!Icons.ALL.contains(icon)) {
            throw new IllegalArgumentException("there is no icon " + icon);
        }
    }
}
