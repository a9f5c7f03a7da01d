package velnik.server.editing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.security.Principal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velnik.server.calls.RequestName;
import velnik.server.releasing.Releases;

/** Makes the working copy as it was when it was published. */
@RestController
@RequestMapping("/-/api/releases/{number}/bring-back")
class BringingBackController {
    private final Releases releases;
    private final Answers answers;

    BringingBackController(Releases releases, Answers answers) {
        this.releases = releases;
        this.answers = answers;
    }

    record BringBack(
            @NotNull @Pattern(regexp = RequestName.SHAPE, message = RequestName.SENTENCE)
            String request,

            long basedOn) {}

    @PostMapping
    AnswerDto bringBack(@PathVariable int number, @Valid @RequestBody BringBack back, Principal person) {
        return answers.of(
                person.getName(), releases.bringBack(person.getName(), back.request(), back.basedOn(), number));
    }
}
