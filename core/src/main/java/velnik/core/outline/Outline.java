package velnik.core.outline;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * An ordered forest of rows, each with an id of its own. Immutable: every operation leaves its outline as it was and
 * returns another that shares all branches it did not touch.
 *
 * <p>Held twice: as nested branches, so that two versions can be compared by identity, and as a persistent map from id
 * to branch, so that a row is found in O(log n). A change rebuilds the branches from the touched row up to the top:
 * O(levels × (siblings copied + log n)).
 *
 * <p>Levels count from 1 at the top.
 */
public final class Outline<K, V> {
    private final List<Branch<K, V>> top;
    private final Index<K, V> byId;

    Outline(List<Branch<K, V>> top, Index<K, V> byId) {
        this.top = top;
        this.byId = byId;
    }

    public static <K, V> Outline<K, V> empty() {
        return new Outline<>(List.of(), Index.of(Map.of()));
    }

    /** One row as a builder takes it: under {@code parent} (null at the top), after the siblings given before it. */
    public record Entry<K, V>(K id, @Nullable K parent, V value) {}

    /**
     * Builds a whole outline at once, in O(n log n). Siblings stand in the order given; a row may come before its
     * parent.
     *
     * @throws IllegalArgumentException for an id given twice, a parent that is not given, or a cycle
     */
    public static <K, V> Outline<K, V> of(Collection<Entry<K, V>> entries) {
        Map<@Nullable K, List<Entry<K, V>>> byParent = new LinkedHashMap<>();
        for (Entry<K, V> entry : entries) {
            byParent.computeIfAbsent(entry.parent(), parent -> new ArrayList<>())
                    .add(entry);
        }
        Map<K, Branch<K, V>> built = LinkedHashMap.newLinkedHashMap(entries.size());
        List<Branch<K, V>> top = build(null, byParent, built);
        if (built.size() != entries.size()) {
            throw new IllegalArgumentException(apart(entries, built));
        }
        return new Outline<>(top, Index.of(built));
    }

    /** Which of the rows does not hang together with the others, and why. */
    private static <K, V> String apart(Collection<Entry<K, V>> entries, Map<K, Branch<K, V>> built) {
        Set<K> ids = new HashSet<>();
        for (Entry<K, V> entry : entries) {
            if (!ids.add(entry.id())) {
                return "two rows have the id “" + entry.id() + "”";
            }
        }
        for (Entry<K, V> entry : entries) {
            if (entry.parent() != null && !ids.contains(entry.parent())) {
                return "“" + entry.id() + "” is under “" + entry.parent() + "”, which is not there";
            }
        }
        ids.removeAll(built.keySet());
        return "“" + ids.stream().map(String::valueOf).sorted().findFirst().orElseThrow() + "” is under itself";
    }

    private static <K, V> List<Branch<K, V>> build(
            @Nullable K parent, Map<@Nullable K, List<Entry<K, V>>> byParent, Map<K, Branch<K, V>> built) {
        List<Branch<K, V>> siblings = new ArrayList<>();
        for (Entry<K, V> entry : byParent.getOrDefault(parent, List.of())) {
            var branch = new Branch<>(entry.id(), parent, entry.value(), build(entry.id(), byParent, built));
            built.put(entry.id(), branch);
            siblings.add(branch);
        }
        return List.copyOf(siblings);
    }

    // ---- looking ----

    public int size() {
        return byId.size();
    }

    public boolean contains(K id) {
        return byId.has(id);
    }

    public Optional<V> find(K id) {
        return byId.find(id).map(Branch::value);
    }

    /** @throws NoSuchElementException naming the id when there is no such row */
    public V get(K id) {
        return branch(id).value();
    }

    /** @throws NoSuchElementException naming the id when there is no such row */
    public Branch<K, V> branch(K id) {
        return findBranch(id).orElseThrow(() -> new NoSuchElementException("no row " + id));
    }

    public Optional<Branch<K, V>> findBranch(K id) {
        return byId.find(id);
    }

    public List<Branch<K, V>> top() {
        return top;
    }

    /** The rows right under a parent, in order; the top level for null. */
    public List<Branch<K, V>> childrenOf(@Nullable K parent) {
        return parent == null ? top : branch(parent).children();
    }

    public Optional<K> parentOf(K id) {
        return Optional.ofNullable(branch(id).parent());
    }

