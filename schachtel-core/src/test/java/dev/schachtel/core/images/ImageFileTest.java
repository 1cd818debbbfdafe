package dev.schachtel.core.images;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.colour.Raster;
import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Files from outside: of one point, of 16 bits, clear, with four inks, and such as lie about their size. */
class ImageFileTest {
    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static int point(byte[] file, int x, int y) {
        Raster raster = ImageFile.raster(file, 400, "photo");
        return raster.points()[y * raster.width() + x];
    }

    @Test
    void aSinglePoint() throws IOException {
        BufferedImage one = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);
        one.setRGB(0, 0, 0x7a4663);
        assertThat(point(png(one), 0, 0)).isEqualTo(0x7a4663);
    }

    @Test
    void sixteenBits() throws IOException {
        ComponentColorModel model = new ComponentColorModel(
                ColorSpace.getInstance(ColorSpace.CS_sRGB), false, false, Transparency.OPAQUE, DataBuffer.TYPE_USHORT);
        WritableRaster raster = model.createCompatibleWritableRaster(8, 8);
        for (int i = 0; i < 64; i++) {
            raster.setPixel(i % 8, i / 8, new int[] {0x7a7a, 0x4646, 0x6363});
        }
        byte[] file = png(new BufferedImage(model, raster, false, null));
        assertThat(file[24]).as("bits a sample").isEqualTo((byte) 16);
        assertThat(point(file, 3, 3)).isEqualTo(0x7a4663);
    }

    @Test
    void whatIsClearIsWhite() throws IOException {
        assertThat(point(png(new BufferedImage(4, 4, BufferedImage.TYPE_INT_ARGB)), 2, 2))
                .isEqualTo(0xffffff);
    }

    /** A JPEG of cyan, magenta, yellow and black, inverted as such files are: no cyan, full magenta and yellow, no black. */
    @Test
    void fourInksAreMixed() throws IOException {
        WritableRaster raster = java.awt.image.Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 16, 16, 4, null);
        for (int i = 0; i < 256; i++) {
            raster.setPixel(i % 16, i / 16, new int[] {255, 0, 0, 255});
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(null, new IIOImage(raster, null, null), null);
        } finally {
            writer.dispose();
        }
        byte[] file = saysFourInks(out.toByteArray());
        int red = point(file, 5, 5);
        assertThat(red >> 16).isGreaterThan(200);
        assertThat(red & 0xffff).isLessThan(0x5000);
    }

    /** With the segment that says that the four are inks, behind the two bytes with which a JPEG begins. */
    private static byte[] saysFourInks(byte[] jpeg) {
        byte[] segment = {(byte) 0xff, (byte) 0xee, 0, 14, 'A', 'd', 'o', 'b', 'e', 0, 100, 0, 0, 0, 0, 0};
        return ByteBuffer.allocate(jpeg.length + segment.length)
                .put(jpeg, 0, 2)
                .put(segment)
                .put(jpeg, 2, jpeg.length - 2)
                .array();
    }

    /** Half a file would be half a picture, and grey below; wherever it is cut it is refused. What follows its end is no matter. */
    @Test
    void halfAFileIsRefused() throws IOException {
        BufferedImage noise = new BufferedImage(120, 90, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        for (int i = 0; i < 120 * 90; i++) {
            noise.setRGB(i % 120, i / 120, random.nextInt(0x1000000));
        }
        for (String format : List.of("jpeg", "png")) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(noise, format, out);
            byte[] whole = out.toByteArray();
            for (int part = 1; part < 20; part++) {
                byte[] cut = Arrays.copyOf(whole, whole.length * part / 20);
                assertThatThrownBy(() -> ImageFile.raster(cut, 400, "photo"))
                        .as("%s, %s of 20", format, part)
                        .isInstanceOf(RefusedException.class);
            }
            assertThat(ImageFile.raster(Arrays.copyOf(whole, whole.length + 50), 400, "photo")
                            .width())
                    .isEqualTo(120);
        }
    }

    /** Small, and told in very many passes: each of them would be gone through. */
    @Test
    void manyPassesAreRefused() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB), "jpeg", out);
        byte[] plain = out.toByteArray();
        byte[] pass = {(byte) 0xff, (byte) 0xda, 0, 8, 1, 1, 0, 0, 63, 0};
        ByteBuffer many = ByteBuffer.allocate(plain.length + 400 * pass.length);
        many.put(plain, 0, plain.length - 2);
        for (int i = 0; i < 400; i++) {
            many.put(pass);
        }
        many.put(plain, plain.length - 2, 2);
        assertThatThrownBy(() -> ImageFile.raster(many.array(), 400, "photo"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("too many passes");
    }

    /** The head says 60,000 by 60,000 points; nothing of that size is ever made. */
    @Test
    void aFileThatLiesAboutItsSizeIsRefused() throws IOException {
        byte[] file = png(new BufferedImage(2, 2, BufferedImage.TYPE_INT_RGB));
        ByteBuffer head = ByteBuffer.wrap(file);
        head.putInt(16, 60_000);
        head.putInt(20, 60_000);
        CRC32 sum = new CRC32();
        sum.update(file, 12, 17);
        head.putInt(29, (int) sum.getValue());
        assertThatThrownBy(() -> ImageFile.raster(file, 400, "photo"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("80 million");
    }

    @Test
    void whatIsNoPictureIsRefused() {
        for (byte[] file : new byte[][] {{}, "GIF89a".getBytes(), "no picture".getBytes()}) {
            assertThatThrownBy(() -> ImageFile.raster(file, 400, "photo"))
                    .isInstanceOf(RefusedException.class)
                    .hasMessageContaining("JPEG or PNG");
        }
    }
}
