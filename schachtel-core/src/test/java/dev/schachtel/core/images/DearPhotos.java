package dev.schachtel.core.images;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Small files of photos that ask for much work: very many points of one colour, many passes over them, interlaced, by seed. */
public final class DearPhotos {
    /** A pass over all points again that tells nothing: begin of a scan, one component, its whole band. */
    private static final byte[] PASS = {(byte) 0xff, (byte) 0xda, 0, 8, 1, 1, 0, 0, 63, 0};

    private DearPhotos() {}

    public static byte[] photo(Random random) {
        try {
            boolean jpeg = random.nextInt(3) > 0;
            int wide = 1 + random.nextInt(random.nextInt(3) == 0 ? 9_000 : 3_000);
            int high = 1 + random.nextInt(random.nextInt(3) == 0 ? 8_000 : 3_000);
            BufferedImage image = new BufferedImage(
                    wide,
                    high,
                    jpeg || random.nextBoolean() ? BufferedImage.TYPE_BYTE_GRAY : BufferedImage.TYPE_INT_ARGB);
            byte[] file = written(image, jpeg ? "jpeg" : "png", random.nextBoolean());
            return jpeg && random.nextInt(3) > 0 ? withPasses(file, random.nextInt(400)) : file;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] written(BufferedImage image, String format, boolean inPasses) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setProgressiveMode(inPasses ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
            IIOMetadata about = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), how);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, about), how);
            out.flush();
            return bytes.toByteArray();
        } finally {
            writer.dispose();
        }
    }

    private static byte[] withPasses(byte[] jpeg, int passes) {
        ByteBuffer many = ByteBuffer.allocate(jpeg.length + passes * PASS.length);
        many.put(jpeg, 0, jpeg.length - 2);
        for (int i = 0; i < passes; i++) {
            many.put(PASS);
        }
        return many.put(jpeg, jpeg.length - 2, 2).array();
    }
}
