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
 * @param rows of menus that lead to it or show it
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
        List<FileRowDto> rows,
        boolean logo) {

    /**
     * @param page whose row in a list it is; null for an item
     * @param menu its name
     */
    record FileRowDto(String item, @Nullable String page, String label, String menu) {
        static FileRowDto of(Site site, FileUses.RowUse use) {
            return new FileRowDto(
                    use.item().value(),
                    use.page() == null ? null : use.page().value(),
                    use.page() == null ? Labels.of(site, use.item()) : Labels.of(site, use.item(), use.page()),
                    Labels.of(site, site.menuOf(use.item())));
        }
    }

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
                uses.rows().stream().map(row -> FileRowDto.of(site, row)).toList(),
                uses.logo());
    }
}