    /** The rows from the top level down to this one, itself last. */
    public List<Branch<K, V>> pathTo(K id) {
        Deque<Branch<K, V>> path = new ArrayDeque<>();
        for (@Nullable K at = id; at != null; at = path.getFirst().parent()) {
            path.addFirst(branch(at));
        }
        return List.copyOf(path);
    }

    /** 1 at the top level. */
    public int levelOf(K id) {
        int level = 0;
        for (@Nullable K at = id; at != null; at = branch(at).parent()) {
            level++;
        }
        return level;
    }

    /** How many levels a branch has, itself included: 1 for a row with nothing under it. */
    public int heightOf(K id) {
        return height(branch(id));
    }

    private static int height(Branch<?, ?> branch) {
        int below = 0;
        for (Branch<?, ?> child : branch.children()) {
            below = Math.max(below, height(child));
        }
        return below + 1;
    }

    /** Whether a row is the given ancestor or stands anywhere beneath it. */
    public boolean isInside(@Nullable K id, K ancestor) {
        for (@Nullable K at = id; at != null; at = branch(at).parent()) {
            if (at.equals(ancestor)) {
                return true;
            }
        }
        return false;
    }

    public Place<K> placeOf(K id) {
        @Nullable K parent = branch(id).parent();
        @Nullable K before = null;
        for (Branch<K, V> sibling : childrenOf(parent)) {
            if (sibling.id().equals(id)) {
                break;
            }
            before = sibling.id();
        }
        return new Place<>(parent, before);
    }

    /** Where rows stand, in the order of the rows given. Costs O(rows + siblings of each), not their product. */
    public SequencedMap<K, Place<K>> placesOf(Collection<K> ids) {
        Map<@Nullable K, Map<K, Place<K>>> byParent = new HashMap<>();
        SequencedMap<K, Place<K>> places = new LinkedHashMap<>();
        for (K id : ids) {
            @Nullable K parent = branch(id).parent();
            places.put(
                    id,
                    Objects.requireNonNull(
                            byParent.computeIfAbsent(parent, this::placesUnder).get(id)));
        }
        return places;
    }

    private Map<K, Place<K>> placesUnder(@Nullable K parent) {
        Map<K, Place<K>> places = new HashMap<>();
        @Nullable K before = null;
        for (Branch<K, V> sibling : childrenOf(parent)) {
            places.put(sibling.id(), new Place<>(parent, before));
            before = sibling.id();
        }
        return places;
    }

    /** The place after the last row under a parent. */
    public Place<K> endOf(@Nullable K parent) {
        List<Branch<K, V>> siblings = childrenOf(parent);
        return new Place<>(
                parent, siblings.isEmpty() ? null : siblings.getLast().id());
    }

    /** These rows in the order given, without repeats and without those that stand beneath another of them. */
    public List<K> outermost(Collection<K> chosen) {
        Set<K> all = new LinkedHashSet<>(chosen);
        return all.stream().filter(row -> !isBeneathAny(row, all)).toList();
    }

    private boolean isBeneathAny(K row, Set<K> others) {
        for (@Nullable K above = branch(row).parent();
                above != null;
                above = branch(above).parent()) {
            if (others.contains(above)) {
                return true;
            }
        }
        return false;
    }

    /** Whether the parent exists and the row to stand after is right under it. */
    public boolean has(Place<K> place) {
        if (place.parent() != null && !contains(place.parent())) {
            return false;
        }
        return place.after() == null
                || (contains(place.after())
                        && Objects.equals(branch(place.after()).parent(), place.parent()));
    }

    /** All rows in reading order: each before what is under it. */
    public List<Branch<K, V>> walk() {
        List<Branch<K, V>> rows = new ArrayList<>(size());
        top.forEach(branch -> collect(branch, rows));
        return rows;
    }

    /** A row and everything beneath it, in reading order. */
    public List<Branch<K, V>> walk(K from) {
        List<Branch<K, V>> rows = new ArrayList<>();
        collect(branch(from), rows);
        return rows;
    }

    private static <K, V> void collect(Branch<K, V> branch, List<Branch<K, V>> into) {
        into.add(branch);
        for (Branch<K, V> child : branch.children()) {
            collect(child, into);
        }
    }

    // ---- changing ----

    /** For many operations at once. */
    public OutlineEditor<K, V> edit() {
        return new OutlineEditor<>(this);
    }

    Index<K, V> index() {
        return byId;
    }

