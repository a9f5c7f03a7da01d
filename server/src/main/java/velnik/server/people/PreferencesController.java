package velnik.server.people;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a person has arranged for themselves in the editor; only they see it, and no edit of the site is made by it. */
@RestController
@RequestMapping("/-/api/preferences")
class PreferencesController {
    private final Preferences preferences;

    PreferencesController(Preferences preferences) {
        this.preferences = preferences;
    }

    /** @param settings by name; each a text of the editor's own, which the server does not read */
    record PreferencesDto(Map<String, String> settings) {}

    record Preference(
            @NotNull @Pattern(regexp = "[a-z-]{1,60}", message = "A setting's name has small letters and hyphens.")
            String name,

            @NotNull @Size(max = 500_000, message = "A setting has at most 500,000 characters.")
            String setting) {}

    @GetMapping
    PreferencesDto mine(Principal person) {
        return new PreferencesDto(preferences.of(person.getName()));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@Valid @RequestBody Preference preference, Principal person) {
        preferences.keep(person.getName(), preference.name(), preference.setting());
    }
}
