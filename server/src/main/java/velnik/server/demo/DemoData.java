package velnik.server.demo;

import java.io.ByteArrayInputStream;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import velnik.core.sample.Brackwater;
import velnik.core.sample.BrackwaterFiles;
import velnik.server.files.Incoming;
import velnik.server.files.Uploads;
import velnik.server.members.Members;
import velnik.server.people.DemoAccount;
import velnik.server.people.People;
import velnik.server.releasing.Releases;
import velnik.server.settings.Settings;
import velnik.server.storage.TextStore;
import velnik.server.workingcopy.WorkingCopy;

/** Brackwater Boatyard, when the demo is asked for and the data folder is empty. */
@Component
class DemoData implements ApplicationRunner {
    private static final String OWNER = "mara";

    private final Settings settings;
    private final People people;
    private final Members members;
    private final TextStore texts;
    private final Uploads uploads;
    private final WorkingCopy workingCopy;
    private final Releases releases;

    DemoData(
            Settings settings,
            People people,
            Members members,
            TextStore texts,
            Uploads uploads,
            WorkingCopy workingCopy,
            Releases releases) {
        this.settings = settings;
        this.people = people;
        this.members = members;
        this.texts = texts;
        this.uploads = uploads;
        this.workingCopy = workingCopy;
        this.releases = releases;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!settings.demo() || !people.isEmpty()) {
            return;
        }
        texts.keep(Brackwater.texts().values());
        for (BrackwaterFiles.Sample file : BrackwaterFiles.ALL) {
            try (Incoming taken = uploads.take(new ByteArrayInputStream(file.bytes()), file.bytes().length)) {
                uploads.keep(taken);
            }
        }
        workingCopy.applyForGood(OWNER, "demo", Brackwater.changes());
        releases.publish(OWNER, "demo-release", workingCopy.state().revision(), "As the season begins");
        for (DemoAccount account : DemoAccount.ALL) {
            people.add(account.name(), account.displayName(), account.role(), account.password());
        }
        members.add("member", "Robin Ashby", "mooring-line");
    }
}
