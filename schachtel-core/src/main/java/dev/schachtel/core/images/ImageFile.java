package dev.schachtel.core.images;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

import dev.schachtel.core.colour.Raster;
import dev.schachtel.core.model.RefusedException;

/**
 * A JPEG or PNG file from outside. How many points it has is asked before any is unfolded; large ones are read with points
 * left out, so that memory follows from what is wanted, not from what the file says. What is clear lies on white.
 */
public final class ImageFile {
    /** Points of a picture that are taken in, of which the file only tells the number. */
    private static final long POINTS = 80_000_000;
    /** The same times the passes in which they are told: each goes over all of them again. */
    private static final long PASSED = 160_000_000;

    private static final Set<String> TAKEN = Set.of("jpeg", "png");

    private ImageFile() {}

    /**
     * The picture with at most so many points along.
     *
     * @param what it is called when it is refused
     * @throws RefusedException if it is no JPEG or PNG, can't be read, or has more than 80 million points
     */
    public static BufferedImage read(byte[] file, int most, String what) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                if (TAKEN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    return scaled(read(reader, file, in, most, what), most);
                }
            }
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
            throw e instanceof RefusedException refused
                    ? refused
                    : new RefusedException(
                            what, "can't be read: is the file whole, and its colours red, green and blue?");
        }
        throw new RefusedException(what, "must be a JPEG or PNG file");
    }

    /** The same as points of colour. */
    public static Raster raster(byte[] file, int most, String what) {
        BufferedImage image = read(file, most, what);
        int w = image.getWidth();
        int h = image.getHeight();
        int[] points = image.getRGB(0, 0, w, h, null, 0, w);
        for (int i = 0; i < points.length; i++) {
            points[i] &= 0xffffff;
        }
        return new Raster(w, h, points);
    }

    private static BufferedImage read(ImageReader reader, byte[] file, ImageInputStream in, int most, String what)
            throws IOException {
        try {
            reader.setInput(in, true, true);
            long points = (long) reader.getWidth(0) * reader.getHeight(0);
            if (points > POINTS) {
                throw new RefusedException(what, "has more than 80 million points; take a smaller one");
            }
            if (points * passes(file) > PASSED) {
                throw new RefusedException(
                        what, "is told in too many passes for its size; save it as a plain picture, or a smaller one");
            }
            if (isCutShort(file)) {
                throw new RefusedException(what, "ends in the middle: copy it again from where it came from");
            }
            int every = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * most));
            ImageReadParam fewer = reader.getDefaultReadParam();
            fewer.setSourceSubsampling(every, every, 0, 0);
            return reader.read(0, fewer);
        } finally {
            reader.dispose();
        }
    }

    /**
     * In how many passes a JPEG tells its points; 7 for a PNG that is interlaced. Markers as ISO/IEC 10918-1, annex B, and
     * chunks as ISO/IEC 15948 have them: 255 and 218 begin a pass, which no data in between can hold.
     */
    private static int passes(byte[] file) {
        if (file.length > 28 && (file[0] & 0xff) == 0x89) {
            return file[28] == 0 ? 1 : 7;
        }
        int passes = 0;
        for (int i = 0; i + 1 < file.length; i++) {
            passes += (file[i] & 0xff) == 0xff && (file[i + 1] & 0xff) == 0xda ? 1 : 0;
        }
        return Math.max(1, passes);
    }

    /**
     * Whether a JPEG has no end behind its last pass; it would be read with grey where the rest should be. 255 and 217 end one
     * (ISO/IEC 10918-1, annex B); the small picture that a camera puts in front has an end of its own.
     */
    private static boolean isCutShort(byte[] file) {
        if ((file[0] & 0xff) != 0xff) {
            return false;
        }
        boolean open = false;
        for (int i = 0; i + 1 < file.length; i++) {
            int marker = (file[i] & 0xff) == 0xff ? file[i + 1] & 0xff : 0;
            open = marker == 0xda || open && marker != 0xd9;
        }
        return open;
    }

    private static BufferedImage scaled(BufferedImage image, int most) {
        double by = Math.min(1, (double) most / Math.max(image.getWidth(), image.getHeight()));
        int wide = Math.max(1, (int) Math.round(image.getWidth() * by));
        int high = Math.max(1, (int) Math.round(image.getHeight() * by));
        return drawn(image, wide, high, AffineTransform.getScaleInstance(by, by));
    }

    /** Drawn anew on white. */
    public static BufferedImage drawn(BufferedImage image, int wide, int high, AffineTransform how) {
        BufferedImage plain = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, wide, high);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(image, how, null);
        pen.dispose();
        return plain;
    }
}
