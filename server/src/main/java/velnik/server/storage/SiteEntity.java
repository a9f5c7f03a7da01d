package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.ZoneId;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Channel;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.FileId;
import velnik.core.site.LayoutId;
import velnik.core.site.Look;
import velnik.core.site.NewPages;
import velnik.core.site.OpeningHours;
import velnik.core.site.PageId;
import velnik.core.site.Position;
import velnik.core.site.Reach;
import velnik.core.site.Tuning;

/** The one row that says how far the site has come. */
@Entity
@Table(name = "site")
class SiteEntity {
    static final int ONLY = 1;

    @Id
    int id;

    long revision;
    String name;
    String address;

    @Column(name = "time_zone")
    String timeZone;

    @Nullable
    String logo;

    String language;
    String phone;
    String mail;
    String postal;
    String hours;

    @Nullable
    String position;

    String channels;

    @Column(name = "allowed_origins")
    String allowedOrigins;

    @Enumerated(EnumType.STRING)
    Look look;

    String tuning;

    @Nullable
    String home;

    @Enumerated(EnumType.STRING)
    @Column(name = "new_pages_reach")
    Reach newPagesReach;

    @Column(name = "new_pages_layout")
    String newPagesLayout;

    @Column(name = "new_pages_model")
    @Nullable
    String newPagesModel;

    @SuppressWarnings("NullAway.Init")
    protected SiteEntity() {}

    Details details(StoredForms forms) {
        return new Details(
                name,
                address,
                logo == null ? null : new FileId(logo),
                ZoneId.of(timeZone),
                language,
                new Contact(phone, mail, postal),
                forms.readColumn(hours, OpeningHours.class),
                position == null ? null : Position.read(position).orElse(null),
                forms.readColumns(channels, Channel.class),
                new NewPages(
                        newPagesReach,
                        new LayoutId(newPagesLayout),
                        newPagesModel == null ? null : new PageId(newPagesModel)),
                allowedOrigins.lines().toList(),
                look,
                forms.readColumn(tuning, Tuning.class));
    }
}
