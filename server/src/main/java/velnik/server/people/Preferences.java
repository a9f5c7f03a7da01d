package velnik.server.people;

import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import velnik.server.calls.ProblemException;
import velnik.server.storage.PreferenceStore;

/** What people have arranged for themselves in the editor. */
@Service
class Preferences {
    /** How the editor folds 20,000 pages takes half of it. */
    private static final PreferenceStore.Room MOST = new PreferenceStore.Room(40, 1_000_000);

    private final PreferenceStore store;

    Preferences(PreferenceStore store) {
        this.store = store;
    }

    Map<String, String> of(String person) {
        return store.of(person);
    }

    /** @throws ProblemException when there is no room for it beside the person's other settings (422) */
    void keep(String person, String name, String setting) {
        if (!store.keep(person, name, setting, MOST)) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "too-many-settings",
                    "There is no room for more of your settings, so this one is not kept.");
        }
    }
}
