package velnik.server.editing;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.FileAddresses;
import velnik.core.explanation.Labels;
import velnik.core.files.FileUses;
import velnik.core.site.FileContent;
import velnik.core.site.FileType;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/**
 * A file of the site, and what uses it.
 *
 * @param address at which visitors get it once it is published, from the root of the site
 * @param picture the address of a small version for the editor; null where it is no picture
 * @param bytes that a visitor loads who takes the whole of it
 * @param width in pixels; 0 where it is no picture
 * @param height likewise
 * @param alternative what a picture shows; empty where it is decoration alone, null while nobody has said
 * @param pages that show it or link to it
 * @param items labels of those that lead to it, each with its menu
 * @param logo whether it is the logo of the business
 */
record FileDto(
        String id,
        String name,
        FileType type,
        String address,
        @Nullable String picture,
        long bytes,
        int width,
        int height,
        @Nullable String alternative,
        List<String> pages,
        List<FileItemDto> items,
        boolean logo) {

    record FileItemDto(String menu, String label) {}

    static FileDto of(Site site, SiteFile file, FileUses uses) {
        FileContent content = file.content();
        return new FileDto(
                file.id().value(),
                file.name(),
                content.type(),
                FileAddresses.of(file),
                content.isPicture()
                        ? "/-/api"
                                + FileAddresses.of(file, content.widths().getFirst())
                                        .substring("/-".length())
                        : null,
                content.bytes(),
                content.width(),
                content.height(),
                file.alternative(),
                uses.pages().stream().map(PageId::value).toList(),
                uses.items().stream()
                        .map(item -> new FileItemDto(Labels.of(site, site.menuOf(item)), Labels.of(site, item)))
                        .toList(),
                uses.logo());
    }
}
