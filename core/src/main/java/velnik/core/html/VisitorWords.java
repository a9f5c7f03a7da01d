package velnik.core.html;

import velnik.core.text.Messages;

/** What the visitor site says by itself, beside what the owner wrote. */
public final class VisitorWords {
    private VisitorWords() {}

    /**
     * @param language as a BCP 47 tag; English where there are no words in it
     */
    public static Messages in(String language) {
        return Messages.of(VisitorWords.class, language);
    }
}
