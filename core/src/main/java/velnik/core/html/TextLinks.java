package velnik.core.html;

import java.util.Optional;
import java.util.function.Function;
import velnik.core.address.FileAddresses;
import velnik.core.address.Links;
import velnik.core.content.LinkTargets;
import velnik.core.content.LinkedFile;
import velnik.core.content.LinkedPage;
import velnik.core.content.Picture;
import velnik.core.content.Standing;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/**
 * Where the links in texts lead for one visitor; to a page that the visitor cannot get, a link is its words alone.
 *
 * @param addresses write the address of a page
 * @param stands writes what stands among the words
 */
record TextLinks(
        Site site,
        Openings openings,
        Visitor visitor,
        PageView.MenuAddresses addresses,
        SitePictures pictures,
        Function<Standing, String> stands)
        implements LinkTargets {

    @Override
    public Optional<String> standing(String destination) {
        return Standing.of(destination).map(stands);
    }

    @Override
    public Target of(String destination) {
        if (Standing.of(destination).isPresent()) {
            return new Target(null, ""); // among words it is nothing
        }
        Optional<LinkedFile> file = LinkedFile.of(destination, site);
        if (file.isPresent()) {
            return site.findFile(file.get().file())
                    .map(there -> new Target(pictures.addresses().write(FileAddresses.of(there)), there.name()))
                    .orElseGet(() -> new Target(null, ""));
        }
        Optional<LinkedPage> linked = LinkedPage.of(destination, site);
        if (linked.isEmpty()) {
            return new Target(destination, Links.labelOf(destination));
        }
        PageId page = linked.get().page();
        return site.pages()
                .find(page)
                .map(there -> new Target(
                        leads(page, there) ? addresses.of(page) + linked.get().place() : null, there.title()))
                .orElseGet(() -> new Target(null, ""));
    }

    @Override
    public Optional<Picture> picture(String destination, String alternative) {
        return LinkedFile.of(destination, site).flatMap(named -> pictures.find(named.file(), alternative));
    }

    private boolean leads(PageId page, Page there) {
        return Access.of(site, page, openings).isGettable()
                && (there.kind() != PageKind.GROUP
                        || Access.leadsOnTo(site, page, openings, visitor).isPresent());
    }
}
