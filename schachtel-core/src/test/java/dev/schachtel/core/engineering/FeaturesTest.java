package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.card.Row;
import dev.schachtel.core.material.Spacers;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Circles;
import dev.schachtel.core.shape.Mm;

import static dev.schachtel.core.engineering.Worked.mm;
import static dev.schachtel.core.engineering.Worked.motion;
import static dev.schachtel.core.engineering.Worked.part;
import static dev.schachtel.core.engineering.Worked.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** The worked examples of every feature and layer, and what holds around them. */
class FeaturesTest {
    /** Three 2 in circles along 8 1/4: gap 9/16, or 5/8 with 1/2 margins. */
    @Test
    void rowGapsAreEqual() {
        TestCards card = TestCards.of("carriage-windows.json");
        assertThat(size(card.build(), "windows", "Gap")).isEqualTo(LengthText.parse("9/16", Units.INCH));
        Build margins = card.set("windows", "spacing", "end-margin")
                .set("windows", "spacing.margin", "1/2 in")
                .build();
        assertThat(size(margins, "windows", "Gap")).isEqualTo(LengthText.parse("5/8", Units.INCH));
    }

    /** Gaps are equal and fill the length exactly, in nanometres. */
    @Property(tries = 500)
    void gapsFillTheLengthExactly(
            @ForAll @IntRange(min = 1, max = 20) int count,
            @ForAll @IntRange(min = 1_000_000, max = 400_000_000) int length,
            @ForAll @IntRange(min = 100_000, max = 30_000_000) int size,
            @ForAll boolean margins) {
        Length window = Length.ofNanometres(size);
        Length all = Length.ofNanometres(length);
        Row.Spacing spacing = margins ? new Row.Spacing.EndMargin(mm("2 mm")) : new Row.Spacing.EqualGaps();
        Row row = new Row(
                new Id("row"),
                Id.FRONT,
                new Opening.Circle(window),
                count,
                Row.Run.UP,
                spacing,
                Length.ZERO,
                Length.ZERO);
        List<Length> middles = RowEngineer.middles(row, all, window);
        Length first = middles.get(0).minus(window.half());
        Length end = all.minus(middles.get(count - 1)).minus(window.minus(window.half()));
        Length least = first;
        Length most = first;
        Length total = first.plus(end).plus(window.times(count));
        for (int i = 1; i < count; i++) {
            Length gap = middles.get(i).minus(middles.get(i - 1)).minus(window);
            total = total.plus(gap);
            least = i == 1 && margins ? gap : Length.min(least, gap);
            most = i == 1 && margins ? gap : Length.max(most, gap);
        }
        assertThat(total).isEqualTo(all);
        assertThat(most.minus(least).nanometres()).isBetween(0L, 1L);
    }

    @Test
    void gridCellsAreWhatBarsAndMarginsLeave() {
        Build build = TestCards.of("timetable.json").build();
        Length w = LengthText.parse("4 3/4", Units.INCH);
        Length bars = LengthText.parse("1/2", Units.INCH).plus(LengthText.parse("3/4", Units.INCH));
        List<Cutout> cells = part(build, "panel", "").cutouts();
        assertThat(cells).hasSize(12);
        assertThat(cells.subList(0, 3).stream().map(c -> c.form().width()).reduce(Length.ZERO, Length::plus))
                .isEqualTo(w.minus(bars));
    }

    @Test
    void anApertureThroughTwoLayersLinesUp() {
        Build build = TestCards.raised()
                .add("window")
                .set("window", "through", "below")
                .build();
        List<Cutout> cut = build.parts().stream()
                .flatMap(p -> p.cutouts().stream())
                .filter(c -> c.owner().equals(new Id("window")))
                .toList();
        assertThat(cut).hasSize(2);
        assertThat(cut.get(0).onFace()).isEqualTo(cut.get(1).onFace());
    }

    // ------------------------------------------------------------ what moves

    /** Travel 60, connector 10, play 0.8: slot 11.6 x 71.6, retainer 19.6. */
    @Test
    void roundRider() {
        Build build = TestCards.raised()
                .add("rider")
                .set("rider", "path.run", "36 mm")
                .set("rider", "path.rise", "48 mm")
                .build();
        assertThat(size(build, "rider", "Travel")).isEqualTo(mm("60 mm"));
        assertThat(size(build, "rider", "Slot, wide")).isEqualTo(mm("11.6 mm"));
        assertThat(size(build, "rider", "Slot, long")).isEqualTo(mm("71.6 mm"));
        assertThat(part(build, "rider", "retainer").form().width()).isEqualTo(mm("19.6 mm"));
        Cutout slot = part(build, "panel", "").cutouts().get(0);
        double stadium = 60 * 11.6 + Math.PI * 11.6 * 11.6 / 4;
        assertThat(slot.onFace().area().squareMillimetres()).isCloseTo(stadium, within(0.5));
    }

