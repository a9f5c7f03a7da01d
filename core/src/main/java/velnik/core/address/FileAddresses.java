package velnik.core.address;

import velnik.core.site.SiteFile;

/** Where the files of a site are served, from its root. */
public final class FileAddresses {
    /** What they all begin with. */
    public static final String BASE = "/-/files/";

    private FileAddresses() {}

    /** Of a whole file; lasting, whatever the file is replaced by. Only the id in it decides; the name is for people. */
    public static String of(SiteFile file) {
        return BASE + file.id().value() + "/" + nameOf(file);
    }

    /** Of a picture in one of its widths; another content has another address. */
    public static String of(SiteFile file, int width) {
        return BASE + file.id().value() + "/" + file.content().hash().brief() + "/" + width + "."
                + file.content().type().ending();
    }

    /** What visitors save it as. */
    public static String nameOf(SiteFile file) {
        return Slugs.fromTitle(file.name()) + "." + file.content().type().ending();
    }
}
