package velnik.core.html;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.FileAddresses;
import velnik.core.content.Picture;
import velnik.core.site.FileId;
import velnik.core.site.FileType;
import velnik.core.site.Page;
import velnik.core.site.Site;

/** The pictures of a site as its pages show them. */
record SitePictures(Site site, AddressWriter addresses) {

    /**
     * One as a page shows it; empty where it is gone, or none.
     *
     * @param alternative what it shows, as is said where it stands; empty for what is said of the picture itself
     */
    Optional<Picture> find(FileId id, String alternative) {
        return site.findPicture(id)
                .map(file -> Picture.of(
                        file,
                        alternative.isEmpty() ? Objects.requireNonNullElse(file.alternative(), "") : alternative,
                        addresses));
    }

    /** The one that is named, as a template wants it. */
    @Nullable
    Picture named(@Nullable FileId id) {
        return Optional.ofNullable(id).flatMap(some -> find(some, "")).orElse(null);
    }

    /**
     * The address, from the root of the site, of what a shared link to a page shows: its own picture, else the logo. Those
     * who show such links take no drawings.
     */
    Optional<String> shared(Page page) {
        return Stream.of(
                        Optional.ofNullable(page.picture()),
                        Optional.ofNullable(site.details().logo()))
                .flatMap(Optional::stream)
                .flatMap(id -> site.findPicture(id).stream())
                .filter(file -> file.content().type() != FileType.SVG)
                .findFirst()
                .map(file -> FileAddresses.of(file, file.content().width()));
    }
}
