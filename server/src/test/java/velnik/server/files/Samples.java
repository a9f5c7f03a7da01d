package velnik.server.files;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.stream.ImageOutputStream;

/** Files as people have them, and as they should not. */
public final class Samples {
    private Samples() {}

    /** A picture of a shore with a little noise, as photographs have. */
    public static BufferedImage shore(int width, int height, int type) {
        BufferedImage picture = new BufferedImage(width, height, type);
        Graphics2D brush = picture.createGraphics();
        brush.setPaint(new GradientPaint(0, 0, new Color(0xDCE9F0), 0, height, new Color(0x2C6E63)));
        brush.fillRect(0, 0, width, height);
        brush.dispose();
        Random grain = new Random(7);
        for (int i = 0; i < width * height / 20; i++) {
            picture.setRGB(grain.nextInt(width), grain.nextInt(height), 0xFF000000 | grain.nextInt(0xFFFFFF));
        }
        return picture;
    }

    public static byte[] jpeg(int width, int height) {
        return written(shore(width, height, BufferedImage.TYPE_INT_RGB), "jpeg");
    }

    public static byte[] png(int width, int height) {
        return written(shore(width, height, BufferedImage.TYPE_INT_RGB), "png");
    }

    /** One that lets the ground through at its upper left. */
    public static byte[] cutOut(int width, int height) {
        BufferedImage picture = shore(width, height, BufferedImage.TYPE_INT_ARGB);
        for (int x = 0; x < width / 2; x++) {
            for (int y = 0; y < height / 2; y++) {
                picture.setRGB(x, y, 0);
            }
        }
        return written(picture, "png");
    }

    public static byte[] written(BufferedImage picture, String format) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, format, bytes);
        } catch (IOException memoryDoesNotFail) {
            throw new UncheckedIOException(memoryDoesNotFail);
        }
        return bytes.toByteArray();
    }

    /** As a phone held upright writes it: lying on its side, with where it was taken. */
    public static byte[] fromPhone(int width, int height) {
        byte[] jpeg = jpeg(width, height);
        ByteArrayOutputStream exif = new ByteArrayOutputStream();
        exif.writeBytes("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
        // A TIFF header, and one directory: orientation 6, turn it to the right; and a maker called after the place.
        exif.writeBytes(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 2});
        exif.writeBytes(new byte[] {0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, 6, 0, 0});
        byte[] place = "at 51.5N 0.9E\0".getBytes(StandardCharsets.ISO_8859_1);
        exif.writeBytes(new byte[] {0x01, 0x0F, 0, 2, 0, 0, 0, (byte) place.length, 0, 0, 0, 38, 0, 0, 0, 0});
        exif.writeBytes(place);
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(jpeg, 0, 2);
        all.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, 0, (byte) (exif.size() + 2)});
        all.writeBytes(exif.toByteArray());
        all.write(jpeg, 2, jpeg.length - 2);
        return all.toByteArray();
    }

    /** A PNG that says it is this large, and has nothing in it. */
    public static byte[] claiming(int width, int height) {
        byte[] png = png(10, 10);
        writeNumber(png, 16, width);
        writeNumber(png, 20, height);
        CRC32 sum = new CRC32();
        sum.update(png, 12, 17);
        writeNumber(png, 29, (int) sum.getValue());
        return png;
    }

    private static void writeNumber(byte[] bytes, int at, int number) {
        for (int i = 0; i < 4; i++) {
            bytes[at + i] = (byte) (number >>> (24 - 8 * i));
        }
    }

    public static byte[] animation(int frames) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            BufferedImage frame = new BufferedImage(40, 30, BufferedImage.TYPE_BYTE_INDEXED);
            IIOMetadata nothing = writer.getDefaultImageMetadata(new ImageTypeSpecifier(frame), null);
            writer.prepareWriteSequence(null);
            for (int i = 0; i < frames; i++) {
                frame.setRGB(i % 40, i / 40 % 30, 0xFF2C6E63);
                writer.writeToSequence(new IIOImage(frame, null, nothing), null);
            }
            writer.endWriteSequence();
        } catch (IOException memoryDoesNotFail) {
            throw new UncheckedIOException(memoryDoesNotFail);
        }
        return bytes.toByteArray();
    }

    /** @param parts their names; the first says what it holds after an equals sign */
    public static byte[] zip(String... parts) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (String part : parts) {
                String[] halves = part.split("=", 2);
                zip.putNextEntry(new ZipEntry(halves[0]));
                zip.write((halves.length == 2 ? halves[1] : "<x/>").getBytes(StandardCharsets.UTF_8));
            }
        } catch (IOException memoryDoesNotFail) {
            throw new UncheckedIOException(memoryDoesNotFail);
        }
        return bytes.toByteArray();
    }

    public static byte[] pdf(String words) {
        return ("%PDF-1.4\n% " + words + "\ntrailer << >>\n%%EOF\n").getBytes(StandardCharsets.US_ASCII);
    }

    public static byte[] drawing(String inside) {
        return ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'>" + inside + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }
}
