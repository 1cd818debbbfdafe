package dev.schachtel.core.images;

import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

import dev.schachtel.core.model.RefusedException;

/**
 * A photo as it is kept: drawn anew as JPEG of at most {@value #MOST} points along, so that nothing of what a camera or
 * somebody else wrote into the file comes with it.
 */
public final class PhotoImage {
    static final int MOST = 1_600;
    private static final float QUALITY = 0.85f;

    private PhotoImage() {}

    /**
     * The file as it is kept.
     *
     * @throws RefusedException if it is no JPEG or PNG, can't be read, or has more than 80 million points
     */
    public static byte[] kept(byte[] file) {
        try {
            return jpeg(ImageFile.read(file, MOST, "photo"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A quarter turn with the clock, for a camera that was held otherwise. */
    public static byte[] turned(byte[] jpeg) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(jpeg));
            AffineTransform turn = AffineTransform.getTranslateInstance(image.getHeight(), 0);
            turn.quadrantRotate(1);
            return jpeg(ImageFile.drawn(image, image.getHeight(), image.getWidth(), turn));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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
