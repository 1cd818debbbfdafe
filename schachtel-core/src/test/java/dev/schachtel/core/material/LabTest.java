package dev.schachtel.core.material;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import com.github.ajalt.colormath.model.LAB;
import com.github.ajalt.colormath.model.RGB;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class LabTest {
    /** Pairs of the paper's own table of test data that take each turn of the formula. */
    @ParameterizedTest
    @CsvSource({
        "50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425",
        "50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615",
        "50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000",
        "50, 0, 0, 50, -1, 2, 2.3669",
        "50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792",
        "50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195",
        "50, 2.5, 0, 50, 0, -2.5, 4.3065",
        "50, 2.5, 0, 73, 25, -18, 27.1492",
        "50, 2.5, 0, 58, 24, 15, 19.4535",
        "60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644",
        "22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373",
        "2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082"
    })
    void agreesWithThePublishedTable(
            double l1, double a1, double b1, double l2, double a2, double b2, double expected) {
        Lab one = new Lab(l1, a1, b1);
        Lab other = new Lab(l2, a2, b2);
        assertThat(one.differenceTo(other)).isCloseTo(expected, within(0.00006));
        assertThat(other.differenceTo(one)).isCloseTo(expected, within(0.00006));
    }

    @Test
    void whiteAndBlackAreWhatTheStandardSays() {
        Lab white = new Colour(0xffffff).lab();
        assertThat(white.lightness()).isCloseTo(100, within(0.01));
        assertThat(Math.hypot(white.a(), white.b())).isLessThan(0.02);
        assertThat(new Colour(0).lab().lightness()).isCloseTo(0, within(0.01));
        assertThat(new Colour(0).contrastWith(new Colour(0xffffff))).isCloseTo(21, within(0.01));
        assertThat(new Colour(0x777777).contrastWith(new Colour(0xffffff))).isCloseTo(4.48, within(0.01));
    }

    /** Every colour of the screen comes back from Lab as it was; what no screen shows is known. */
    @Property(tries = 500)
    void thereAndBack(@ForAll @IntRange(max = 0xffffff) int rgb) {
        Lab lab = new Colour(rgb).lab();
        assertThat(lab.colour()).isEqualTo(new Colour(rgb));
        assertThat(lab.isOnScreen()).isTrue();
        assertThat(new Lab(lab.lightness(), 200, -150).isOnScreen()).isFalse();
    }

    @Property(tries = 500)
    void isADistanceOfSorts(@ForAll @IntRange(max = 0xffffff) int one, @ForAll @IntRange(max = 0xffffff) int other) {
        Lab a = new Colour(one).lab();
        Lab b = new Colour(other).lab();
        assertThat(a.differenceTo(a)).isZero();
        assertThat(a.differenceTo(b)).isNotNegative().isCloseTo(b.differenceTo(a), within(1e-6));
    }

    /** Another library, with its own matrices and in single precision, finds the same Lab. */
    @Property(tries = 1000)
    void aLibraryFindsTheSame(@ForAll @IntRange(max = 0xffffff) int rgb) {
        LAB other = RGB.Companion.invoke(new Colour(rgb).hex()).toLAB();
        Lab own = new Colour(rgb).lab();
        assertThat(own.lightness()).isCloseTo(other.getL(), within(0.02));
        assertThat(own.a()).isCloseTo(other.getA(), within(0.02));
        assertThat(own.b()).isCloseTo(other.getB(), within(0.02));
    }
}
