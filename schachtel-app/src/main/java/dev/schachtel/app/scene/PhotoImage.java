package dev.schachtel.app.scene;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;

import dev.schachtel.core.model.RefusedException;

/**
 * A photo as it is kept: drawn anew as JPEG of at most {@value #MOST} points along, so that nothing of what a camera or
 * somebody else wrote into the file comes with it.
 */
final class PhotoImage {
    static final int MOST = 1_600;
    /** Points of a picture that are taken in, of which the file only tells the number. */
    private static final long POINTS = 80_000_000;

    private static final Set<String> TAKEN = Set.of("jpeg", "png");
    private static final float QUALITY = 0.85f;

    private PhotoImage() {}

    /**
     * The file as it is kept.
     *
     * @throws RefusedException if it is no JPEG or PNG, can't be read, or has more than 80 million points
     */
    static byte[] kept(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                if (TAKEN.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    return jpeg(scaled(read(reader, in)));
                }
            }
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
            throw new RefusedException("photo", "can't be read: is the file whole?");
        }
        throw new RefusedException("photo", "must be a JPEG or PNG file");
    }

    private static BufferedImage read(ImageReader reader, ImageInputStream in) throws IOException {
        try {
            reader.setInput(in, true, true);
            long points = (long) reader.getWidth(0) * reader.getHeight(0);
            if (points > POINTS) {
                throw new RefusedException("photo", "has more than 80 million points; take a smaller one");
            }
            int every = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * MOST));
            ImageReadParam fewer = reader.getDefaultReadParam();
            fewer.setSourceSubsampling(every, every, 0, 0);
            return reader.read(0, fewer);
        } finally {
            reader.dispose();
        }
    }

    private static BufferedImage scaled(BufferedImage image) {
        double by = Math.min(1, (double) MOST / Math.max(image.getWidth(), image.getHeight()));
        int wide = Math.max(1, (int) Math.round(image.getWidth() * by));
        int high = Math.max(1, (int) Math.round(image.getHeight() * by));
        return drawn(image, wide, high, AffineTransform.getScaleInstance(by, by));
    }

    /** A quarter turn with the clock, for a camera that was held otherwise. */
    static byte[] turned(byte[] jpeg) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
            AffineTransform turn = AffineTransform.getTranslateInstance(image.getHeight(), 0);
            turn.quadrantRotate(1);
            return jpeg(drawn(image, image.getHeight(), image.getWidth(), turn));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static BufferedImage drawn(BufferedImage image, int wide, int high, AffineTransform how) {
        BufferedImage plain = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = plain.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, wide, high);
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(image, how, null);
        pen.dispose();
        return plain;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            ImageWriteParam fine = writer.getDefaultWriteParam();
            fine.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            fine.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), fine);
            out.flush();
            return bytes.toByteArray();
        } finally {
            writer.dispose();
        }
    }
}
