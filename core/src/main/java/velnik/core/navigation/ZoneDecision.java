package velnik.core.navigation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velnik.core.site.Assignment;
import velnik.core.site.PlacedMenu;

/**
 * Which menus stand in a zone of a page, and why: the assignments that speak of it, from the widest to the narrowest.
 *
 * @param menus in the order they stand, without those set aside
 * @param fromHeader whether the phone drawer simply shows the header's
 */
public record ZoneDecision(List<Step> steps, List<PlacedMenu> menus, boolean fromHeader) {
    static final ZoneDecision NOTHING = new ZoneDecision(List.of(), List.of(), false);

    /** What one assignment came to. */
    public enum Verdict {
        /** It decides what stands here, as far as narrower ones do not add to it. */
        DECIDES,
        ADDS,
        /** A narrower one says otherwise. */
        OVERRULED
    }

    /** @param breadth how wide its scope is: a greater number is narrower */
    public record Step(Assignment assignment, int breadth, Verdict verdict) {}

    public ZoneDecision {
        steps = List.copyOf(steps);
        menus = List.copyOf(menus);
    }

    /** The breadth of the narrowest assignment that speaks; -1 where none does. */
    int narrowest() {
        return steps.isEmpty() ? -1 : steps.getLast().breadth();
    }

    /** One assignment with the breadth of its scope. */
    record Found(Assignment assignment, int breadth) {}

    /** @param found from the widest to the narrowest */
    static ZoneDecision of(List<Found> found) {
        int decider = -1;
        for (int i = 0; i < found.size(); i++) {
            if (found.get(i).assignment().says() instanceof Assignment.Says.Instead) {
                decider = i;
            }
        }
        List<Step> steps = new ArrayList<>();
        List<PlacedMenu> menus = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            Assignment assignment = found.get(i).assignment();
            Verdict verdict = i < decider ? Verdict.OVERRULED : i == decider ? Verdict.DECIDES : Verdict.ADDS;
            steps.add(new Step(assignment, found.get(i).breadth(), verdict));
            if (i >= decider) {
                add(assignment.says(), menus);
            }
        }
        return new ZoneDecision(steps, menus, false);
    }

    /** Whether no assignment decides: menus are added to what stands there anyway. */
    boolean onlyAdds() {
        return steps.stream().allMatch(step -> step.verdict() == Verdict.ADDS);
    }

    /**
     * With what others add to it.
     *
     * @param base the menus that they stand beside
     */
    ZoneDecision with(List<PlacedMenu> base, ZoneDecision others) {
        List<Step> both = new ArrayList<>(steps);
        both.addAll(others.steps());
        List<PlacedMenu> all = new ArrayList<>(base);
        others.steps().forEach(step -> add(step.assignment().says(), all));
        return new ZoneDecision(both, all, true);
    }

    /** A menu stands once; the narrowest keeps it. */
    private static void add(Assignment.Says says, List<PlacedMenu> menus) {
        for (PlacedMenu fresh : says.menus()) {
            menus.removeIf(there -> there.menu().equals(fresh.menu()));
        }
        switch (says) {
            case Assignment.Says.Instead(List<PlacedMenu> instead) -> menus.addAll(instead);
            case Assignment.Says.Around(List<PlacedMenu> before, List<PlacedMenu> after) -> {
                menus.addAll(0, before);
                menus.addAll(after);
            }
        }
    }

    /** The assignment that put a menu here; empty where the drawer has it from the header. */
    public Optional<Assignment> sourceOf(PlacedMenu menu) {
        return steps.reversed().stream()
                .filter(step -> step.verdict() != Verdict.OVERRULED)
                .map(Step::assignment)
                .filter(assignment -> assignment.menus().contains(menu))
                .findFirst();
    }
}
