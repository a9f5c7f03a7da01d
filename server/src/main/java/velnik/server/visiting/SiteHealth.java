package velnik.server.visiting;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;
import velnik.core.site.Visitor;
import velnik.server.storage.Disk;

/** Whether visitors get the home page, and the disk takes edits. */
@Component
class SiteHealth implements HealthIndicator {
    private final VisitorPages pages;
    private final Disk disk;

    SiteHealth(VisitorPages pages, Disk disk) {
        this.pages = pages;
        this.disk = disk;
    }

    @Override
    public Health health() {
        pages.at(new VisitorPages.Asked("/", "", "", Visitor.NON_MEMBER));
        return disk.isKnown() ? Health.up().build() : Health.down().build();
    }
}
