package velnik.core.address;

import com.ibm.icu.text.IDNA;
import com.ibm.icu.text.SpoofChecker;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import velnik.core.site.Limits;
import velnik.core.text.Shortened;

/**
 * Understands a link as somebody types it. Only http, https, mailto, tel, sms and addresses of this site are accepted;
 * international hosts are written in ASCII as UTS 46 says, everything else outside ASCII is percent-encoded as UTF-8.
 */
public final class Links {
    private static final Pattern SCHEME = Pattern.compile("([A-Za-z][A-Za-z0-9+.-]*):(.*)", Pattern.DOTALL);
    private static final Pattern PORT_FOLLOWS = Pattern.compile("\\d{1,9}(?:[/?#].*)?", Pattern.DOTALL);
    private static final Pattern AUTHORITY = Pattern.compile("([^/?#]*)(.*)", Pattern.DOTALL);
    private static final Pattern HOST_LIKE =
            Pattern.compile("(?:[\\p{L}\\p{N}_-]+\\.)+[\\p{L}][\\p{L}\\p{N}-]+(?::\\d+)?(?:[/?#].*)?", Pattern.DOTALL);
    private static final Pattern MAILBOX = Pattern.compile("[^\\s@<>\"',;:/]+@([^\\s@<>\"',;:/?]+)(\\?.*)?");
    private static final Pattern NUMBER = Pattern.compile("\\+?[0-9(][0-9 ()./-]{3,28}[0-9]");
    private static final IDNA HOSTS = IDNA.getUTS46Instance(IDNA.NONTRANSITIONAL_TO_ASCII | IDNA.CHECK_BIDI);
    private static final IDNA NAMES = IDNA.getUTS46Instance(IDNA.NONTRANSITIONAL_TO_UNICODE);
    private static final SpoofChecker LOOKALIKES = new SpoofChecker.Builder()
            .setChecks(SpoofChecker.RESTRICTION_LEVEL | SpoofChecker.MIXED_NUMBERS | SpoofChecker.INVISIBLE)
            .setRestrictionLevel(SpoofChecker.RestrictionLevel.HIGHLY_RESTRICTIVE)
            .build();
    private static final int HIGHEST_PORT = 65_535;

    /** Begins the number that a short message goes to. */
    private static final String SMS = "sms:";

    private Links() {}

    /** What was typed. */
    public sealed interface Read {
        /** @param address absolute and in ASCII, with http or https */
        record Web(String address) implements Read {}

        /** @param address from the root of this site */
        record OfThisSite(String address) implements Read {}

        /** @param address without a scheme */
        record Mail(String address) implements Read {}

        /** @param number as people write it, after {@code sms:} where messages go to it */
        record Phone(String number) implements Read {}

        /** Meant as a link, and refused. */
        record Refused(String sentence) implements Read {}

        /** Words. */
        record NoLink() implements Read {}
    }

    /**
     * @param siteAddress scheme, host and port of this site; empty while it is not known. Its addresses are recognised
     *     under http and https alike
     */
    public static Read read(String typed, String siteAddress) {
        String text = typed.strip();
        if (text.length() > Limits.LINK) {
            return new Read.Refused(
                    "This has " + text.length() + " characters; a link has at most " + Limits.LINK + ".");
        }
        if (text.chars().anyMatch(Links::isControl)) {
            return isLinkLike(text)
                    ? new Read.Refused("There is a character in this link that cannot be seen. Type the link anew.")
                    : new Read.NoLink();
        }
        Matcher scheme = SCHEME.matcher(text);
        if (scheme.matches() && !isHostWithPort(scheme.group(1), scheme.group(2))) {
            return withScheme(scheme.group(1).toLowerCase(Locale.ROOT), scheme.group(2), siteAddress);
        }
        if (text.startsWith("//")) {
            return web("https", text, siteAddress);
        }
        if (text.startsWith("/")) {
            return new Read.OfThisSite(encoded(text));
        }
        if (MAILBOX.matcher(text).matches()) {
            return mail(text);
        }
        if (NUMBER.matcher(text).matches()
                && text.chars().filter(Character::isDigit).count() >= 5) {
            return new Read.Phone(text);
        }
        return HOST_LIKE.matcher(text).matches() ? web("https", "//" + text, siteAddress) : new Read.NoLink();
    }

