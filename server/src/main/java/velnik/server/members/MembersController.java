package velnik.server.members;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import velnik.server.passwords.PasswordRule;
import velnik.server.storage.Member;

/** The owner's list of members. It is no part of the site: what is done here acts at once and is not undone. */
@RestController
@RequestMapping("/-/api/members")
class MembersController {
    private final Members members;

    MembersController(Members members) {
        this.members = members;
    }

    /** @param members in the order of their names */
    record MembersDto(List<MemberDto> members) {}

    record MemberDto(String name, String displayName, LocalDate since) {
        static MemberDto of(Member member) {
            return new MemberDto(member.name(), member.displayName(), member.since());
        }
    }

    record NewMember(
            @NotNull
            @Pattern(
                    regexp = "[a-z0-9][a-z0-9@._+-]{0,99}",
                    message = "A name to sign in with has small letters, digits, dots, hyphens and @.")
            String name,

            @NotBlank(message = "Say who it is.")
            @Size(max = 200, message = "What a member is called has at most 200 characters.")
            String displayName,

            @NotNull @Size(min = PasswordRule.SHORTEST, max = PasswordRule.LONGEST, message = PasswordRule.SENTENCE)
            String password) {}

    record NewPassword(
            @NotNull @Size(min = PasswordRule.SHORTEST, max = PasswordRule.LONGEST, message = PasswordRule.SENTENCE)
            String password) {}

    @GetMapping
    MembersDto all() {
        return new MembersDto(members.all().stream().map(MemberDto::of).toList());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    MembersDto add(@Valid @RequestBody NewMember fresh) {
        PasswordRule.check(fresh.password(), fresh.name());
        members.add(fresh.name(), fresh.displayName(), fresh.password());
        return all();
    }

    /** Another password; the member is signed out everywhere. */
    @PostMapping("/{name}/password")
    MembersDto setPassword(@PathVariable String name, @Valid @RequestBody NewPassword fresh) {
        PasswordRule.check(fresh.password(), name);
        members.setPassword(name, fresh.password());
        return all();
    }

    @DeleteMapping("/{name}")
    MembersDto remove(@PathVariable String name) {
        members.remove(name);
        return all();
    }
}
