package dev.schachtel.core.material;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** What a colour looks like once it is laid. */
class MediumTest {
    private static final Colour WHITE = new Colour(0xffffff);

    /** Clear ink on white is the ink; on black it is black; pigment hides the ground but for a share of 8 %. */
    @Test
    void clearInkShowsTheGroundAndPigmentHidesIt() {
        Colour ink = new Colour(0x587187);
        assertThat(Medium.ALCOHOL_PEN.over(WHITE, ink, 1)).isEqualTo(ink);
        assertThat(Medium.ALCOHOL_PEN.over(new Colour(0), ink, 1)).isEqualTo(new Colour(0));
        Colour snow = new Colour(0xfdfdfb);
        Lab covered = Medium.PIGMENT_INK.over(new Colour(0x14262e), snow, 1).lab();
        assertThat(covered.lightness()).isBetween(94.0, 98.5);
    }

    /** By hand, half of a black pen on white: half the light, 0.5 linear is 188 on the screen. */
    @Test
    void halfTheCoverageIsHalfTheLight() {
        assertThat(Medium.ALCOHOL_PEN.over(WHITE, new Colour(0), 0.5)).isEqualTo(new Colour(0xbcbcbc));
    }

    /** Gloss over anything but white makes it lighter by its figure, if nothing else of it shows. */
    @Test
    void glossLifts() {
        Colour plum = new Colour(0x7a4663);
        double before = plum.lab().lightness();
        double after = Medium.GLOSS.over(plum, WHITE, 1).lab().lightness();
        assertThat(after - before).isCloseTo(2, within(0.4));
    }

    /** More of it never goes away from what all of it looks like, and nothing of it is the ground. */
    @Property(tries = 300)
    void moreIsNearer(
            @ForAll Medium medium,
            @ForAll @IntRange(max = 0xffffff) int ground,
            @ForAll @IntRange(max = 0xffffff) int ink) {
        Colour under = new Colour(ground);
        assertThat(medium.over(under, new Colour(ink), 0)).isEqualTo(under);
        double[] all = medium.over(under, new Colour(ink), 1).linear();
        double far = Double.MAX_VALUE;
        for (int i = 0; i <= 4; i++) {
            double[] now = medium.over(under, new Colour(ink), i / 4.0).linear();
            double apart = Math.hypot(Math.hypot(now[0] - all[0], now[1] - all[1]), now[2] - all[2]);
            assertThat(apart).isLessThanOrEqualTo(far + 0.02);
            far = apart;
        }
    }
}
