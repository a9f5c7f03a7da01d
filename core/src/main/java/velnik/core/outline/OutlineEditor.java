package velnik.core.outline;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * Many operations on an outline at once, for which it would be dear to make a version after each. Reads like the outline
 * as far as it has come; the outline it was made from stays as it is. Used once, by one thread.
 *
 * <p>An operation costs O(levels), besides loading the siblings of each parent that is touched, once. Making the new
 * version costs what was touched with its siblings and the rows above.
 */
public final class OutlineEditor<K, V> {
    private final Outline<K, V> base;
    private final Node<K, V> root;
    /** Rows that are no longer where the base has them, or not there at all. */
    private final Map<K, Node<K, V>> placed = new HashMap<>();

    private final Set<K> gone = new HashSet<>();

    /** A row whose siblings were loaded; in the list of its parent's children unless it is on the move. */
    private static final class Node<K, V> {
        private final @Nullable Branch<K, V> origin;
        private final @Nullable K id;
        private @Nullable V value;
        private @Nullable Node<K, V> parent;
        private @Nullable Node<K, V> previous;
        private @Nullable Node<K, V> next;
        private @Nullable Node<K, V> first;
        private @Nullable Node<K, V> last;
        private boolean loaded;
        /** Whether it, or something beneath it, is another than in the origin. */
        private boolean touched;
        /** The children by id, once a second one is looked for. */
        private @Nullable Map<K, Node<K, V>> index;

        private boolean searched;

        private Node(@Nullable Branch<K, V> origin, @Nullable K id, @Nullable V value) {
            this.origin = origin;
            this.id = id;
            this.value = value;
        }
    }

    OutlineEditor(Outline<K, V> base) {
        this.base = base;
        this.root = new Node<>(null, null, null);
    }

    // ---- looking ----

    public boolean contains(K id) {
        return placed.containsKey(id) || (base.contains(id) && !gone.contains(id));
    }

    /** @throws NoSuchElementException naming the id when there is no such row */
    public V get(K id) {
        return Objects.requireNonNull(node(id).value);
    }

    /** 1 at the top level. */
    public int levelOf(K id) {
        int level = 0;
        for (@Nullable K at = id; at != null; at = parentOf(at)) {
            level++;
        }
        return level;
    }

    /** Null at the top level. */
    public @Nullable K parentOf(K id) {
        Node<K, V> node = placed.get(id);
        return node == null ? base.branch(id).parent() : Objects.requireNonNull(node.parent).id;
    }

    /** Whether the parent exists and the row to stand after is right under it. */
    public boolean has(Place<K> place) {
        if (place.parent() != null && !contains(place.parent())) {
            return false;
        }
        return place.after() == null
                || (contains(place.after()) && Objects.equals(parentOf(place.after()), place.parent()));
    }

    /** The place after the last row under a parent. */
    public Place<K> endOf(@Nullable K parent) {
        Node<K, V> last = loaded(holder(parent)).last;
        return new Place<>(parent, last == null ? null : last.id);
    }

    /** The ids right under a parent, in order. */
    public List<K> childrenOf(@Nullable K parent) {
        List<K> children = new ArrayList<>();
        for (Node<K, V> child = loaded(holder(parent)).first; child != null; child = child.next) {
            children.add(Objects.requireNonNull(child.id));
        }
        return children;
    }

    // ---- changing ----

    /** @throws IllegalArgumentException when the id is taken or the place is not here */
    public void insert(K id, Place<K> place, V value) {
        if (contains(id)) {
            throw new IllegalArgumentException("row " + id + " exists already");
        }
        Node<K, V> node = new Node<>(null, id, value);
        node.loaded = true;
        node.touched = true;
        gone.remove(id);
        link(node, place);
    }

    public void replace(K id, V value) {
        replace(node(id), value);
    }

    public void update(K id, UnaryOperator<V> update) {
        Node<K, V> node = node(id);
        replace(node, update.apply(Objects.requireNonNull(node.value)));
    }

    private void replace(Node<K, V> node, V value) {
        if (!value.equals(node.value)) {
            node.value = value;
            touch(node);
        }
    }

    /** Takes a row out, with all beneath it, to be put elsewhere at once. Until then it stands under nothing. */
    void unlink(K id) {
        Node<K, V> node = node(id);
        Node<K, V> parent = Objects.requireNonNull(node.parent);
        if (node.previous == null) {
            parent.first = node.next;
        } else {
            node.previous.next = node.next;
        }
        if (node.next == null) {
            parent.last = node.previous;
        } else {
            node.next.previous = node.previous;
        }
        node.previous = null;
        node.next = null;
        if (parent.index != null) {
            parent.index.remove(id);
        }
        touch(parent);
        placed.put(id, node);
        node.parent = new Node<>(null, id, null);
    }

    /** Puts a row in that was unlinked. */
    void relink(K id, Place<K> place) {
        link(Objects.requireNonNull(placed.get(id)), place);
    }

