package velnik.server.storage;

import java.util.Map;

/** How people have arranged the editor for themselves. Losing the last of it in a crash costs nothing but a click. */
public interface PreferenceStore {

    /** A person's settings by their names, each a text of the editor's own. */
    Map<String, String> of(String person);

    void keep(String person, String name, String setting);
}