    private static boolean isControl(int character) {
        int type = Character.getType(character);
        return type == Character.CONTROL || type == Character.FORMAT && character != 0x200D; // emoji are joined by it
    }

    private static boolean isLinkLike(String text) {
        String clean = text.codePoints()
                .filter(character -> !isControl(character))
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        return SCHEME.matcher(clean).matches() || HOST_LIKE.matcher(clean).matches() || clean.startsWith("/");
    }

    private static boolean isHostWithPort(String before, String after) {
        return (before.contains(".") || before.equalsIgnoreCase("localhost"))
                && PORT_FOLLOWS.matcher(after).matches();
    }

    private static Read withScheme(String scheme, String rest, String siteAddress) {
        return switch (scheme) {
            case "http", "https" -> web(scheme, rest, siteAddress);
            case "mailto" -> mail(rest);
            case "tel", "sms" ->
                NUMBER.matcher(rest).matches()
                        ? new Read.Phone(scheme.equals("sms") ? SMS + rest : rest)
                        : new Read.Refused("“" + Shortened.to(40, rest) + "” is no phone number.");
            case "javascript", "data", "vbscript", "file", "blob", "about", "view-source" ->
                new Read.Refused("Links that begin with “" + scheme + ":” can harm those who follow them, so a menu"
                        + " never holds one.");
            default ->
                rest.startsWith(" ") || rest.isEmpty()
                        ? new Read.NoLink() // words with a colon
                        : new Read.Refused("Browsers do not know what to do with “" + scheme + ":”. A link begins with"
                                + " https, http, mailto, tel or sms.");
        };
    }

    private static Read mail(String address) {
        Matcher mailbox = MAILBOX.matcher(address.strip());
        if (!mailbox.matches()) {
            return new Read.Refused(
                    "“" + Shortened.to(40, address) + "” is no mail address; one has a name, an @ and a host.");
        }
        return new Read.Mail(encoded(address.strip()));
    }

    private static Read web(String scheme, String rest, String siteAddress) {
        if (!rest.startsWith("//")) {
            return new Read.Refused(
                    "After “" + scheme + ":” come two slashes and a host, as in " + scheme + "://tides.example.");
        }
        Matcher parts = AUTHORITY.matcher(rest.substring(2));
        parts.matches();
        String authority = parts.group(1);
        if (authority.contains("@")) {
            return new Read.Refused(
                    "A name before the host can lead people astray. Leave out what comes before the @.");
        }
        int colon = authority.lastIndexOf(':');
        String port = colon < 0 ? "" : authority.substring(colon + 1);
        Optional<String> host = host(colon < 0 ? authority : authority.substring(0, colon));
        if (host.isEmpty()) {
            return new Read.Refused("“" + Shortened.to(40, authority) + "” is no host.");
        }
        if (colon >= 0 && !isPort(port)) {
            return new Read.Refused(
                    "“" + Shortened.to(40, port) + "” is no port; one is a number from 1 to " + HIGHEST_PORT + ".");
        }
        String path = encoded(parts.group(2));
        String origin = host.get() + (port.isEmpty() || isUsual(scheme, port) ? "" : ":" + port);
        if (!siteAddress.isEmpty() && origin.equals(siteAddress.substring(siteAddress.indexOf("//") + 2))) {
            return new Read.OfThisSite(path.startsWith("/") ? path : "/" + path);
        }
        return new Read.Web(scheme + "://" + origin + path);
    }

    private static boolean isPort(String port) {
        return port.matches("\\d{1,5}") && Integer.parseInt(port) >= 1 && Integer.parseInt(port) <= HIGHEST_PORT;
    }

    private static boolean isUsual(String scheme, String port) {
        return port.equals(scheme.equals("http") ? "80" : "443");
    }

    private static Optional<String> host(String typed) {
        IDNA.Info info = new IDNA.Info();
        String ascii =
                HOSTS.nameToASCII(typed, new StringBuilder(), info).toString().toLowerCase(Locale.ROOT);
        boolean sound =
                !info.hasErrors() && ascii.matches("(?:[a-z0-9_](?:[a-z0-9_-]*[a-z0-9_])?\\.?)+") && !ascii.isEmpty();
        return sound ? Optional.of(ascii) : Optional.empty();
    }

