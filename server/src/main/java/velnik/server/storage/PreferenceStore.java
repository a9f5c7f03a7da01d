package velnik.server.storage;

import java.util.Map;

/** How people have arranged the editor for themselves. Losing the last of it in a crash costs nothing but a click. */
public interface PreferenceStore {

    /** A person's settings by their names, each a text of the editor's own. */
    Map<String, String> of(String person);

    /**
     * @param most characters that all settings of a person may have together, and how many they may be
     * @return whether there was room for it; nothing is kept where there was not
     */
    boolean keep(String person, String name, String setting, Room most);

    record Room(int settings, int characters) {}
}
