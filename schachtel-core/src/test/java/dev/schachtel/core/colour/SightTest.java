package dev.schachtel.core.colour;

import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** How others see colours, and how hues stand to each other. */
class SightTest {
    /** Whoever misses a cone sees greys as all others do. */
    @Property(tries = 200)
    void greysStay(@ForAll @IntRange(max = 255) int level, @ForAll Sight sight) {
        Colour grey = new Colour(level * 0x010101);
        assertThat(sight.of(grey).lab().differenceTo(grey.lab())).isLessThan(1.5);
    }

    /** A red and a green of one lightness: far apart for most, hardly for those without green sight; blue against it stays. */
    @Test
    void redAndGreenRunTogetherWithoutGreenSight() {
        Colour red = new Colour(0xb0563f);
        Colour green = new Colour(0x7a7a2c);
        double all = red.lab().differenceTo(green.lab());
        double less = Sight.NO_GREEN
                .of(red)
                .lab()
                .differenceTo(Sight.NO_GREEN.of(green).lab());
        assertThat(all).isGreaterThan(30);
        assertThat(less).isLessThan(all / 2);
        Colour blue = new Colour(0x3f556b);
        assertThat(Sight.NO_GREEN
                        .of(blue)
                        .lab()
                        .differenceTo(Sight.NO_GREEN.of(red).lab()))
                .isGreaterThan(20);
    }

    private static List<Lab> hues(String degrees) {
        return java.util.Arrays.stream(degrees.split(" "))
                .map(d -> Math.toRadians(Double.parseDouble(d)))
                .map(h -> new Lab(50, 30 * Math.cos(h), 30 * Math.sin(h)))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "10 15, ONE_HUE",
        "350 10 20, ONE_HUE",
        "10 50 75, NEIGHBOURS",
        "100 285, OPPOSITES",
        "0 118 245, TRIAD",
        "30 30 210 200, OPPOSITES"
    })
    void huesByTheBook(String degrees, Harmony.Kind kind) {
        Harmony harmony = Harmony.of(hues(degrees));
        assertThat(harmony.kind()).isEqualTo(kind);
        assertThat(harmony.isClose()).isTrue();
    }

    @Test
    void greysHaveNoHueAndFourQuartersAreNothingByTheBook() {
        assertThat(Harmony.of(List.of(new Lab(50, 1, 2), new Lab(90, 0, 0))).kind())
                .isEqualTo(Harmony.Kind.NO_HUE);
        assertThat(Harmony.of(hues("0 30 60")).off()).as("each in its place").isLessThan(1);
        assertThat(Harmony.of(hues("0 120 240")).off()).isLessThan(1);
        Harmony four = Harmony.of(hues("0 90 180 270"));
        assertThat(four.isClose()).isFalse();
        assertThat(four.off()).isBetween(30.0, 60.0);
    }

    /** Turning all hues by the same angle changes nothing, to the degree that the wheel is turned by. */
    @Property(tries = 60)
    void onlyTheAnglesBetweenCount(@ForAll @IntRange(max = 359) int a, @ForAll @IntRange(max = 359) int b) {
        List<Double> at = List.of(0.0, (double) a, (double) b);
        Harmony plain = Harmony.of(hues(join(at, 0)));
        Harmony turned = Harmony.of(hues(join(at, 77)));
        assertThat(turned.off()).isCloseTo(plain.off(), within(1.01));
    }

    private static String join(List<Double> at, double by) {
        return IntStream.range(0, at.size())
                .mapToObj(i -> "" + (at.get(i) + by))
                .collect(java.util.stream.Collectors.joining(" "));
    }
}
