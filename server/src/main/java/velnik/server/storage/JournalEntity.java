package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "journal")
class JournalEntity {
    @Id
    long revision;

    String request;

    @Enumerated(EnumType.STRING)
    JournalEntry.Kind kind;

    @Nullable
    Long undoes;

    String person;
    Instant at;
    String title;
    String told;
    String changes;
    String difference;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected JournalEntity() {}

    static JournalEntity of(JournalEntry entry, StoredForms forms) {
        JournalEntity entity = new JournalEntity();
        entity.revision = entry.revision();
        entity.request = entry.request();
        entity.kind = entry.kind();
        entity.undoes = entry.undoes();
        entity.person = entry.person();
        entity.at = entry.at();
        entity.title =
                entry.title().length() <= 1000 ? entry.title() : entry.title().substring(0, 999) + "…";
        entity.told = forms.writeColumn(entry.told());
        entity.changes = forms.writeChanges(entry.changes());
        entity.difference = forms.writeDifference(entry.difference());
        entity.format = StoredForms.FORMAT;
        return entity;
    }

    JournalEntry entry(StoredForms forms) {
        return new JournalEntry(
                revision,
                request,
                kind,
                undoes,
                person,
                at,
                title,
                forms.readColumns(told, String.class),
                forms.readChanges(format, changes),
                forms.readDifference(format, difference));
    }
}
