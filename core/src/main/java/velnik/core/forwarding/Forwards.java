package velnik.core.forwarding;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.Set;
import java.util.stream.Collectors;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.site.Forward;
import velnik.core.site.Limits;

/** Forwards that the owner writes. */
public final class Forwards {
    private Forwards() {}

    public static Optional<Refusal> setForward(Draft draft, Change.SetForward set) {
        return set(draft, ForwardLooking.at(draft.site()), List.of(set));
    }

    public static Optional<Refusal> setForwards(Draft draft, Change.SetForwards set) {
        return set(draft, ForwardLooking.often(draft.site()), set.forwards());
    }

    private static Optional<Refusal> set(Draft draft, ForwardLooking looking, List<Change.SetForward> sets) {
        SequencedMap<Forward.Source, Forward> fresh = new LinkedHashMap<>();
        Set<Forward.Source> gone = new HashSet<>();
        for (Change.SetForward set : sets) {
            Optional<Refusal> refusal = looking.refused(set);
            if (refusal.isPresent()) {
                return refusal;
            }
            Forward.Source from = looking.meant(set.from());
            fresh.remove(from); // what is said last is last
            if (set.to() == null) {
                gone.add(from);
            } else {
                fresh.put(from, new Forward(from, looking.meant(set.to())));
            }
        }
        draft.become(draft.site()
                .withForwards(draft.site().forwards().stream()
                        .filter(forward -> !gone.contains(forward.from()))
                        .toList()));
        put(draft, List.copyOf(fresh.values()));
        return draft.site().forwards().size() > Limits.FORWARDS
                ? Optional.of(new Refusal.TooManyForwards(Limits.FORWARDS))
                : Optional.empty();
    }

    /** With forwards in the place of those from the same sources. */
    public static void put(Draft draft, List<Forward> fresh) {
        List<Forward> forwards = new ArrayList<>(draft.site().forwards());
        Set<Forward.Source> sources = fresh.stream().map(Forward::from).collect(Collectors.toSet());
        forwards.removeIf(forward -> sources.contains(forward.from()));
        forwards.addAll(fresh);
        draft.become(draft.site().withForwards(forwards));
    }
}
