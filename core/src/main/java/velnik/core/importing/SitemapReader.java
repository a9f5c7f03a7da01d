package velnik.core.importing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Limits;

/**
 * Sitemaps (sitemaps.org): the paths of the addresses make the tree, the last part of each its title until a better one is
 * known. An index is read with the sitemaps that it names, as far as they are given too.
 */
final class SitemapReader {
    /** The most that the protocol lets one sitemap have. */
    private static final int ADDRESSES = 50_000;

    private record Loc(Found.Spot spot, String address) {}

    private SitemapReader() {}

    /** @param files sitemaps, indexes and lists of addresses */
    static FileRead read(List<SourceFile> files) {
        List<Loc> locs = new ArrayList<>();
        Set<String> named = new LinkedHashSet<>();
        for (SourceFile file : files) {
            Optional<FileRead.NotRead> broken = file.text().stripLeading().startsWith("<")
                    ? Xml.read(file.text(), new Locs(file.name(), locs, named))
                    : lines(file, locs);
            if (broken.isPresent()) {
                return broken.get();
            }
        }
        List<Found.Aside> asides = new ArrayList<>();
        named.stream()
                .filter(each -> files.stream().noneMatch(file -> isOf(file, each)))
                .forEach(each -> asides.add(
                        new Found.Aside(Found.Spot.NOWHERE, each, FileRead.WORDS.say("sitemapMissing"), true)));
        if (locs.isEmpty() && asides.isEmpty()) {
            return FileRead.not("sitemapEmpty", Map.of());
        }
        return tree(locs, asides);
    }

    private static boolean isOf(SourceFile file, String address) {
        String last = WebPath.last(
                WebPath.read(address, "/").map(WebPath.Address::path).orElse(address));
        String name = file.name().substring(file.name().lastIndexOf('/') + 1);
        return last.equalsIgnoreCase(name) || last.equalsIgnoreCase(name + ".gz");
    }

    private static Optional<FileRead.NotRead> lines(SourceFile file, List<Loc> locs) {
        int number = 0;
        for (String line : (Iterable<String>) file.text().lines()::iterator) {
            number++;
            if (!line.isBlank()) {
                locs.add(new Loc(new Found.Spot(file.name(), number), line.strip()));
            }
            if (locs.size() > Limits.PAGES) {
                return Optional.of(FileRead.not("tooMany", Map.of("limit", Limits.PAGES)));
            }
        }
        return Optional.empty();
    }

    private static Found tree(List<Loc> locs, List<Found.Aside> asides) {
        Map<Loc, WebPath.Address> addresses = new LinkedHashMap<>();
        Map<String, Integer> hosts = new HashMap<>();
        for (Loc loc : locs) {
            Optional<WebPath.Address> address = WebPath.read(loc.address(), "/");
            if (address.isEmpty()) {
                asides.add(new Found.Aside(loc.spot(), loc.address(), FileRead.WORDS.say("noAddress"), true));
            } else {
                addresses.put(loc, address.get());
                hosts.merge(address.get().host(), 1, Integer::sum);
            }
        }
        String host = hosts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("");
        PathTree tree = new PathTree(asides);
        addresses.forEach((loc, address) -> {
            @Nullable String why = aside(address, host);
            if (why != null) {
                asides.add(new Found.Aside(loc.spot(), loc.address(), FileRead.WORDS.say(why), false));
            } else {
                String path = WebPath.ofPage(address.path());
                tree.add(new Found.FoundPage(
                        loc.spot(),
                        1,
                        WebPath.title(path),
                        true,
                        path,
                        path.equals(address.path()) ? "" : address.path(),
                        "",
                        Found.Said.NOTHING));
            }
        });
        return Found.NOTHING.with(found -> found.host(host).pages(tree.pages()).asides(asides));
    }

    private static @Nullable String aside(WebPath.Address address, String host) {
        if (!address.host().equals(host)) {
            return "otherHost";
        }
        if (address.asks()) {
            return "query";
        }
        return address.isFile() ? "noPage" : null;
    }

    private static final class Locs implements Xml.Taking {
        private final List<Loc> locs;
        private final Set<String> named;
        private final String file;
        private boolean index;

        Locs(String file, List<Loc> locs, Set<String> named) {
            this.file = file;
            this.locs = locs;
            this.named = named;
        }

        @Override
        public FileRead.@Nullable NotRead element(XMLStreamReader xml) throws XMLStreamException {
            switch (xml.getLocalName()) {
                case "sitemap" -> index = true;
                case "url" -> index = false;
                case "loc" -> {
                    Found.Spot spot = new Found.Spot(file, xml.getLocation().getLineNumber());
                    // those of pictures and films are called the same, under other names of theirs
                    boolean ofPage = xml.getPrefix() == null || xml.getPrefix().isEmpty();
                    String address = xml.getElementText().strip();
                    if (index) {
                        named.add(address);
                    } else if (ofPage) {
                        locs.add(new Loc(spot, address));
                    }
                }
                default -> {
                    // dates and priorities say nothing of the tree
                }
            }
            return locs.size() > Limits.PAGES || named.size() > ADDRESSES
                    ? FileRead.not("tooMany", Map.of("limit", Limits.PAGES))
                    : null;
        }
    }
}
