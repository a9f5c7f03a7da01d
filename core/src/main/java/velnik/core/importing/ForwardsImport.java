package velnik.core.importing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.explanation.Words;
import velnik.core.forwarding.ForwardLooking;
import velnik.core.site.Forward;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/** Forwards of a table as forwards of a site. */
final class ForwardsImport {
    private static final Messages WORDS = Messages.of(ImportPlan.class);
    private static final String BENEATH = "/*";

    private final Site site;
    private final ForwardLooking looking;
    private final ImportChoices choices;
    private final Map<Forward.Source, Forward> there;
    private final Set<Forward.Source> set = new HashSet<>();
    private final List<ImportRow> rows = new ArrayList<>();
    private final List<Change.SetForward> changes = new ArrayList<>();

    ForwardsImport(Site site, ImportChoices choices) {
        this.site = site;
        this.looking = ForwardLooking.often(site);
        this.choices = choices;
        this.there = site.forwardsBySource();
    }

    List<ImportRow> rows() {
        return rows;
    }

    List<Change> changes() {
        return changes.isEmpty() ? List.of() : List.of(new Change.SetForwards(changes));
    }

    void plan(List<Found.FoundForward> forwards) {
        for (int i = 0; i < forwards.size(); i++) {
            plan("f" + i, forwards.get(i));
        }
    }

    private void plan(String key, Found.FoundForward forward) {
        String from = forward.from();
        Forward.Source typed = from.endsWith(BENEATH)
                ? new Forward.Source.Beneath(from.substring(0, from.length() - BENEATH.length()))
                : new Forward.Source.At(from);
        Forward.Target to =
                forward.to().isEmpty() ? new Forward.Target.Gone() : new Forward.Target.Outside(forward.to());
        Change.SetForward change = new Change.SetForward(typed, to);
        Optional<Refusal> refused = looking.refused(change);
        if (choices.without().contains(key)) {
            row(key, forward, ImportRow.Verdict.LEFT_OUT, List.of(), "");
        } else if (refused.isPresent()) {
            row(key, forward, ImportRow.Verdict.REFUSE, List.of(), refused.get().sentence());
        } else {
            Forward meant = new Forward(looking.meant(typed), looking.meant(to));
            Forward before = there.get(meant.from());
            if (!set.add(meant.from())) {
                row(key, forward, ImportRow.Verdict.SKIP, List.of(), WORDS.say("forwardAgain"));
            } else if (before != null && before.to().equals(meant.to())) {
                row(key, forward, ImportRow.Verdict.SKIP, List.of(), WORDS.say("there"));
            } else {
                changes.add(change);
                List<ImportRow.FieldChange> fields = before == null
                        ? List.of()
                        : List.of(new ImportRow.FieldChange(
                                WORDS.say("field.leads"),
                                Words.target(site, before.to()),
                                Words.target(site, meant.to())));
                row(key, forward, before == null ? ImportRow.Verdict.ADD : ImportRow.Verdict.CHANGE, fields, "");
            }
        }
    }

    private void row(
            String key,
            Found.FoundForward forward,
            ImportRow.Verdict verdict,
            List<ImportRow.FieldChange> fields,
            String why) {
        rows.add(new ImportRow(
                key,
                ImportRow.Part.FORWARDS,
                forward.spot(),
                1,
                verdict,
                forward.from(),
                forward.to().isEmpty() ? WORDS.say("gone") : forward.to(),
                fields,
                why));
    }
}