    /** Slot area equals the path buffered by half the slot's width, up to chord error times the way round. */
    @Property(tries = 60)
    void slotAreaEqualsTheBufferedPath(
            @ForAll @IntRange(min = 12, max = 30) int radius, @ForAll @IntRange(min = 20, max = 160) int sweep) {
        Build build = TestCards.raised()
                .add("rider")
                .set("rider", "path", "arc")
                .set("rider", "path.radius", radius + " mm")
                .set("rider", "path.sweep", "" + sweep)
                .build();
        double r = 11.6 / 2;
        double band = Math.toRadians(sweep) * radius * 2 * r + Math.PI * r * r;
        Cutout slot = part(build, "panel", "").cutouts().get(0);
        assertThat(slot.onFace().area().squareMillimetres()).isCloseTo(band, within(0.9));
    }

    /** An oblong slot: across + 2p by travel + along + 2p, and its margin against jamming. */
    @Test
    void oblongRider() {
        Build build = TestCards.of("upper-station.json").build();
        Motion.Lock lock = motion(build, "car").keeping().lock().orElseThrow();
        assertThat(lock.margin()).isCloseTo(15.875 / (2 * 0.44 * 9.525), within(1e-9));
        Length travel = size(build, "car", "Travel");
        Cutout slot = part(build, "panel", "").cutouts().stream()
                .filter(c -> c.sort() == Cutout.Sort.SLOT)
                .findFirst()
                .orElseThrow();
        double area = Mm.of(size(build, "car", "Slot, wide")) * Mm.of(size(build, "car", "Slot, long"));
        assertThat(slot.onFace().area().squareMillimetres()).isCloseTo(area, within(0.2));
        assertThat(size(build, "car", "Slot, long"))
                .isEqualTo(travel.plus(LengthText.parse("5/8", Units.INCH)).plus(LengthText.parse("1/16", Units.INCH)));
    }

    /** Travel 70, width 40, engaged 60, tab 20, mu 0.45: length 150, margin 3.33. */
    @Test
    void pullStrip() {
        Build build = TestCards.raised()
                .add("window")
                .add("pull-strip")
                .set("pull-strip", "width", "40 mm")
                .set("pull-strip", "travel", "70 mm")
                .set("pull-strip", "engaged", "60 mm")
                .set("pull-strip", "tab", "20 mm")
                .build();
        assertThat(size(build, "pull-strip", "Strip, long")).isEqualTo(mm("150 mm"));
        assertThat(size(build, "pull-strip", "Channel")).isEqualTo(mm("41.6 mm"));
        assertThat(size(build, "pull-strip", "Stop bar")).isEqualTo(mm("49.6 mm"));
        assertThat(motion(build, "pull-strip").keeping().lock().orElseThrow().margin())
                .isCloseTo(3.33, within(0.005));
    }

    /** Travel 90 on a connector of 19: 1.51 turns. */
    @Test
    void rollingSpinner() {
        Build build = TestCards.raised()
                .add("rolling")
                .set("rolling", "connector", "19 mm")
                .set("rolling", "path.run", "54 mm")
                .set("rolling", "path.rise", "72 mm")
                .build();
        assertThat(((Move.Roll) motion(build, "rolling").move()).turns()).isCloseTo(1.51, within(0.005));
    }

    @Test
    void wheelHasItsPivotHoleAndPictures() {
        Build build = TestCards.of("turntable.json").build();
        assertThat(size(build, "wheel", "Pivot hole"))
                .isEqualTo(LengthText.parse("1/8", Units.INCH).plus(mm("0.3 mm")));
        assertThat(part(build, "wheel", "wheel").outline().holes()).hasSize(1);
    }

    /** Five lanterns hang freely where six would touch. */
    @Test
    void bridgeCountsWhatHangsFreely() {
        Build build = TestCards.of("viaduct.json").build();
        assertThat(build.derivationsOf(new Id("bridge")))
                .anyMatch(d -> d.name().equals("Most pieces") && d.result().equals(new Amount.Count(5)));
        assertThat(Mm.of(size(build, "bridge", "Gap between pieces")))
                .isCloseTo(2 * 18 * Math.sin(Math.toRadians(10)), within(0.001));
        assertThat(part(build, "bridge", "hanging-1").stacked())
                .as("doubled, mirrored")
                .isEqualTo(2);
    }

