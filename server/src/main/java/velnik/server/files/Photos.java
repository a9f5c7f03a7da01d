package velnik.server.files;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import velnik.core.site.FileContent;
import velnik.core.site.FileType;
import velnik.core.site.Limits;

/**
 * Makes a picture anew in the widths that pages show it in. Only its points are taken over: where and when it was taken,
 * and whatever else was hidden in the file, stays behind. Of an animation the first picture is taken.
 */
final class Photos {
    /** In pixels; more no page shows. */
    private static final int WIDEST = 2_400;

    /** Of JPEG, from 0 to 1: what is lost at this one is not seen. */
    private static final float QUALITY = 0.82f;

    private Photos() {}

    /** @param width of the widest, in pixels */
    record Made(FileType type, int width, int height) {}

    /**
     * Writes each width into a folder. One at a time, since one alone takes some hundred megabytes while it is open.
     *
     * @throws velnik.server.calls.ProblemException when it cannot be shown
     */
    static synchronized Made make(Path file, String format, Path folder) throws IOException {
        BufferedImage picture = upright(read(file, format), orientation(file));
        int width = Math.min(picture.getWidth(), WIDEST);
        List<Integer> widths = FileContent.widths(width);
        BufferedImage least = scaled(picture, widths.getFirst());
        FileType type = type(least, format);
        BufferedImage wider = picture;
        int height = 0;
        for (int each : widths.reversed()) { // each is made from the one before, which is nearer to it
            wider = scaled(wider, each);
            height = Math.max(height, wider.getHeight());
            Files.write(folder.resolve(each + "." + type.ending()), written(wider, type));
        }
        return new Made(type, width, height);
    }

    private static BufferedImage read(Path file, String format) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        if (!readers.hasNext()) {
            throw new IllegalStateException("nothing here reads " + format);
        }
        ImageReader reader = readers.next();
        boolean[] damaged = {false};
        try (ImageInputStream bytes = ImageIO.createImageInputStream(file.toFile())) {
            reader.setInput(bytes, true, true);
            reader.addIIOReadWarningListener((source, warning) -> damaged[0] |= saysCutOff(warning));
            long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
            if (pixels > Limits.PICTURE_PIXELS) {
                throw FileRefused.because(
                        "tooManyPixels",
                        Map.of("megapixels", pixels / 1_000_000, "limit", Limits.PICTURE_PIXELS / 1_000_000));
            }
            ImageReadParam param = reader.getDefaultReadParam();
            // As few points as are still enough for the widest, so that a large one fits into memory.
            int every = Math.max(1, Math.min(reader.getWidth(0), reader.getHeight(0)) / WIDEST);
            param.setSourceSubsampling(every, every, 0, 0);
            BufferedImage picture = reader.read(0, param);
            if (damaged[0]) {
                throw FileRefused.because("damaged");
            }
            return picture;
        } catch (IOException
                | IllegalArgumentException
                | IndexOutOfBoundsException
                | NegativeArraySizeException broken) {
            throw FileRefused.because("damaged");
        } finally {
            reader.dispose();
        }
    }

    private static boolean saysCutOff(String warning) {
        return warning.toLowerCase(Locale.ROOT).matches("(?s).*(trunc|premature|end of input|eoi).*");
    }

    /** How the camera was held; as it comes, where nothing says so. */
    private static Orientation orientation(Path file) {
        try {
            ExifIFD0Directory exif =
                    ImageMetadataReader.readMetadata(file.toFile()).getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? Orientation.TOP_LEFT
                    : Orientation.typeOf(exif.getInt(ExifIFD0Directory.TAG_ORIENTATION));
        } catch (ImageProcessingException | MetadataException | IOException | IllegalArgumentException unreadable) {
            return Orientation.TOP_LEFT;
        }
    }

    private static BufferedImage upright(BufferedImage picture, Orientation orientation) {
        return orientation == Orientation.TOP_LEFT
                ? picture
                : ExifFilterUtils.getFilterForOrientation(orientation).apply(picture);
    }

    private static BufferedImage scaled(BufferedImage picture, int width) throws IOException {
        return picture.getWidth() == width
                ? picture
                : Thumbnails.of(picture)
                        .forceSize(
                                width,
                                Math.max(1, Math.round((float) picture.getHeight() * width / picture.getWidth())))
                        .asBufferedImage();
    }

    /** What shows through needs PNG; else what came without loss becomes whichever of both is smaller. */
    private static FileType type(BufferedImage picture, String format) throws IOException {
        if (isSeenThrough(picture)) {
            return FileType.PNG;
        }
        return !format.equals("jpeg") && written(picture, FileType.PNG).length <= written(picture, FileType.JPEG).length
                ? FileType.PNG
                : FileType.JPEG;
    }

    private static boolean isSeenThrough(BufferedImage picture) {
        if (!picture.getColorModel().hasAlpha()) {
            return false;
        }
        int[] row = new int[picture.getWidth()];
        for (int y = 0; y < picture.getHeight(); y++) {
            picture.getRGB(0, y, row.length, 1, row, 0, row.length);
            for (int point : row) {
                if (point >>> 24 < 250) {
                    return true;
                }
            }
        }
        return false;
    }

    private static byte[] written(BufferedImage picture, FileType type) throws IOException {
        boolean jpeg = type == FileType.JPEG;
        BufferedImage plain = new BufferedImage(
                picture.getWidth(),
                picture.getHeight(),
                jpeg ? BufferedImage.TYPE_INT_RGB : BufferedImage.TYPE_INT_ARGB);
        Graphics2D brush = plain.createGraphics();
        brush.drawImage(picture, 0, 0, jpeg ? Color.WHITE : null, null);
        brush.dispose();
        ImageWriter writer =
                ImageIO.getImageWritersByFormatName(jpeg ? "jpeg" : "png").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            if (jpeg) {
                param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                param.setCompressionQuality(QUALITY);
                param.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
            }
            writer.write(null, new IIOImage(plain, null, null), param);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