    /**
     * Moves rows, with what is under them, to one place; they stand there in the order given. See {@link Outline#move}.
     */
    public void move(Collection<K> ids, Place<K> place) {
        Set<K> moving = new HashSet<>(ids);
        @Nullable K after = place.after();
        if (after != null && moving.contains(after)) {
            Node<K, V> kept = node(after);
            while (kept != null && moving.contains(Objects.requireNonNull(kept.id))) {
                kept = kept.previous;
            }
            after = kept == null ? null : kept.id;
        }
        ids.forEach(this::unlink);
        for (K id : ids) {
            relink(id, new Place<>(place.parent(), after));
            after = id;
        }
    }

    /** Takes a row out with everything beneath it. */
    public void remove(K id) {
        unlink(id);
        forget(Objects.requireNonNull(placed.get(id)));
    }

    private void forget(Node<K, V> node) {
        K id = Objects.requireNonNull(node.id);
        placed.remove(id);
        gone.add(id);
        if (node.loaded) {
            for (Node<K, V> child = node.first; child != null; child = child.next) {
                forget(child);
            }
        } else if (node.origin != null) {
            base.walk(id).forEach(row -> gone.add(row.id()));
        }
    }

    private void link(Node<K, V> node, Place<K> place) {
        if (!has(place)) {
            throw new IllegalArgumentException("no such place: " + place);
        }
        Node<K, V> parent = loaded(holder(place.parent()));
        Node<K, V> previous = place.after() == null ? null : node(place.after());
        node.parent = parent;
        node.previous = previous;
        node.next = previous == null ? parent.first : previous.next;
        if (node.previous == null) {
            parent.first = node;
        } else {
            node.previous.next = node;
        }
        if (node.next == null) {
            parent.last = node;
        } else {
            node.next.previous = node;
        }
        K id = Objects.requireNonNull(node.id);
        if (parent.index != null) {
            parent.index.put(id, node);
        }
        placed.put(id, node);
        touch(parent);
    }

    private void touch(Node<K, V> node) {
        for (Node<K, V> at = node; at != null && !at.touched; at = at.parent) {
            at.touched = true;
        }
    }

    private Node<K, V> holder(@Nullable K id) {
        return id == null ? root : node(id);
    }

    /** @throws NoSuchElementException naming the id when there is no such row */
    private Node<K, V> node(K id) {
        Node<K, V> known = placed.get(id);
        if (known != null) {
            return known;
        }
        if (gone.contains(id)) {
            throw new NoSuchElementException("no row " + id);
        }
        Node<K, V> parent = loaded(holder(base.branch(id).parent()));
        if (parent.index == null && parent.searched) {
            Map<K, Node<K, V>> index = new HashMap<>();
            for (Node<K, V> child = parent.first; child != null; child = child.next) {
                index.put(Objects.requireNonNull(child.id), child);
            }
            parent.index = index;
        }
        parent.searched = true;
        if (parent.index != null) {
            return Objects.requireNonNull(parent.index.get(id));
        }
        Node<K, V> child = parent.first;
        while (child != null && !id.equals(child.id)) {
            child = child.next;
        }
        return Objects.requireNonNull(child);
    }

    private Node<K, V> loaded(Node<K, V> parent) {
        if (parent.loaded) {
            return parent;
        }
        parent.loaded = true;
        List<Branch<K, V>> children = parent == root
                ? base.top()
                : Objects.requireNonNull(parent.origin).children();
        for (Branch<K, V> child : children) {
            Node<K, V> node = new Node<>(child, child.id(), child.value());
            node.parent = parent;
            node.previous = parent.last;
            if (parent.last == null) {
                parent.first = node;
            } else {
                parent.last.next = node;
            }
            parent.last = node;
        }
        return parent;
    }

    // ---- the new version ----

    /** The outline with all that was done; the one it was made from where nothing was. */
    public Outline<K, V> done() {
        if (!root.touched) {
            return base;
        }
        List<Branch<K, V>> fresh = new ArrayList<>();
        List<Branch<K, V>> top = branches(root, fresh);
        return new Outline<>(top, base.index().without(gone).withAll(fresh));
    }

    private List<Branch<K, V>> branches(Node<K, V> parent, List<Branch<K, V>> fresh) {
        List<Branch<K, V>> branches = new ArrayList<>();
        for (Node<K, V> child = parent.first; child != null; child = child.next) {
            branches.add(branch(child, parent.id, fresh));
        }
        return List.copyOf(branches);
    }

    private Branch<K, V> branch(Node<K, V> node, @Nullable K parent, List<Branch<K, V>> fresh) {
        Branch<K, V> origin = node.origin;
        if (!node.touched && origin != null && Objects.equals(origin.parent(), parent)) {
            return origin;
        }
        List<Branch<K, V>> children =
                origin != null && !(node.loaded && node.touched) ? origin.children() : branches(node, fresh);
        K id = Objects.requireNonNull(node.id);
        Branch<K, V> branch = new Branch<>(id, parent, Objects.requireNonNull(node.value), children);
        fresh.add(branch);
        return branch;
    }
}
