package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What saves a spoiled sheet, against cards tried out and rectangles counted square by square. */
class RescuesTest {
    private static final CardSpec CARD = TestCards.of("upper-station.json").spec();
    private static final Id PANEL = new Id("panel");

    private static Rescues.Saved saved(double x, double y, int size) {
        return Rescues.of(
                CARD, TestCards.WORKSHOP, PANEL, new Rescues.Spot(new Point(x, y), Length.ofMillimetres(size)));
    }

    /** A spot 3 mm wide with its middle 2 mm from the panel's edge: 3.5 mm go off each side, 9/64 on the ruler's sixteenths: 1/4 in. */
    @Test
    void aSpotAtTheEdgeIsTrimmedAway() {
        Box face = Checked.of(CARD, TestCards.WORKSHOP).build().face().bounds();
        Box panel = new Box(face.left() + 3.175, face.bottom() + 3.175, face.right() - 3.175, face.top() - 3.175);
        Rescues.Saved saved = saved(panel.left() + 2, 40, 3);
        Rescues.Even even = saved.even().orElseThrow();
        assertThat(even.each()).isEqualTo(Length.ofSixteenths(3));
        assertThat(even.border()).isEqualTo(Length.ofSixteenths(5));
        assertThat(even.width().nanometres() / 1e6).isCloseTo(panel.width() - 2 * 4.7625, within(0.001));
        CardSpec trimmed = CardEdit.of(CARD).set(PANEL, "reveal", even.border().toString());
        Box now = new Box(panel.left() + 4.7625, panel.bottom() + 4.7625, panel.right() - 4.7625, panel.top() - 4.7625);
        assertThat(now.left()).isGreaterThan(panel.left() + 2 + 1.5);
        boolean mends = Checked.of(trimmed, TestCards.WORKSHOP).mends() == 0;
        assertThat(even.works()).isEqualTo(mends);
        assertThat(saved.sheet()).isEqualTo("Front panel");
    }

    /** In the middle nothing is trimmed; off the panel nothing is said. */
    @Test
    void aSpotInTheMiddleIsCovered() {
        Rescues.Saved saved = saved(60, 70, 5);
        assertThat(saved.even()).isEmpty();
        assertThat(saved.covers()).isNotEmpty();
        assertThat(saved.covers().get(0).name()).isEqualTo("clear gems 6 mm");
        assertThat(saved.covers()).allSatisfy(c -> {
            assertThat(c.width()).isGreaterThanOrEqualTo(Length.ofMillimetres(6));
            assertThat(c.height()).isGreaterThanOrEqualTo(Length.ofMillimetres(6));
        });
        assertThat(saved(200, 300, 5))
                .isEqualTo(new Rescues.Saved("", List.of(), java.util.Optional.empty(), List.of()));
        assertThat(saved(60, 70, 40).covers()).noneMatch(c -> c.name().contains("gems"));
    }

    /** In the way of the rider nothing covers a spot, a gem neither; over a window there is no sheet. */
    @Test
    void whatWouldBeInTheWayIsNotOffered() {
        Rescues.Saved onTheWay = saved(42, 75, 5);
        assertThat(onTheWay.covers()).noneMatch(c -> c.name().contains("gems"));
        assertThat(saved(44.45, 171.5, 5).sheet()).isEmpty();
    }

    /** From the panel of an A5 card with a spot 20 mm from one end come A6 and a quarter sheet; from an A6 one nothing usual. */
    @Test
    void smallerCardsComeOutOfWhatIsLeft() {
        TestCards large = TestCards.raised().set("base", "width", "148.5 mm").set("base", "height", "210 mm");
        Rescues.Spot spot = new Rescues.Spot(new Point(74, 20), Length.ofMillimetres(6));
        Rescues.Saved saved = Rescues.of(large.spec(), TestCards.WORKSHOP, PANEL, spot);
        assertThat(saved.smaller())
                .extracting(Format::id)
                .contains("a6", "quarter")
                .doesNotContain("a5", "square-6");
        assertThat(Rescues.of(TestCards.raised().spec(), TestCards.WORKSHOP, PANEL, spot)
                        .smaller())
                .isEmpty();
        Rescues.Spot middle = new Rescues.Spot(new Point(74, 105), Length.ofMillimetres(60));
        assertThat(Rescues.of(large.spec(), TestCards.WORKSHOP, PANEL, middle).smaller())
                .isEmpty();
    }

    /** The largest free rectangle, counted square by square. */
    @Property(tries = 100)
    void freeRectanglesAreFoundAsByCounting(@ForAll int seed) {
        Random random = new Random(seed);
        List<Box> spoiled = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(3); i++) {
            int x = random.nextInt(10);
            int y = random.nextInt(14);
            spoiled.add(new Box(x, y, x + 1 + random.nextInt(4), y + 1 + random.nextInt(4)));
        }
        double most = Rescues.free(new Box(0, 0, 12, 16), spoiled).stream()
                .mapToDouble(b -> b.width() * b.height())
                .max()
                .orElse(0);
        assertThat(most).isEqualTo(counted(spoiled));
    }

    private static double counted(List<Box> spoiled) {
        int[] high = new int[12];
        int most = 0;
        for (int y = 0; y < 16; y++) {
            for (int x = 0; x < 12; x++) {
                Point middle = new Point(x + 0.5, y + 0.5);
                high[x] = spoiled.stream().anyMatch(b -> b.holds(middle)) ? 0 : high[x] + 1;
            }
            for (int from = 0; from < 12; from++) {
                int least = Integer.MAX_VALUE;
                for (int to = from; to < 12; to++) {
                    least = Math.min(least, high[to]);
                    most = Math.max(most, least * (to - from + 1));
                }
            }
        }
        return most;
    }
}
