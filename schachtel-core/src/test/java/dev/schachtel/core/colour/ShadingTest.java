package dev.schachtel.core.colour;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Shadows lie inside their area, on the side away from the light; together the tones are the area. */
class ShadingTest {
    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(o -> o.area().squareMillimetres()).sum();
    }

    /** By hand: 40 wide, lit from the right: 6 mm dark on the left, 6 middle, 28 light. */
    @Test
    void aSquareLitFromTheRight() {
        Outline square = Outline.of(new Box(0, 0, 40, 20));
        Shading shading = Shading.of(List.of(square), List.of(), List.of(), Light.RIGHT.toward(Angle.ZERO), 3);
        assertThat(shading.dark()).hasSize(1);
        Box dark = shading.dark().get(0).bounds();
        assertThat(dark.left()).isCloseTo(0, within(0.01));
        assertThat(dark.right()).isCloseTo(6, within(0.01));
        assertThat(area(shading.middle())).isCloseTo(6 * 20, within(0.1));
        assertThat(area(shading.light())).isCloseTo(28 * 20, within(0.1));
        Shading two = Shading.of(List.of(square), List.of(), List.of(), Light.ABOVE.toward(Angle.ZERO), 2);
        assertThat(two.middle()).isEmpty();
        assertThat(two.dark().get(0).bounds().top())
                .as("15 % of 20 mm at the foot")
                .isCloseTo(3, within(0.01));
    }

    /** A piece that lies turned to the left by a quarter has the light of the card's top at its own right side. */
    @Test
    void lightFollowsTheCardNotThePiece() {
        Point toward = Light.ABOVE.toward(Angle.ofDegrees(90));
        assertThat(toward.distanceTo(new Point(1, 0))).isLessThan(1e-9);
    }

    /** What lies over it throws a shadow beside itself. */
    @Test
    void thereIsAShadowUnderAnOverlap() {
        Outline wall = Outline.of(new Box(0, 0, 40, 40));
        Outline roof = Outline.of(new Box(0, 30, 40, 40));
        Shading shading = Shading.of(List.of(wall), List.of(roof), List.of(), Light.ABOVE.toward(Angle.ZERO), 3);
        assertThat(shading.dark())
                .anyMatch(d -> d.bounds().top() > 29.9 && d.bounds().bottom() > 28);
        assertThat(area(shading.dark())).isCloseTo(40 * 6 + 40 * 1.5, within(1.0));
    }

    /** Another piece over it throws the same shadow, and hides nothing that must be coloured. */
    @Test
    void anotherPieceThrowsAShadow() {
        Outline wall = Outline.of(new Box(0, 0, 40, 40));
        Outline tree = Outline.of(new Box(0, 30, 40, 40));
        Shading shading = Shading.of(List.of(wall), List.of(), List.of(tree), Light.ABOVE.toward(Angle.ZERO), 3);
        assertThat(area(shading.dark())).isCloseTo(40 * 6 + 40 * 10, within(1.0));
        assertThat(area(shading.dark()) + area(shading.middle()) + area(shading.light()))
                .isCloseTo(1600, within(1.0));
    }

    @Property(tries = 150)
    void theTonesCoverTheAreaOnce(
            @ForAll long seed, @ForAll @IntRange(min = 2, max = 3) int tones, @ForAll Light light) {
        Random random = new Random(seed);
        Outline area = blob(random, 30, 0, 0);
        List<Outline> over = random.nextBoolean() ? List.of(blob(random, 12, 10, 8)) : List.of();
        Shading shading =
                Shading.of(List.of(area), over, List.of(), light.toward(Angle.ofDegrees(random.nextInt(360))), tones);
        double seen = area(area.less(over));
        double sum = area(shading.dark()) + area(shading.middle()) + area(shading.light());
        assertThat(sum).isCloseTo(seen, within(0.02 * area.area().squareMillimetres()));
        for (List<Outline> tone : shading.tones()) {
            for (Outline one : tone) {
                assertThat(one.shared(area).squareMillimetres())
                        .as("inside its area")
                        .isCloseTo(one.area().squareMillimetres(), within(0.5));
                over.forEach(o -> assertThat(one.shared(o).squareMillimetres()).isLessThan(0.5));
            }
        }
    }

    private static Outline blob(Random random, double size, double x, double y) {
        int corners = 5 + random.nextInt(20);
        List<Point> points = java.util.stream.IntStream.range(0, corners)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / corners;
                    double r = size * (0.4 + 0.6 * random.nextDouble());
                    return new Point(x + r * Math.cos(angle), y + r * Math.sin(angle));
                })
                .toList();
        return Outline.ofCorners(points);
    }

    /** A limb of 3 mm is narrow, one of 5 is not. */
    @Test
    void narrowIsUnderFourMillimetres() {
        assertThat(Outline.of(new Box(0, 0, 3, 40)).isNarrower(Shading.NARROW)).isTrue();
        assertThat(Outline.of(new Box(0, 0, 5, 40)).isNarrower(Shading.NARROW)).isFalse();
        assertThat(Shading.NARROW).isEqualTo(Length.ofMillimetres(4));
    }
}
