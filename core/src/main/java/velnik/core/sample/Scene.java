package velnik.core.sample;

/** Draws what there is about a boatyard, as SVG: a sky, water, boats and the like, one before another. */
final class Scene {
    static final int WIDTH = 960;
    static final int HEIGHT = 480;

    private static final String INK = "#1e2a32";
    private static final String TIDE = "#2c6e63";
    private static final String BRASS = "#b5852f";
    private static final String BRICK = "#a63d2f";
    private static final String PAPER = "#f7f4ec";
    private static final String MUD = "#b9a98a";
    private static final String SKY = "#d7e4e4";
    private static final String WATER = "#8fb5b0";

    private final int width;
    private final StringBuilder parts = new StringBuilder();

    Scene() {
        this(WIDTH);
    }

    /** @param width in pixels, where it is another than usual */
    Scene(int width) {
        this.width = width;
    }

    int width() {
        return width;
    }

    /** What the file holds. */
    String drawn() {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\">%s</svg>"
                .formatted(width, HEIGHT, width, HEIGHT, parts);
    }

    private Scene path(String d, String fill) {
        parts.append("<path d=\"").append(d).append("\" fill=\"").append(fill).append("\"></path>");
        return this;
    }

    private Scene line(String d, String stroke, int width) {
        parts.append(
                "<path d=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%d\"></path>".formatted(d, stroke, width));
        return this;
    }

    private Scene circle(int x, int y, int radius, String fill) {
        parts.append("<circle cx=\"%d\" cy=\"%d\" r=\"%d\" fill=\"%s\"></circle>".formatted(x, y, radius, fill));
        return this;
    }

    /** A sky with a low sun, and the far shore. */
    Scene shore(int horizon) {
        path("M0 0h960v480H0z", SKY).circle(760, horizon - 70, 46, PAPER);
        return path(
                "M0 %d c160 -70 260 -20 420 -40 c180 -22 300 -60 540 10 v60 H0z".formatted(horizon - 10), "#9fb3a4");
    }

    /** Water from the horizon down, with ripples. */
    Scene water(int horizon) {
        path("M0 %dh960v%dH0z".formatted(horizon, HEIGHT - horizon), WATER);
        for (int y = horizon + 24; y < HEIGHT; y += 34) {
            int x = (y * 37) % 300;
            line("M%d %dh120M%d %dh80M%d %dh140".formatted(x, y, x + 260, y + 8, x + 520, y - 4), "#b9d2ce", 3);
        }
        return this;
    }

    Scene mud(int from) {
        return path("M0 %d c240 -30 420 40 960 -10 V480 H0z".formatted(from), MUD);
    }

    /** An open boat with a rounded end each side. */
    Scene canoe(int x, int y, int length) {
        int half = length / 2;
        path(
                "M%d %d q%d 130 %d 0 l-10 -26 q%d 60 %d 0z".formatted(x, y, half, length, -half + 10, -length + 20),
                BRICK);
        return line("M%d %dl70 -120M%d %dl-14 26".formatted(x + half, y + 6, x + half + 74, y - 128), INK, 6);
    }

    /** A slim boat with somebody in it. */
    Scene kayak(int x, int y, int length, boolean warm) {
        int half = length / 2;
        circle(x + half, y - 44, 17, INK).path("M%d %dq20 -34 40 0z".formatted(x + half - 20, y - 4), INK);
        path("M%d %d q%d -14 %d 0 q%d 34 %d 0z".formatted(x, y, half, length, -half, -length), warm ? BRASS : TIDE);
        return line("M%d %dL%d %d".formatted(x + half - 90, y - 44, x + half + 90, y - 8), INK, 5);
    }

    Scene skiff(int x, int y) {
        path("M%d %dl300 0 -34 58 -220 0z".formatted(x, y), PAPER);
        line("M%d %dl300 0".formatted(x, y), TIDE, 9);
        return line("M%d %dl-90 70M%d %dl90 70".formatted(x + 110, y - 4, x + 190, y - 4), INK, 6);
    }

    /** A boat under sail. */
    Scene sails(int x, int y, int height) {
        line("M%d %dV%d".formatted(x, y, y - height), INK, 6);
        path("M%d %dL%d %dL%d %dz".formatted(x + 8, y - height, x + 8, y - 18, x + height / 2, y - 18), PAPER);
        path("M%d %dL%d %dL%d %dz".formatted(x - 6, y - height + 30, x - 6, y - 18, x - height / 3, y - 18), "#e9dfc8");
        return path("M%d %dh%d l-24 34 h%dz".formatted(x - height / 3, y - 8, height, -height + 48), TIDE);
    }

