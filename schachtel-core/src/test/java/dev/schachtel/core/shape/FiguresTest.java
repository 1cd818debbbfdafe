package dev.schachtel.core.shape;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class FiguresTest {
    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(o -> o.area().squareMillimetres()).sum();
    }

    /** A square with a hole, in which there is an island. */
    @Test
    void linesInLinesAreHolesAndIslands() {
        List<Outline> all = Figures.outlines("M0 0H20V20H0ZM4 4H16V16H4ZM8 8H12V12H8Z");
        assertThat(all).hasSize(2);
        assertThat(area(all)).isEqualTo(400 - 144 + 16, within(0.01));
        assertThat(all.get(0).holes()).hasSize(1);
        assertThat(all.get(0).bounds()).isEqualTo(new Box(0, -20, 20, 0));
    }

    /** Seen from its middle at half its size. */
    @Test
    void aViewMovesAndScales() {
        List<Outline> seen = Figures.outlines("M0 0H20V10H0Z", new Figures.View(10, 5, 0.5));
        Box box = seen.get(0).bounds();
        assertThat(List.of(box.left(), box.bottom(), box.right(), box.top())).containsExactly(-5.0, -2.5, 5.0, 2.5);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "nonsense", "M0 0", "M0 0L1 1", "M0 0L1 1L2 2Z", "M1 1H1V1Z"})
    void whatHasNoAreaIsLeftOut(String path) {
        assertThat(Figures.outlines(path)).isEmpty();
    }

    /** Shapes of another library, written as text and read again, have the area which that library says by sampling. */
    @Test
    void writtenAndReadTheAreaStays() {
        Random random = new Random(4);
        for (int i = 0; i < 20; i++) {
            Area shape = new Area(new Rectangle2D.Double(0, 0, 40, 30));
            shape.add(new Area(new Ellipse2D.Double(random.nextInt(40), random.nextInt(30), 20, 14)));
            shape.subtract(new Area(new Ellipse2D.Double(5 + random.nextInt(20), 5 + random.nextInt(10), 9, 9)));
            List<Outline> read = Figures.outlines(Figures.text(shape, 0, 0, 0));
            int inside = 0;
            for (double x = -20; x < 80; x += 0.25) {
                for (double y = -20; y < 60; y += 0.25) {
                    inside += shape.contains(x, y) ? 1 : 0;
                }
            }
            assertThat(area(read)).isEqualTo(inside / 16.0, within(8.0));
        }
    }

    /** What is smaller than a crumb is left out, holes as well. */
    @Test
    void crumbsAreLeftOut() {
        Area shape = new Area(new Rectangle2D.Double(0, 0, 10, 10));
        shape.subtract(new Area(new Rectangle2D.Double(4, 4, 0.4, 0.4)));
        assertThat(Figures.outlines(Figures.text(shape, 0, 0, 0)).get(0).holes())
                .hasSize(1);
        assertThat(Figures.outlines(Figures.text(shape, 0, 0, 0.3)).get(0).holes())
                .isEmpty();
    }

    /** Level lines through outlines with bows, holes and corners: the sum of their lengths is the area. */
    @Test
    void levelLinesMeasureTheArea() {
        for (Outline outline : List.of(
                Outline.circle(dev.schachtel.core.measure.Length.ofMillimetres(30)),
                Figures.outlines("M0 0H20V20H0ZM4 4H16V16H4Z").get(0),
                Figures.outlines("M0 0L30 5L10 25Z").get(0))) {
            double sum = 0;
            Box box = outline.bounds();
            for (double y = box.bottom() + 0.005; y < box.top(); y += 0.01) {
                for (Outline.Span span : outline.across(y)) {
                    sum += (span.to() - span.from()) * 0.01;
                }
            }
            assertThat(sum).isEqualTo(outline.area().squareMillimetres(), within(0.3));
        }
    }
}
