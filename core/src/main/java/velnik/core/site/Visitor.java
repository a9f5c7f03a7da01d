package velnik.core.site;

import java.util.EnumSet;
import java.util.Set;

/** Who looks at the site, as far as pages and menus tell visitors apart. */
public enum Visitor {
    /** Anyone who has not signed in. */
    NON_MEMBER,
    /** Somebody who has signed in as a member. */
    MEMBER;

    public static final Set<Visitor> ANY = Set.of(values());

    /** Those that both are. */
    public static Set<Visitor> common(Set<Visitor> one, Set<Visitor> other) {
        if (one.size() == ANY.size() || other.size() == ANY.size()) {
            return one.size() == ANY.size() ? other : one;
        }
        Set<Visitor> common = EnumSet.noneOf(Visitor.class);
        common.addAll(one);
        common.retainAll(other);
        return common;
    }
}
