package dev.schachtel.core.images;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.model.RefusedException;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class PhotoImageTest {
    /** Red on the left, blue on the right. */
    private static byte[] photo(int wide, int high, String format) throws IOException {
        BufferedImage image = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, wide / 2, high);
        pen.setColor(Color.BLUE);
        pen.fillRect(wide / 2, 0, wide - wide / 2, high);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static BufferedImage read(byte[] jpeg) throws IOException {
        assertThat(jpeg[0] & 0xff).isEqualTo(0xff);
        assertThat(jpeg[1] & 0xff).isEqualTo(0xd8);
        return ImageIO.read(new ByteArrayInputStream(jpeg));
    }

    private static Color at(BufferedImage image, double x, double y) {
        return new Color(image.getRGB((int) (x * image.getWidth()), (int) (y * image.getHeight())));
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void aLargePhotoIsKeptSmaller(String format) throws IOException {
        BufferedImage kept = read(PhotoImage.kept(photo(4_000, 3_000, format)));
        assertThat(kept.getWidth()).isEqualTo(1_600);
        assertThat(kept.getHeight()).isEqualTo(1_200);
        assertThat(at(kept, 0.25, 0.5).getRed()).isGreaterThan(240);
        assertThat(at(kept, 0.75, 0.5).getBlue()).isGreaterThan(240);
    }

    @Test
    void aSmallOneKeepsItsSizeAndATurnIsWithTheClock() throws IOException {
        byte[] kept = PhotoImage.kept(photo(300, 200, "png"));
        assertThat(read(kept).getWidth()).isEqualTo(300);
        BufferedImage turned = read(PhotoImage.turned(kept));
        assertThat(turned.getWidth()).isEqualTo(200);
        assertThat(turned.getHeight()).isEqualTo(300);
        assertThat(at(turned, 0.5, 0.25).getRed()).isGreaterThan(240);
        assertThat(at(turned, 0.5, 0.75).getBlue()).isGreaterThan(240);
    }

    /** What a camera or somebody else wrote beside the picture is gone. */
    @Test
    void nothingComesWithIt() throws IOException {
        byte[] plain = photo(40, 30, "jpeg");
        byte[] said = "Exif\0\0 where I live".getBytes(StandardCharsets.ISO_8859_1);
        ByteBuffer marked = ByteBuffer.allocate(plain.length + said.length + 4);
        marked.put(plain, 0, 2)
                .putShort((short) 0xffe1)
                .putShort((short) (said.length + 2))
                .put(said);
        marked.put(plain, 2, plain.length - 2);
        String kept = new String(PhotoImage.kept(marked.array()), StandardCharsets.ISO_8859_1);
        assertThat(kept).doesNotContain("where I live");
    }

    @Test
    void whatIsNoPhotoIsRefusedInWords() throws IOException {
        assertThatThrownBy(() -> PhotoImage.kept("<svg/>".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("JPEG or PNG");
        assertThatThrownBy(() -> PhotoImage.kept(new byte[0])).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> PhotoImage.kept(photo(40, 30, "gif"))).isInstanceOf(RefusedException.class);
        byte[] whole = photo(400, 300, "png");
        assertThatThrownBy(() -> PhotoImage.kept(Arrays.copyOf(whole, 60))).isInstanceOf(RefusedException.class);
    }

    /** A file of a few bytes that says it has 40,000 points each way is not unfolded. */
    @Test
    void aPictureLikeABombIsNotUnfolded() throws IOException {
        byte[] small = photo(8, 8, "png");
        ByteBuffer bomb = ByteBuffer.wrap(small);
        bomb.putInt(16, 40_000).putInt(20, 40_000);
        CRC32 sum = new CRC32();
        sum.update(small, 12, 17);
        bomb.putInt(29, (int) sum.getValue());
        assertThatThrownBy(() -> PhotoImage.kept(small))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("80 million");
    }
}
