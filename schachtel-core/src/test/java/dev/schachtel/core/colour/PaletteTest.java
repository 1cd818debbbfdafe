package dev.schachtel.core.colour;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.material.Colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What a patterned paper is made of. */
class PaletteTest {
    private static final int[] COLOURS = {0x3f556b, 0xf6ecd3, 0x7a4663, 0xa9bb8d, 0xe8c67c};

    /** Stripes of five colours in known shares, with grain: each is found, its share to a percent. */
    @Test
    void stripesAreFoundAgain() {
        double[] shares = {0.4, 0.25, 0.2, 0.1, 0.05};
        Random random = new Random(5);
        int[] points = new int[500 * 400];
        for (int i = 0; i < points.length; i++) {
            double x = i % 500 / 500.0;
            int stripe = 0;
            for (double sum = shares[0]; x >= sum && stripe < 4; sum += shares[stripe]) {
                stripe++;
            }
            points[i] = grained(COLOURS[stripe], random);
        }
        List<Palette.Entry> found = Palette.of(new Raster(500, 400, points));
        assertThat(found).hasSize(5);
        for (int i = 0; i < 5; i++) {
            assertThat(found.get(i).share()).isCloseTo(shares[i], within(0.01));
            assertThat(found.get(i).colour().lab().differenceTo(new Colour(COLOURS[i]).lab()))
                    .isLessThan(2);
        }
        assertThat(Palette.of(new Raster(500, 400, points)))
                .as("always the same")
                .isEqualTo(found);
    }

    private static int grained(int rgb, Random random) {
        int out = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double value = (rgb >> shift & 255) + 5 * random.nextGaussian();
            out = out << 8 | (int) Math.max(0, Math.min(255, Math.round(value)));
        }
        return out;
    }

    @Test
    void aSinglePointAndASheetOfOneColour() {
        assertThat(Palette.of(new Raster(1, 1, new int[] {0x123456})))
                .containsExactly(new Palette.Entry(new Colour(0x123456), 1));
        int[] plain = new int[300 * 200];
        java.util.Arrays.fill(plain, 0xf6ecd3);
        assertThat(Palette.of(new Raster(300, 200, plain))).containsExactly(new Palette.Entry(new Colour(0xf6ecd3), 1));
        List<Palette.Entry> two = Palette.of(new Raster(2, 1, new int[] {0, 0xffffff}));
        assertThat(two).hasSize(2).allMatch(e -> e.share() == 0.5);
    }
}
