package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Place;
import velnik.core.site.EnquiryForm;
import velnik.core.site.FileId;
import velnik.core.site.LayoutId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.TextHash;
import velnik.core.site.WhenClosed;

@Entity
@Table(name = "page")
class PageEntity {
    @Id
    String id;

    @Column(name = "parent_id")
    @Nullable
    String parentId;

    @Column(name = "after_id")
    @Nullable
    String afterId;

    @Enumerated(EnumType.STRING)
    PageKind kind;

    String title;
    String slug;

    @Column(name = "slug_follows")
    boolean slugFollows;

    @Enumerated(EnumType.STRING)
    Reach reach;

    @Column(name = "members_only")
    boolean membersOnly;

    @Column(name = "kept_from_search_engines")
    boolean keptFromSearchEngines;

    String layout;

    String summary;

    @Column(name = "search_title")
    String searchTitle;

    @Column(name = "search_description")
    String searchDescription;

    /** A JSON list of words. */
    String topics;

    @Nullable
    LocalDate date;

    @Nullable
    String picture;

    @Column(name = "text_hash")
    @Nullable
    String textHash;

    /** As JSON. */
    @Nullable
    String form;

    /** A JSON list. */
    String periods;

    @Enumerated(EnumType.STRING)
    @Column(name = "when_closed")
    WhenClosed whenClosed;

    boolean locked;
    boolean model;

    @SuppressWarnings("NullAway.Init")
    protected PageEntity() {}

    static PageEntity of(PageId id, Place<PageId> place, Page page, StoredForms forms) {
        PageEntity entity = new PageEntity();
        entity.id = id.value();
        entity.parentId = place.parent() == null ? null : place.parent().value();
        entity.afterId = place.after() == null ? null : place.after().value();
        entity.kind = page.kind();
        entity.title = page.title();
        entity.slug = page.slug();
        entity.slugFollows = page.slugFollows();
        entity.reach = page.reach();
        entity.membersOnly = page.membersOnly();
        entity.keptFromSearchEngines = page.keptFromSearchEngines();
        entity.layout = page.layout().value();
        entity.summary = page.summary();
        entity.searchTitle = page.searchTitle();
        entity.searchDescription = page.searchDescription();
        entity.topics = forms.writeColumn(page.topics().stream().sorted().toList());
        entity.date = page.date();
        entity.picture = page.picture() == null ? null : page.picture().value();
        entity.textHash = page.text() == null ? null : page.text().value();
        entity.form = page.form() == null ? null : forms.writeColumn(page.form());
        entity.periods = forms.writePeriods(page.periods());
        entity.whenClosed = page.whenClosed();
        entity.locked = page.locked();
        entity.model = page.model();
        return entity;
    }

    Page page(StoredForms forms) {
        return new Page(
                kind,
                title,
                slug,
                slugFollows,
                reach,
                membersOnly,
                keptFromSearchEngines,
                new LayoutId(layout),
                summary,
                searchTitle,
                searchDescription,
                Set.copyOf(forms.readColumns(topics, String.class)),
                date,
                picture == null ? null : new FileId(picture),
                textHash == null ? null : new TextHash(textHash),
                form == null ? null : forms.readColumn(form, EnquiryForm.class),
                forms.readPeriods(periods),
                whenClosed,
                locked,
                model);
    }
}