    /** @throws IllegalArgumentException when the id is taken or the place is not here */
    public Outline<K, V> insert(K id, Place<K> place, V value) {
        if (contains(id)) {
            throw new IllegalArgumentException("row " + id + " exists already");
        }
        if (!has(place)) {
            throw new IllegalArgumentException("no such place: " + place);
        }
        List<Branch<K, V>> siblings = new ArrayList<>(childrenOf(place.parent()));
        Branch<K, V> placed = new Branch<>(id, place.parent(), value, List.of());
        siblings.add(place.after() == null ? 0 : indexOf(siblings, place.after()) + 1, placed);
        return withChildren(place.parent(), siblings, byId.with(placed));
    }

    public Outline<K, V> replace(K id, V value) {
        Branch<K, V> old = branch(id);
        return old.value().equals(value) ? this : swap(old, old.withValue(value));
    }

    public Outline<K, V> update(K id, UnaryOperator<V> update) {
        return replace(id, update.apply(get(id)));
    }

    /**
     * Moves rows, with what is under them, to one place; they stand there in the order given. A row that stands
     * beneath another of them goes to the place like the rest.
     *
     * @throws IllegalArgumentException when the place is not here or is inside one of the rows
     */
    public Outline<K, V> move(List<K> ids, Place<K> place) {
        for (K id : ids) {
            if (isInside(place.parent(), id)) {
                throw new IllegalArgumentException("row " + id + " cannot move beneath itself");
            }
        }
        OutlineEditor<K, V> editor = edit();
        editor.move(ids, place);
        return editor.done();
    }

    /** Gives rows other values. Costs O(rows + siblings of each). */
    public Outline<K, V> updateAll(Collection<K> ids, UnaryOperator<V> update) {
        if (ids.size() == 1) {
            return update(ids.iterator().next(), update);
        }
        OutlineEditor<K, V> editor = edit();
        ids.forEach(id -> editor.update(id, update));
        return editor.done();
    }

    /** As {@link #updateAll}. */
    public Outline<K, V> replaceAll(Map<K, V> values) {
        if (values.size() == 1) {
            return replace(
                    values.keySet().iterator().next(),
                    values.values().iterator().next());
        }
        OutlineEditor<K, V> editor = edit();
        values.forEach(editor::replace);
        return editor.done();
    }

    /** Takes rows out with everything beneath them; of rows beneath one another the upper one goes with the other. */
    public Outline<K, V> removeAll(Collection<K> ids) {
        OutlineEditor<K, V> editor = edit();
        outermost(ids).forEach(editor::remove);
        return editor.done();
    }

    /** Takes a row out with everything beneath it. */
    public Outline<K, V> remove(K id) {
        Branch<K, V> branch = branch(id);
        List<K> gone = walk(id).stream().map(Branch::id).toList();
        List<Branch<K, V>> siblings = new ArrayList<>(childrenOf(branch.parent()));
        siblings.remove(indexOf(siblings, id));
        return withChildren(branch.parent(), siblings, byId.without(gone));
    }

    private Outline<K, V> swap(Branch<K, V> old, Branch<K, V> fresh) {
        List<Branch<K, V>> siblings = new ArrayList<>(childrenOf(old.parent()));
        siblings.set(indexOf(siblings, old.id()), fresh);
        return withChildren(old.parent(), siblings, byId.with(fresh));
    }

    /** Rebuilds the branches from {@code parent} up to the top around new children. */
    private Outline<K, V> withChildren(@Nullable K parent, List<Branch<K, V>> children, Index<K, V> index) {
        if (parent == null) {
            return new Outline<>(List.copyOf(children), index);
        }
        Branch<K, V> old = branch(parent);
        Branch<K, V> fresh = old.withChildren(children);
        List<Branch<K, V>> siblings = new ArrayList<>(childrenOf(old.parent()));
        siblings.set(indexOf(siblings, parent), fresh);
        return withChildren(old.parent(), siblings, index.with(fresh));
    }

    private static <K> int indexOf(List<? extends Branch<K, ?>> siblings, K id) {
        for (int i = 0; i < siblings.size(); i++) {
            if (siblings.get(i).id().equals(id)) {
                return i;
            }
        }
        throw new NoSuchElementException("no row " + id + " among these siblings");
    }

    /** Equal when the same rows with equal values stand in the same order. */
    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Outline<?, ?> that && top.equals(that.top);
    }

    @Override
    public int hashCode() {
        return top.hashCode();
    }

    @Override
    public String toString() {
        return "Outline of " + size() + " rows";
    }
}
