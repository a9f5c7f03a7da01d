package velnik.server.workingcopy;

import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import velnik.core.change.Change;
import velnik.core.site.Site;

/** Gives a site begun by an older Velnik the built-in pages it lacks, for the owner to publish. */
@Component
class Completing implements ApplicationRunner {
    private final WorkingCopy workingCopy;

    Completing(WorkingCopy workingCopy) {
        this.workingCopy = workingCopy;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        Site site = workingCopy.state().site();
        if (!site.equals(Site.bare()) && !site.lackingBuiltIns().isEmpty()) {
            String request = "built-in-pages-" + workingCopy.state().revision();
            workingCopy.applyForGood("Velnik", request, List.of(new Change.AddBuiltInPages()));
        }
    }
}