    Scene buoy(int x, int y, boolean red) {
        return path("M%d %dl12 -40h16l12 40z".formatted(x, y), red ? BRICK : TIDE)
                .circle(x + 20, y - 46, 7, INK);
    }

    /** A floating way with posts. */
    Scene pontoon(int y) {
        path("M120 %dh720v26H120z".formatted(y), "#a98f63");
        for (int x = 140; x < 840; x += 120) {
            line("M%d %dV%d".formatted(x, y - 60, y + 90), INK, 10);
        }
        return line("M120 %dh720".formatted(y + 4), PAPER, 3);
    }

    /** Rails that run down into the water, and a hull on its cradle. */
    Scene slip(int y) {
        line("M90 %dL700 480M190 %dL800 480".formatted(y, y), INK, 10);
        for (int i = 0; i < 7; i++) {
            line("M%d %dh130".formatted(100 + i * 84, y + 10 + i * 38), "#6d5a3a", 12);
        }
        path("M250 %d q170 60 400 -30 l-60 120 q-150 60 -290 -10z".formatted(y - 40), PAPER);
        return line("M250 %dq170 60 400 -30".formatted(y - 40), BRICK, 10)
                .line("M420 %dv70M520 %dv60".formatted(y + 40, y + 30), INK, 12);
    }

    Scene shed(int x, int y) {
        path("M%d %dh220v-110l-110 -70 -110 70z".formatted(x, y), "#5a6b66");
        return path("M%d %dh80v-90h-80z".formatted(x + 70, y), PAPER)
                .line("M%d %dl110 -70 110 70".formatted(x, y - 110), INK, 8);
    }

    /** A table with a pot, a cup and a cake. */
    Scene table() {
        path("M0 0h960v480H0z", "#efe6d2").path("M0 330h960v150H0z", "#a98f63");
        path("M210 330v-120q90 -40 180 0v120z", TIDE).line("M390 230q60 10 20 70", TIDE, 16);
        path("M520 330v-80h120v80q-60 18 -120 0z", PAPER).line("M640 264q44 6 6 46", PAPER, 12);
        line("M556 226q-14 -22 0 -44M592 226q-14 -22 0 -44", "#b9a98a", 5);
        return path("M700 330l190 0 0 -70 -150 -34z", BRICK).path("M700 300h190v12H700z", PAPER);
    }

    /** Depths, a channel and its marks. */
    Scene chart() {
        path("M0 0h960v480H0z", PAPER).path("M0 0 c180 120 60 250 260 300 c200 50 300 -90 700 -20 V0z", "#e7dcc0");
        line("M0 40 c180 120 60 250 260 300 c200 50 300 -90 700 -20", MUD, 4);
        line("M0 120 c150 110 90 220 250 270 c220 60 320 -60 710 0", "#9fc0bb", 3);
        line("M40 480 C 200 360 420 460 560 410 S 820 400 960 440", TIDE, 5);
        for (int i = 0; i < 9; i++) {
            buoy(120 + i * 92, 430 - (i * 29) % 40, i % 2 == 0);
        }
        return line("M820 90v120M780 150h80", INK, 4)
                .circle(820, 150, 30, PAPER)
                .line("M820 118l14 36 -28 0z", BRICK, 6);
    }

    /** The yard's own mark, on whatever ground it stands. */
    Scene mark() {
        circle(240, 240, 220, TIDE).path("M80 300q160 80 320 0l-44 66q-116 52 -232 0z", PAPER);
        return line("M240 300V90", PAPER, 18).path("M256 100l120 174H256z", PAPER);
    }

    /** Pots, brushes, and a plank that is half done. */
    Scene varnish() {
        path("M0 0h960v480H0z", "#e4ddcb")
                .path("M80 250l800 -60v90l-800 60z", "#c9a05a")
                .path("M80 250l420 -32v90l-420 32z", BRASS);
        path("M620 420v-110h150v110z", INK).path("M620 310h150v20H620z", PAPER);
        return line("M700 320l90 -190", "#6d5a3a", 14).path("M772 160l40 18 24 -60 -36 -16z", INK);
    }
}