    // ------------------------------------------------------------ layers

    @Test
    void framesStackAndTheirBandIsEven() {
        Build build = TestCards.of("platform-sign.json").build();
        assertThat(size(build, "frame", "Band, across")).isEqualTo(LengthText.parse("1/4", Units.INCH));
        assertThat(size(build, "frame", "Band, up")).isEqualTo(LengthText.parse("1/4", Units.INCH));
        assertThat(size(build, "frame", "Frames, thick")).isEqualTo(mm("0.81 mm"));
    }

    @Test
    void pocketHoldsABankCardAndThreeMillimetres() {
        Build build = TestCards.of("ticket.json").build();
        assertThat(size(build, "pocket", "Pocket, wide")).isEqualTo(mm("57 mm"));
        assertThat(build.folds().stream().filter(f -> f.part().owner().equals(new Id("pocket"))))
                .hasSize(3);
    }

    @Test
    void pouchWrapsTheFilmOverByNineteen() {
        Build build =
                TestCards.raised().add("pouch").set("pouch", "panel", "panel").build();
        Part film = part(build, "pouch", "film");
        assertThat(film.form().width()).isEqualTo(mm("137 mm"));
        double clipped = 4 * 19 * 19 / 2.0;
        assertThat(film.outline().area().squareMillimetres()).isCloseTo(137 * 180.5 - clipped, within(0.01));
    }

    @Test
    void bandGoesRoundTheClosedCard() {
        Build plain = TestCards.raised().build();
        Build build = TestCards.raised().add("belly-band").build();
        Length expected =
                mm("105 mm").plus(plain.thickness()).times(2).plus(mm("2 mm")).plus(mm("12 mm"));
        assertThat(part(build, "belly-band", "").form().width()).isEqualTo(expected);
    }

    /** 2.3 from 0.3, 1, 1.5, 2, 3: one 2 and one 0.3. */
    @Test
    void fewestSpacers() {
        List<Length> stock = List.of(mm("0.3"), mm("1"), mm("1.5"), mm("2"), mm("3"));
        assertThat(Spacers.fewest(mm("2.3"), stock)).containsExactly(mm("2"), mm("0.3"));
        assertThat(Spacers.fewest(mm("0.9"), stock)).containsExactly(mm("1"));
        assertThat(Spacers.fewest(mm("40"), stock)).isEmpty();
    }

    /** No span of a foam field is over 40 mm (and what strips lack of half a millimetre) when nothing is in the way. */
    @Property(tries = 60)
    void foamFieldLeavesNoLongSpan(
            @ForAll @IntRange(min = 60, max = 200) int width, @ForAll @IntRange(min = 60, max = 260) int height) {
        Build build = TestCards.empty(
                        "{\"kind\": \"flat-fold\", \"width\": \"" + width + " mm\", \"height\": \"" + height + " mm\"}")
                .add("mat")
                .set("panel", "fixing", "foam-tape-2")
                .build();
        var panel = build.levels()
                .get(build.levels().size() - 1)
                .slab()
                .footprints()
                .get(0);
        var foam = build.levels().stream()
                .filter(l -> l.slab().name().equals("Foam strip"))
                .flatMap(l -> l.slab().footprints().stream())
                .toList();
        assertThat(panel.widestFree(foam).length()).isLessThanOrEqualTo(mm("41 mm"));
    }

    /** The dam's inner edge is never inside the window and its setback. */
    @Property(tries = 200)
    void damKeepsItsSetback(@ForAll long seed) {
        Random random = new Random(seed);
        int d = 20 + random.nextInt(40);
        int setback = random.nextInt(5);
        Build build = TestCards.raised()
                .add("window")
                .set("window", "shape.diameter", d + " mm")
                .add("shaker")
                .set("shaker", "setback", setback + " mm")
                .set("shaker", "strips", "" + (3 + random.nextInt(30)))
                .build();
        var clear = build.chambers().get(0).clear();
        var least = dev.schachtel.core.shape.Outline.circle(mm(d + 2 * setback + " mm"))
                .placed(dev.schachtel.core.shape.Placement.at(mm("52.5 mm"), mm("98 mm")));
        assertThat(clear.covers(least)).isTrue();
        assertThat(Circles.area(mm("10 mm")).squareMillimetres()).isCloseTo(78.54, within(0.01));
    }
}
