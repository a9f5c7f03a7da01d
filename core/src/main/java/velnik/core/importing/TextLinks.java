package velnik.core.importing;

import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.content.LinkedFile;
import velnik.core.content.LinkedPage;
import velnik.core.content.Written;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Texts of files with links that last: what led from file to file leads from page to page. */
final class TextLinks {
    private TextLinks() {}

    /** @param byPath pages that are read in along with it */
    static String kept(String text, Found.FoundPage page, Map<String, PageId> byPath, Site site) {
        return Written.kept(
                text,
                destination -> ofFile(destination, page, byPath)
                        .or(() -> LinkedPage.of(destination, site).map(LinkedPage::written))
                        .or(() -> LinkedFile.of(destination, site).map(LinkedFile::written)));
    }

    private static Optional<String> ofFile(String destination, Found.FoundPage page, Map<String, PageId> byPath) {
        return WebPath.read(destination, "/" + page.spot().file())
                .filter(address -> address.host().isEmpty() && !address.asks())
                .flatMap(address -> {
                    @Nullable
                    PageId led =
                            byPath.get(MarkdownFilesReader.path(address.path().substring(1)));
                    return Optional.ofNullable(led).map(id -> new LinkedPage(id, address.place()).written());
                });
    }
}
