package velnik.core.importing;

import java.util.Map;
import velnik.core.text.Messages;

/** What came of reading files. */
public sealed interface FileRead permits Found, FileRead.NotRead {
    Messages WORDS = Messages.of(FileRead.class);

    /** Nothing can be made of it; the sentence says where and why. */
    record NotRead(String sentence) implements FileRead {}

    /** @param key of the words */
    static NotRead not(String key, Map<String, ?> facts) {
        return new NotRead(WORDS.say(key, facts));
    }
}
