package velnik.core.text;

/** Text cut to where it can be said in a sentence. */
public final class Shortened {
    private Shortened() {}

    /** So many characters of a text and "…"; all of it where it has no more. Never half a character. */
    public static String to(int characters, String text) {
        if (text.length() <= characters) {
            return text;
        }
        boolean splits = Character.isSurrogatePair(text.charAt(characters - 1), text.charAt(characters));
        return text.substring(0, splits ? characters - 1 : characters) + "…";
    }
}
