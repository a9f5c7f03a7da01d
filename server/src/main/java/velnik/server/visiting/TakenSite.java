package velnik.server.visiting;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveOutputStream;
import org.springframework.stereotype.Service;
import velnik.core.address.FileAddresses;
import velnik.core.exchange.StaticSite;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.server.files.ServedFiles;
import velnik.server.releasing.LiveSite;
import velnik.server.texts.Texts;

/** The live site as a ZIP of files that any web server serves. */
@Service
public class TakenSite {
    private static final String README = """
            This is the whole site as files. Unpack it into any folder of any web server; it works there, and opened
            from a disk as well: begin with index.html.

            404.html              what servers show for an address that leads nowhere
            .htaccess             for Apache: old addresses and where they lead
            forwards.nginx.conf   for nginx: the same; the file says where it goes
            sitemap.xml           for search engines, where the site's address is known

            What needs a server of Velnik is not in it: pages for members, signing in, and enquiry forms. The ways
            to get in touch are at the foot of each page.
            """;

    private final LiveSite live;
    private final Texts texts;
    private final VisitorAssets assets;
    private final ServedFiles files;
    private final Clock clock;

    TakenSite(LiveSite live, Texts texts, VisitorAssets assets, ServedFiles files, Clock clock) {
        this.live = live;
        this.texts = texts;
        this.assets = assets;
        this.files = files;
        this.clock = clock;
    }

    /** Whether anything was published yet. */
    public boolean isThere() {
        return live.site().home() != null;
    }

    /**
     * Writes the ZIP as it is made. Costs O(pages × rows of their menus), on all processors, and one reading of each
     * file.
     *
     * @param out stays open
     */
    public void write(OutputStream out) throws IOException {
        Site site = live.site();
        StaticSite.Scripts scripts = assets.alone(site);
        StaticSite taken = StaticSite.of(
                site, clock.instant(), assets.words(site), scripts, new StaticSite.Texts(texts::of, texts::words));
        ZipArchiveOutputStream zip = new ZipArchiveOutputStream(out);
        taken.write(Packed::of, file -> file.into(zip));
        entry(zip, "README.txt", README.getBytes(StandardCharsets.UTF_8));
        List<String> sitemap = taken.sitemap();
        if (!sitemap.isEmpty()) {
            sitemap(zip, site.details().address(), SitemapXml.parts(sitemap));
            entry(
                    zip,
                    "robots.txt",
                    ("User-agent: *\nDisallow:\nSitemap: " + site.details().address() + "/sitemap.xml\n")
                            .getBytes(StandardCharsets.UTF_8));
        }
        for (String address : scripts.all()) {
            loaded(zip, address);
        }
        zip.setLevel(Deflater.NO_COMPRESSION); // fonts and pictures are compressed as they are
        for (String address : assets.fonts(site)) {
            loaded(zip, address);
        }
        for (SiteFile file : site.files()) {
            for (int width : file.content().isPicture() ? file.content().widths() : List.<Integer>of()) {
                file(zip, file, width, FileAddresses.of(file, width));
            }
            file(zip, file, file.content().width(), FileAddresses.of(file));
        }
        zip.finish();
    }

    private static void sitemap(ZipArchiveOutputStream zip, String origin, List<List<String>> parts)
            throws IOException {
        if (parts.size() == 1) {
            entry(zip, "sitemap.xml", SitemapXml.of(parts.getFirst()));
            return;
        }
        List<String> names = IntStream.rangeClosed(1, parts.size())
                .mapToObj(part -> "sitemap-" + part + ".xml")
                .toList();
        for (int part = 0; part < parts.size(); part++) {
            entry(zip, names.get(part), SitemapXml.of(parts.get(part)));
        }
        entry(
                zip,
                "sitemap.xml",
                SitemapXml.index(names.stream().map(name -> origin + "/" + name).toList()));
    }

    private void file(ZipArchiveOutputStream zip, SiteFile file, int width, String address) throws IOException {
        Optional<Path> content = files.content(file, width);
        if (content.isPresent()) {
            zip.putArchiveEntry(new ZipArchiveEntry(address.substring(1)));
            Files.copy(content.get(), zip);
            zip.closeArchiveEntry();
        }
    }

    private void loaded(ZipArchiveOutputStream zip, String address) throws IOException {
        try (InputStream content = assets.at(address).getInputStream()) {
            entry(zip, address.substring(1), content.readAllBytes());
        }
    }

    private static void entry(ZipArchiveOutputStream zip, String path, byte[] content) throws IOException {
        zip.putArchiveEntry(new ZipArchiveEntry(path));
        zip.write(content);
        zip.closeArchiveEntry();
    }

    /** A file compressed beforehand. */
    @SuppressWarnings("ArrayRecordComponent") // never compared, only written
    private record Packed(ZipArchiveEntry entry, byte[] compressed) {
        static Packed of(String path, String content) {
            byte[] plain = content.getBytes(StandardCharsets.UTF_8);
            ByteArrayOutputStream compressed = new ByteArrayOutputStream();
            try (Deflater deflater = new Deflater(Deflater.BEST_SPEED, true);
                    DeflaterOutputStream deflating = new DeflaterOutputStream(compressed, deflater)) {
                deflating.write(plain);
            } catch (IOException memoryDoesNotFail) {
                throw new UncheckedIOException(memoryDoesNotFail);
            }
            CRC32 sum = new CRC32();
            sum.update(plain);
            ZipArchiveEntry entry = new ZipArchiveEntry(path);
            entry.setMethod(ZipEntry.DEFLATED);
            entry.setCrc(sum.getValue());
            entry.setSize(plain.length);
            entry.setCompressedSize(compressed.size());
            return new Packed(entry, compressed.toByteArray());
        }

        void into(ZipArchiveOutputStream zip) {
            try {
                zip.addRawArchiveEntry(entry, new ByteArrayInputStream(compressed));
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        }
    }
}
