package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.hibernate.SessionFactory;
import org.hibernate.StatelessSession;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velnik.core.compare.Difference;
import velnik.core.compare.KeyedDifference;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.Place;
import velnik.core.site.Assignment;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.NewPages;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Removal;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/** The working copy in tables: only rows in the difference are written, in batches, in one transaction. */
@Component
class HibernateSiteStore implements SiteStore {
    private final SessionFactory sessions;
    private final StoredForms forms;
    private final Durability durability;

    HibernateSiteStore(EntityManagerFactory entityManagers, StoredForms forms, Durability durability) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
        this.forms = forms;
        this.durability = durability;
    }

    @Override
    public Stored load() {
        durability.force();
        return sessions.fromStatelessSession(session -> {
            SiteEntity site = session.get(SiteEntity.class, SiteEntity.ONLY);
            return new Stored(
                    site.revision,
                    new Site(
                            site.details(forms),
                            outline(session, PageEntity.class, PageId::new, Page.class),
                            site.home == null ? null : new PageId(site.home),
                            outline(session, MenuRowEntity.class, MenuRowId::new, MenuRow.class),
                            all(session, LayoutEntity.class).stream()
                                    .map(LayoutEntity::layout)
                                    .toList(),
                            all(session, AssignmentEntity.class).stream()
                                    .map(row -> forms.read(row.format, row.content, Assignment.class))
                                    .toList(),
                            all(session, ForwardEntity.class).stream()
                                    .map(row -> forms.read(row.format, row.content, Forward.class))
                                    .toList(),
                            all(session, FileEntity.class).stream()
                                    .map(row -> forms.read(row.format, row.content, SiteFile.class))
                                    .toList(),
                            all(session, RemovalEntity.class).stream()
                                    .map(row -> forms.read(row.format, row.content, Removal.class))
                                    .toList(),
                            Past.NONE));
        });
    }

    @Override
    public void write(Site before, Site after, List<JournalEntry> entries, @Nullable Long instead) {
        boolean toldByEntry = entries.size() == 1 && instead == null;
        Difference difference = toldByEntry ? entries.getFirst().difference() : Difference.between(before, after);
        sessions.inStatelessTransaction(session -> {
            session.setJdbcBatchSize(Batches.SIZE);
            advance(
                    session,
                    after,
                    entries.getFirst().revision() - 1,
                    entries.getLast().revision());
            if (instead != null) {
                session.createMutationQuery("delete from JournalEntity where revision = :instead")
                        .setParameter("instead", instead)
                        .executeUpdate();
            }
            session.insertMultiple(entries.stream()
                    .map(entry -> JournalEntity.of(entry, forms))
                    .toList());
            write(session, "page", difference.pages(), before.pages(), after.pages(), Page.class);
            write(session, "menu_row", difference.menus(), before.menus(), after.menus(), MenuRow.class);
            for (KeyedDifference<LayoutId, Layout> layout : difference.layouts()) {
                layout.before().ifPresent(gone -> session.delete(LayoutEntity.of(gone)));
                layout.after().ifPresent(fresh -> session.insert(LayoutEntity.of(fresh)));
            }
            for (KeyedDifference<Assignment.Key, Assignment> assignment : difference.assignments()) {
                assignment.before().ifPresent(gone -> session.delete(AssignmentEntity.of(gone, forms)));
                assignment.after().ifPresent(fresh -> session.insert(AssignmentEntity.of(fresh, forms)));
            }
            writeForwards(session, difference.forwards());
            for (KeyedDifference<FileId, SiteFile> file : difference.files()) {
                file.before().ifPresent(gone -> session.delete(FileEntity.of(gone, forms)));
                file.after().ifPresent(fresh -> session.insert(FileEntity.of(fresh, forms)));
            }
            difference.bin().left().forEach(removal -> session.delete(RemovalEntity.of(removal, forms)));
            difference.bin().added().forEach(removal -> session.insert(RemovalEntity.of(removal, forms)));
        });
        durability.force();
    }

    private void advance(StatelessSession session, Site after, long from, long to) {
        NewPages begin = after.details().newPages();
        int rows = session.createMutationQuery("update SiteEntity set revision = :next, name = :name,"
                        + " address = :address, timeZone = :timeZone, logo = :logo, language = :language, phone = :phone, mail = :mail,"
                        + " postal = :postal, hours = :hours, position = :position, channels = :channels, allowedOrigins = :origins, look = :look, tuning = :tuning, home = :home, newPagesReach = :reach,"
                        + " newPagesLayout = :layout, newPagesModel = :model where id = :id and revision = :now")
                .setParameter("next", to)
                .setParameter("name", after.details().name())
                .setParameter("address", after.details().address())
                .setParameter("timeZone", after.details().timeZone().getId())
                .setParameter(
                        "logo",
                        after.details().logo() == null
                                ? null
                                : after.details().logo().value(),
                        String.class)
                .setParameter("language", after.details().language())
                .setParameter("phone", after.details().contact().phone())
                .setParameter("mail", after.details().contact().mail())
                .setParameter("postal", after.details().contact().postal())
                .setParameter("hours", forms.writeColumn(after.details().hours()))
                .setParameter(
                        "position",
                        after.details().position() == null
                                ? null
                                : after.details().position().written(),
                        String.class)
                .setParameter("channels", forms.writeColumn(after.details().channels()))
                .setParameter("origins", String.join("\n", after.details().allowedOrigins()))
                .setParameter("look", after.details().look())
                .setParameter("tuning", forms.writeColumn(after.details().tuning()))
                .setParameter("home", after.home() == null ? null : after.home().value(), String.class)
                .setParameter("reach", begin.reach())
                .setParameter("layout", begin.layout().value())
                .setParameter(
                        "model", begin.model() == null ? null : begin.model().value(), String.class)
                .setParameter("id", SiteEntity.ONLY)
                .setParameter("now", from)
                .executeUpdate();
        if (rows != 1) {
            throw new IllegalStateException("the stored site is not at revision " + from);
        }
    }

    private <K, V> void write(
            StatelessSession session,
            String table,
            OutlineDifference<K, V> difference,
            Outline<K, V> before,
            Outline<K, V> after,
            Class<V> type) {
        Chain.Writes<K> writes = Chain.writes(difference, before, after);
        List<OutlineRows.Row<K>> rows = new ArrayList<>();
        writes.written()
                .forEach((id, place) -> rows.add(new OutlineRows.Row<>(id, place, forms.write(after.get(id), type))));
        OutlineRows.put(session, table, rows);
        OutlineRows.delete(session, table, writes.deleted());
    }

    private void writeForwards(StatelessSession session, List<KeyedDifference<Forward.Source, Forward>> differences) {
        session.deleteMultiple(differences.stream()
                .flatMap(forward -> forward.before().stream())
                .map(gone -> ForwardEntity.of(gone, forms))
                .toList());
        session.insertMultiple(differences.stream()
                .flatMap(forward -> forward.after().stream())
                .map(fresh -> ForwardEntity.of(fresh, forms))
                .toList());
    }

    @Override
    public Optional<JournalEntry> findEntry(long revision) {
        return sessions.fromStatelessSession(session -> entry(session.get(JournalEntity.class, revision)));
    }

    @Override
    public List<JournalEntry> entriesOf(String request) {
        return sessions.fromStatelessSession(session -> {
            List<JournalEntry> entries = new ArrayList<>();
            Optional<JournalEntry> next = entry(
                    session.createSelectionQuery("from JournalEntity where request = :request", JournalEntity.class)
                            .setParameter("request", request)
                            .getSingleResultOrNull());
            while (next.isPresent()) {
                entries.add(next.get());
                String further = JournalEntry.further(request, entries.size());
                next = entry(session.get(JournalEntity.class, next.get().revision() + 1))
                        .filter(entry -> entry.request().equals(further));
            }
            return entries;
        });
    }

    private Optional<JournalEntry> entry(@Nullable JournalEntity entity) {
        return Optional.ofNullable(entity).map(found -> found.entry(forms));
    }

    @Override
    public List<JournalEntry.Heading> headings(int newest, Instant since) {
        return sessions.fromStatelessSession(session -> session.createSelectionQuery(
                        "select new velnik.server.storage.JournalEntry$Heading("
                                + "entry.revision, entry.kind, entry.undoes, entry.person, entry.at, entry.title)"
                                + " from JournalEntity entry where entry.at >= :since or entry.revision >"
                                + " (select max(newest.revision) from JournalEntity newest) - :newest"
                                + " order by entry.revision",
                        JournalEntry.Heading.class)
                .setParameter("since", since)
                .setParameter("newest", (long) newest)
                .getResultList());
    }

    @Override
    public void forget(Instant before, Set<Long> needed) {
        sessions.inStatelessTransaction(session -> {
            List<Long> old = session
                    .createSelectionQuery(
                            "select entry.revision from JournalEntity entry where entry.at < :before", Long.class)
                    .setParameter("before", before)
                    .getResultList()
                    .stream()
                    .filter(revision -> !needed.contains(revision))
                    .toList();
            Batches.delete(session, JournalEntity.class, "revision", old);
        });
    }

    private static <E> List<E> all(StatelessSession session, Class<E> entity) {
        return session.createSelectionQuery("from " + entity.getSimpleName(), entity)
                .getResultList();
    }

    private <K, V> Outline<K, V> outline(
            StatelessSession session, Class<? extends OutlineRowEntity> rows, Function<String, K> key, Class<V> type) {
        return Chain.outline(
                all(session, rows),
                row -> key.apply(row.id),
                row -> new Place<>(
                        row.parentId == null ? null : key.apply(row.parentId),
                        row.afterId == null ? null : key.apply(row.afterId)),
                row -> forms.read(row.format, row.content, type));
    }
}
