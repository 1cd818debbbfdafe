package dev.schachtel.core.shape;

import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class ShapeTest {
    private static Length mm(double value) {
        return Mm.length(value);
    }

    /** The handbook's dam: window 60.325, set back 1.5, foam 6, twelve strips. */
    @Test
    void twelveStripsRoundACircle() {
        DamPolygon dam = new DamPolygon(mm(60.325 / 2 + 1.5), mm(6), 12);
        assertThat(Mm.of(dam.innerLength())).isCloseTo(16.97, within(0.005));
        assertThat(12 * Mm.of(dam.innerLength())).isCloseTo(203.6, within(0.05));
        assertThat(Mm.of(dam.wedge())).isCloseTo(3.11, within(0.005));
        assertThat(Mm.of(dam.squareOutsideRadius())).isCloseTo(38.61, within(0.005));
        assertThat(Mm.of(dam.mitredOutsideRadius())).isCloseTo(38.99, within(0.005));
        assertThatThrownBy(() -> new DamPolygon(mm(5), mm(6), 2)).hasMessageContaining("strips (2) must be 3 to 60");
    }

    @Property(tries = 200)
    void outsideOfSquareStripsIsTheFarthestCornerOfTheLaidStrip(
            @ForAll @IntRange(min = 3, max = 60) int n, @ForAll @IntRange(min = 5, max = 200) int radius) {
        DamPolygon dam = new DamPolygon(mm(radius), mm(6), n);
        Outline strip = Outline.rectangle(dam.innerLength(), mm(6)).placed(Placement.at(Length.ZERO, mm(radius + 3)));
        double farthest = strip.outer().flattened().stream()
                .mapToDouble(p -> p.distanceTo(Point.ORIGIN))
                .max()
                .orElseThrow();
        assertThat(Mm.of(dam.squareOutsideRadius())).isCloseTo(farthest, within(0.002));
        assertThat(dam.mitredOutsideRadius()).isGreaterThanOrEqualTo(dam.squareOutsideRadius());
        assertThat(dam.mitredOuterLength()).isGreaterThan(dam.innerLength());
    }

    @Property(tries = 100)
    void flatteningLosesAtMostTheChordErrorAllRound(@ForAll @IntRange(min = 2, max = 300) int d) {
        assertThat(Outline.circle(mm(d)).area().squareMillimetres())
                .isCloseTo(Math.PI * d * d / 4, within(Math.PI * d * 0.005));
        assertThat(Outline.oval(mm(d), mm(2 * d)).area().squareMillimetres())
                .isCloseTo(Math.PI * d * d / 2, within(Math.PI * 1.6 * d * 0.005));
    }

    @Test
    void marginsAreSigned() {
        Outline panel = Outline.sheet(mm(100), mm(50));
        Outline inside = Outline.circle(mm(20)).placed(Placement.at(mm(50), mm(30)));
        Outline across = Outline.circle(mm(20)).placed(Placement.at(mm(95), mm(25)));
        assertThat(Mm.of(panel.marginOf(inside).length())).isCloseTo(10, within(0.01));
        assertThat(Mm.of(panel.marginOf(across).length())).isCloseTo(-5, within(0.01));
        assertThat(panel.marginOf(across).there().x()).isCloseTo(105, within(0.1));
        assertThat(panel.without(across).holes()).isEmpty();
        assertThat(panel.without(inside).holes()).hasSize(1);
        assertThat(panel.without(inside).holes().get(0).segments()).hasSize(2);
    }

    @Test
    void turningKeepsArcsAndArea() {
        Outline oval = Outline.oval(mm(30), mm(10)).placed(Placement.ORIGIN.turned(Angle.ofDegrees(90)));
        assertThat(oval.bounds().width()).isCloseTo(10, within(0.02));
        assertThat(oval.bounds().height()).isCloseTo(30, within(0.02));
        assertThat(oval.outer().segments()).allMatch(Segment.Bow.class::isInstance);
    }

    @Test
    void whatIsLeftOfAStretch() {
        Stretch all = Stretch.of(0, 100);
        assertThat(all.less(List.of(Stretch.of(20, 30), Stretch.of(25, 40), Stretch.of(90, 120))))
                .containsExactly(Stretch.of(0, 20), Stretch.of(40, 90));
        assertThat(all.less(List.of(Stretch.of(-5, 200)))).isEmpty();
    }

    /** A piece cut off a shape shares all its area with that, though their long edge is the same only but for rounding. */
    @Test
    void anEdgeThatIsTheSameButForRounding() {
        Outline piece = Outline.ofCorners(List.of(
                new Point(5.862753041623965, -18.043698518730235),
                new Point(-0.440600394682147, -21.036352356935254),
                new Point(-1.8306966642564309, -13.022861457478395),
                new Point(6.466155203371894, -17.551386181760478)));
        Outline whole = Outline.ofCorners(List.of(
                new Point(28.51645036468771, 0),
                new Point(18.981630158186952, 13.790961560791946),
                new Point(4.1893171957758835, 12.893392565444632),
                new Point(-6.642814221270391, 20.44447996931754),
                new Point(-17.257853155168046, 12.53856425930109),
                new Point(-25.40838757195353, 0),
                new Point(-10.899641962986072, -7.919053426141212),
                new Point(-8.001487977782116, -24.626047822125717),
                new Point(5.862753041623965, -18.043698518730235),
                new Point(14.799365261103997, -10.75236824967722)));
        double all = piece.area().squareMillimetres();
        assertThat(piece.shared(whole).squareMillimetres()).isCloseTo(all, within(0.01));
        assertThat(whole.shared(piece).squareMillimetres()).isCloseTo(all, within(0.01));
        assertThat(piece.common(whole)).hasSize(1);
        assertThat(piece.less(List.of(whole))).isEmpty();
        double rest = whole.less(List.of(piece)).stream()
                .mapToDouble(o -> o.area().squareMillimetres())
                .sum();
        assertThat(rest).isCloseTo(whole.area().squareMillimetres() - all, within(0.01));
    }
}
