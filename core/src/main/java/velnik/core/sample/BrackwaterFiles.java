package velnik.core.sample;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.site.FileContent;
import velnik.core.site.FileHash;
import velnik.core.site.FileId;
import velnik.core.site.FileType;

/** The boatyard's pictures, drawn here, and the two files that it gives out. */
public final class BrackwaterFiles {
    private static final int HORIZON = 210;

    /** @param bytes what it holds, as it is kept */
    @SuppressWarnings("ArrayRecordComponent") // never compared
    public record Sample(FileId id, String name, String alternative, FileContent content, byte[] bytes) {}

    public static final List<Sample> ALL = List.of(
            drawing("logo", "Our mark", "", new Scene(Scene.HEIGHT).mark()),
            drawing(
                    "creek",
                    "The creek at high water",
                    "Two boats under sail on the creek, with the yard’s sheds on the far shore",
                    new Scene()
                            .shore(HORIZON)
                            .shed(90, 220)
                            .water(HORIZON)
                            .sails(560, 330, 190)
                            .sails(760, 280, 110)
                            .buoy(300, 380, true)),
            drawing(
                    "canoes",
                    "Canoe at the bank",
                    "A red canoe with its paddle, drawn up beside the water",
                    new Scene().shore(HORIZON).water(HORIZON).mud(390).canoe(240, 350, 460)),
            drawing(
                    "kayaks",
                    "Kayaks on the ebb",
                    "Two people in kayaks, one behind the other",
                    new Scene()
                            .shore(HORIZON)
                            .water(HORIZON)
                            .kayak(480, 290, 260, false)
                            .kayak(140, 380, 380, true)),
            drawing(
                    "skiff",
                    "Rowing skiff",
                    "A rowing skiff with its oars out",
                    new Scene().shore(HORIZON).water(HORIZON).skiff(320, 320)),
            drawing(
                    "slip",
                    "The slip at low water",
                    "A white hull on its cradle, on rails that run down the slip",
                    new Scene().shore(HORIZON).shed(680, 215).mud(205).slip(250)),
            drawing(
                    "moorings",
                    "Boats at the buoys",
                    "Three boats at their buoys, all turned the same way",
                    new Scene()
                            .shore(HORIZON)
                            .water(HORIZON)
                            .sails(220, 300, 120)
                            .sails(500, 350, 160)
                            .sails(780, 290, 110)
                            .buoy(330, 330, true)
                            .buoy(640, 390, false)),
            drawing(
                    "pontoon",
                    "The new pontoon",
                    "A pontoon with posts, and one boat alongside",
                    new Scene()
                            .shore(HORIZON)
                            .water(HORIZON)
                            .sails(620, 320, 150)
                            .pontoon(340)),
            drawing("cafe", "Tea and cake", "A pot of tea, a cup, and a slice of cake with jam", new Scene().table()),
            drawing(
                    "chart",
                    "Chart of the creek",
                    "A chart with depths, and the buoys along the channel",
                    new Scene().chart()),
            drawing(
                    "first-paddle",
                    "First paddle",
                    "One person in a kayak, close to the bank",
                    new Scene().shore(HORIZON).water(HORIZON).mud(420).kayak(300, 350, 360, true)),
            drawing(
                    "varnish",
                    "Varnish day",
                    "A plank, half of it varnished, with a pot and a brush",
                    new Scene().varnish()),
            drawing(
                    "winter",
                    "Ashore for the winter",
                    "A hull on its cradle beside the shed",
                    new Scene().shore(240).mud(235).shed(60, 250).slip(270)),
            pdf("price-list", "Price list", "Brackwater Boatyard: an hour 14, a tide 38, a day 55"),
            pdf("tide-card", "Tide card", "Brackwater Boatyard: be back two hours after high water"));

    /** Which page has which picture, by its title. */
    private static final Map<String, String> PICTURES = Map.ofEntries(
            Map.entry("Home", "creek"),
            Map.entry("Canoes", "canoes"),
            Map.entry("Kayaks", "kayaks"),
            Map.entry("Rowing skiffs", "skiff"),
            Map.entry("Repairs", "slip"),
            Map.entry("Swinging moorings", "moorings"),
            Map.entry("New pontoon open", "pontoon"),
            Map.entry("Slipway Café", "cafe"),
            Map.entry("Find us", "chart"),
            Map.entry("First paddle", "first-paddle"),
            Map.entry("Varnish day", "varnish"),
            Map.entry("Winter storage", "winter"));

    private BrackwaterFiles() {}

    static List<Change> changes() {
        List<Change> changes = new ArrayList<>();
        for (Sample file : ALL) {
            changes.add(new FileChange.AddFile(file.id(), file.name(), file.content()));
            if (file.content().isPicture()) {
                changes.add(new FileChange.SetFile(file.id(), null, file.alternative()));
            }
        }
        PICTURES.forEach((page, picture) ->
                changes.add(new Change.SetPicture(List.of(Brackwater.id(page)), new FileId(picture))));
        changes.add(Change.SetDetails.NONE.withLogo("logo"));
        return changes;
    }

    private static Sample drawing(String id, String name, String alternative, Scene scene) {
        byte[] bytes = scene.drawn().getBytes(StandardCharsets.UTF_8);
        FileContent content = new FileContent(FileType.SVG, hash(bytes), bytes.length, scene.width(), Scene.HEIGHT);
        return new Sample(new FileId(id), name, alternative, content, bytes);
    }

    /** One page with one line on it. */
    private static Sample pdf(String id, String name, String words) {
        String text = "BT /F1 18 Tf 72 720 Td (" + words + ") Tj ET";
        List<String> objects = List.of(
                "<< /Type /Catalog /Pages 2 0 R >>",
                "<< /Type /Pages /Kids [3 0 R] /Count 1 >>",
                "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 612 792] /Contents 4 0 R"
                        + " /Resources << /Font << /F1 5 0 R >> >> >>",
                "<< /Length " + text.length() + " >>\nstream\n" + text + "\nendstream",
                "<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>");
        StringBuilder pdf = new StringBuilder("%PDF-1.4\n");
        StringBuilder places = new StringBuilder("0000000000 65535 f \n");
        for (int i = 0; i < objects.size(); i++) {
            places.append("%010d 00000 n \n".formatted(pdf.length()));
            pdf.append(i + 1).append(" 0 obj\n").append(objects.get(i)).append("\nendobj\n");
        }
        int table = pdf.length();
        int count = objects.size() + 1;
        pdf.append("xref\n0 ").append(count).append('\n').append(places);
        pdf.append("trailer << /Size ").append(count).append(" /Root 1 0 R >>\nstartxref\n");
        pdf.append(table).append("\n%%EOF\n");
        byte[] bytes = pdf.toString().getBytes(StandardCharsets.US_ASCII);
        return new Sample(
                new FileId(id), name, "", new FileContent(FileType.PDF, hash(bytes), bytes.length, 0, 0), bytes);
    }

    private static FileHash hash(byte[] bytes) {
        try {
            return new FileHash(HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
        } catch (NoSuchAlgorithmException everyJdkHasIt) {
            throw new IllegalStateException(everyJdkHasIt);
        }
    }
}