    /** Leaves what an address may hold (RFC 3986), percent-encodes the rest; a percent sign that encodes nothing too. */
    private static String encoded(String text) {
        StringBuilder out = new StringBuilder();
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        for (int i = 0; i < bytes.length; i++) {
            char character = (char) (bytes[i] & 0xFF);
            boolean kept = character < 0x80
                    && (Character.isLetterOrDigit(character) || "-._~:/?#[]@!$&'()*+,;=".indexOf(character) >= 0);
            boolean encodes = character == '%' && i + 2 < bytes.length && isHex(bytes[i + 1]) && isHex(bytes[i + 2]);
            out.append(kept || encodes ? String.valueOf(character) : "%%%02X".formatted((int) character));
        }
        return out.toString();
    }

    private static boolean isHex(byte character) {
        return Character.digit(character, 16) >= 0;
    }

    // ---- writing ----

    private static final Set<String> SCHEMES = Set.of("http", "https");

    /** What a web link is called while it has no label of its own: its host and path as people read them. */
    public static String labelOf(String address) {
        int start = address.indexOf("://");
        if (start < 0 || !SCHEMES.contains(address.substring(0, start))) {
            return address;
        }
        Matcher parts = AUTHORITY.matcher(address.substring(start + 3));
        parts.matches();
        String host = hostAsRead(parts.group(1));
        String path = parts.group(2).equals("/") ? "" : parts.group(2);
        String label = host + path;
        return label.length() <= 60 ? label : label.substring(0, 59) + "…";
    }

    /** In its own script; in ASCII where it could be taken for another (UTS 39). */
    private static String hostAsRead(String ascii) {
        String host =
                NAMES.nameToUnicode(ascii, new StringBuilder(), new IDNA.Info()).toString();
        boolean plain = host.chars().allMatch(character -> character < 0x80);
        return plain || !Stream.of(host.split("\\.")).anyMatch(Links::isLookalike) ? host : ascii;
    }

    private static boolean isLookalike(String label) {
        boolean foreign = label.chars().anyMatch(character -> character >= 0x80);
        return foreign
                && (LOOKALIKES.failsChecks(label)
                        || LOOKALIKES.getSkeleton(label).chars().allMatch(character -> character < 0x80));
    }

    /** A number as people read it. */
    public static String numberOf(String number) {
        return number.startsWith(SMS) ? number.substring(SMS.length()) : number;
    }

    /**
     * What is dialled for a number as people write it, or where a short message goes; a bracketed zero is for callers at
     * home.
     */
    public static String dialling(String number) {
        String digits = numberOf(number);
        String scheme = number.startsWith(SMS) ? SMS : "tel:";
        boolean abroad = digits.strip().startsWith("+");
        return abroad
                ? scheme + "+" + digits.replace("(0)", "").replaceAll("\\D", "")
                : scheme + digits.replaceAll("\\D", "");
    }

    /**
     * The path of an address of this site as a page has it: decoded, without what follows the path, and with the steps
     * back that a browser would take; empty for an address elsewhere.
     *
     * @param siteAddress as {@link #read} takes it
     */
    public static Optional<String> pathOf(String address, String siteAddress) {
        String own = address;
        if (!address.startsWith("/")) {
            if (siteAddress.isEmpty() || !(read(address, siteAddress) instanceof Read.OfThisSite(String path))) {
                return Optional.empty();
            }
            own = path;
        }
        String path = own.split("[?#]", 2)[0];
        Deque<String> steps = new ArrayDeque<>();
        for (String step : decoded(path).split("/")) {
            if (step.equals("..")) {
                steps.pollLast();
            } else if (!step.isEmpty() && !step.equals(".")) {
                steps.addLast(step);
            }
        }
        return Optional.of("/" + String.join("/", steps));
    }

    private static String decoded(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        int length = 0;
        for (int i = 0; i < bytes.length; i++) {
            if (bytes[i] == '%' && i + 2 < bytes.length && isHex(bytes[i + 1]) && isHex(bytes[i + 2])) {
                bytes[length++] = (byte) (Character.digit(bytes[i + 1], 16) * 16 + Character.digit(bytes[i + 2], 16));
                i += 2;
            } else {
                bytes[length++] = bytes[i];
            }
        }
        return new String(bytes, 0, length, StandardCharsets.UTF_8);
    }
}
