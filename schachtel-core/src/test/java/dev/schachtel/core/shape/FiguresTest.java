package dev.schachtel.core.shape;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.ArrayList;
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

    private static Path2D path(List<Coverage.Line> lines, boolean evenOdd) {
        Path2D path = new Path2D.Double(evenOdd ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
        for (Coverage.Line line : lines) {
            path.moveTo(line.points().get(0).x(), line.points().get(0).y());
            line.points().forEach(p -> path.lineTo(p.x(), p.y()));
            if (line.closed()) {
                path.closePath();
            }
        }
        return path;
    }

    private static List<Coverage.Line> lines(Random random) {
        List<Coverage.Line> lines = new ArrayList<>();
        for (int n = random.nextInt(3); n >= 0; n--) {
            List<Point> points = new ArrayList<>();
            for (int k = 3 + random.nextInt(9); k > 0; k--) {
                // On a coarse grid, so that lines also touch, meet in corners and run along each other.
                points.add(new Point(2 * random.nextInt(16), 2 * random.nextInt(16)));
            }
            lines.add(new Coverage.Line(points, random.nextInt(4) > 0));
        }
        return lines;
    }

    private static void covers(Shape judge, Coverage covered, AffineTransform place, int seed) {
        List<Outline> read = Figures.outlines(Figures.text(covered, 0, 0, 0));
        Shape placed = place.createTransformedShape(judge);
        Shape edge = new BasicStroke(0.2f).createStrokedShape(placed);
        for (double x = -9.87; x < 50; x += 1.43) {
            for (double y = -9.79; y < 50; y += 1.41) {
                if (!edge.contains(x, y)) {
                    Point at = new Point(x, -y);
                    assertThat(read.stream().anyMatch(o -> o.holds(at)))
                            .as("seed %s at %s %s", seed, x, y)
                            .isEqualTo(placed.contains(x, y));
                }
            }
        }
    }

    /** What is filled and what a pen draws, point by point as another library has it; lines that cross, touch and lie on each other. */
    @Test
    void anotherLibraryCoversTheSame() {
        for (int seed = 0; seed < 25; seed++) {
            Random random = new Random(seed);
            List<Coverage.Line> lines = lines(random);
            AffineTransform place = AffineTransform.getRotateInstance(0.1 * random.nextInt(9), 15, 15);
            boolean evenOdd = random.nextBoolean();
            covers(path(lines, evenOdd), Coverage.filled(lines, evenOdd, place), place, seed);
            float width = 0.5f + random.nextInt(30) / 10f;
            Shape stroke = new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                    .createStrokedShape(path(lines, false));
            covers(stroke, Coverage.drawn(lines, width, place), place, seed);
        }
    }

    private static Coverage.Line box(double x, double y, double side) {
        return new Coverage.Line(
                List.of(new Point(x, y), new Point(x + side, y), new Point(x + side, y + side), new Point(x, y + side)),
                true);
    }

    /** What is smaller than a crumb is left out, holes as well. */
    @Test
    void crumbsAreLeftOut() {
        Coverage shape = Coverage.filled(List.of(box(0, 0, 10), box(4, 4, 0.4)), true, new AffineTransform());
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
