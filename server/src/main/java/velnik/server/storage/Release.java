package velnik.server.storage;

import java.time.Instant;
import velnik.core.site.Site;

/**
 * The site as it was when it was published.
 *
 * @param number counts from 1
 * @param request the client's name for the publishing, by which a repeat is recognised
 * @param revision of the working copy it was made from
 */
public record Release(int number, String request, long revision, String person, Instant at, String note, Site site) {

    public Release withSite(Site newSite) {
        return new Release(number, request, revision, person, at, note, newSite);
    }

    public ReleaseHeading heading() {
        return new ReleaseHeading(number, request, revision, person, at, note);
    }
}
