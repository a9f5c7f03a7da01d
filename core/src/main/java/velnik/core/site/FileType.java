package velnik.core.site;

/** What visitors can be given beside pages. */
public enum FileType {
    JPEG("image/jpeg", "jpg"),
    PNG("image/png", "png"),
    SVG("image/svg+xml", "svg"),
    PDF("application/pdf", "pdf"),
    DOCX("application/vnd.openxmlformats-officedocument.wordprocessingml.document", "docx"),
    XLSX("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", "xlsx"),
    PPTX("application/vnd.openxmlformats-officedocument.presentationml.presentation", "pptx"),
    ODT("application/vnd.oasis.opendocument.text", "odt"),
    ODS("application/vnd.oasis.opendocument.spreadsheet", "ods"),
    ODP("application/vnd.oasis.opendocument.presentation", "odp");

    private final String mediaType;
    private final String ending;

    FileType(String mediaType, String ending) {
        this.mediaType = mediaType;
        this.ending = ending;
    }

    /** As HTTP names it. */
    public String mediaType() {
        return mediaType;
    }

    /** Of a file's name, without the dot. */
    public String ending() {
        return ending;
    }

    public boolean isPicture() {
        return this == JPEG || this == PNG || this == SVG;
    }
}
