package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.edit.BoxEdit;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static dev.schachtel.core.scene.TestScenes.PANEL;
import static dev.schachtel.core.scene.TestScenes.distance;
import static dev.schachtel.core.scene.TestScenes.isFree;
import static dev.schachtel.core.scene.TestScenes.of;
import static dev.schachtel.core.scene.TestScenes.picture;
import static dev.schachtel.core.scene.TestScenes.random;
import static dev.schachtel.core.scene.TestScenes.raster;
import static dev.schachtel.core.scene.TestScenes.with;
import static org.assertj.core.api.Assertions.assertThat;

/** Where pieces and words come to lie: other layouts, room, snaps; judged by rasters and on the engineered card. */
class PlacesTest {
    /** Five that differ; none lies on another or over the edge; what is pinned stays; twice the same. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void layoutsKeepWhatMustBeKept(int seed) {
        CardSpec spec = random(new Random(seed), 6);
        Motif pinned = (Motif) spec.elements().get(3);
        spec = CardEdit.of(spec).set(pinned.id(), "pinned", "true");
        Scenery before = of(spec);
        List<Layouts.Layout> layouts = Layouts.of(before, 1_500, 7);
        assertThat(layouts).hasSizeGreaterThan(2);
        assertThat(Layouts.of(before, 1_500, 7)).isEqualTo(layouts);
        double width = before.face().bounds().width();
        for (int i = 0; i < layouts.size(); i++) {
            Scenery after = of(layouts.get(i).take(spec));
            apart(after, pinned.id());
            assertThat(after.pieces().stream()
                            .filter(p -> p.id().equals(pinned.id()))
                            .findFirst()
                            .orElseThrow()
                            .outline()
                            .bounds())
                    .isEqualTo(before.pieces().stream()
                            .filter(p -> p.id().equals(pinned.id()))
                            .findFirst()
                            .orElseThrow()
                            .outline()
                            .bounds());
            for (int k = i + 1; k < layouts.size(); k++) {
                assertThat(layouts.get(i).differsFrom(layouts.get(k), width)).isGreaterThanOrEqualTo(Layouts.DIFFER);
            }
        }
    }

    /** Whoever says what matters gets several that differ, all for that. */
    @Test
    void layoutsForOneWishDiffer() {
        Scenery scenery = of(random(new Random(3), 5));
        double width = scenery.face().bounds().width();
        for (Layouts.Wish wish : Layouts.Wish.values()) {
            List<Layouts.Layout> found = Layouts.of(scenery, 400, wish);
            assertThat(found).hasSizeGreaterThan(1).allMatch(l -> l.wish() == wish);
            for (int i = 0; i < found.size(); i++) {
                for (int k = 0; k < i; k++) {
                    assertThat(found.get(i).differsFrom(found.get(k), width)).isGreaterThanOrEqualTo(Layouts.DIFFER);
                }
            }
        }
    }

    /** Three stars that may be one to five: each layout has so many, none touches, the pinned one stays, all else is as it was. */
    @Test
    void thereMayBeMoreOrFewer() {
        CardSpec spec = with(TestCards.raised().spec(), "near-hill", 52, 18, 1.05);
        spec = with(with(with(spec, "star", 30, 90, 0.7), "star", 60, 110, 0.7), "star", 75, 80, 0.7);
        spec = with(spec, "moon", 50, 60, 0.8);
        Id pinned = spec.elements().get(2).id();
        spec = CardEdit.of(spec).set(pinned, "pinned", "true");
        List<Layouts.Other> others = Layouts.of(
                spec,
                TestCards.WORKSHOP,
                PANEL,
                new Layouts.Ask(Optional.empty(), 2_000, List.of(new HowMany(new MaterialId("star"), 1, 5))));
        Set<Long> numbers = new TreeSet<>();
        for (Layouts.Other other : others) {
            Scenery after = of(other.card());
            apart(after, pinned);
            numbers.add(after.pieces().stream()
                    .filter(p -> p.picture().name().equals("Star"))
                    .count());
            assertThat(after.pieces())
                    .anyMatch(p -> p.id().equals(pinned)
                            && p.outline().bounds().centre().distanceTo(new Point(60, 110)) < 0.1);
            assertThat(after.pieces())
                    .filteredOn(p -> p.picture().name().equals("Moon"))
                    .hasSize(1);
        }
        assertThat(numbers).as("odd numbers first").containsExactly(1L, 2L, 3L, 5L);
        assertThat(others).hasSizeBetween(5, Layouts.Wish.values().length);
    }

    /** Copies of a star that is pinned find places of their own; the pinned one stays. */
    @Test
    void moreOfWhatIsPinnedLieElsewhere() {
        CardSpec spec = with(TestCards.raised().spec(), "star", 50, 70, 0.7);
        Id pinned = spec.elements().get(spec.elements().size() - 1).id();
        CardSpec pin = CardEdit.of(spec).set(pinned, "pinned", "true");
        List<Layouts.Other> others = Layouts.of(
                pin,
                TestCards.WORKSHOP,
                PANEL,
                new Layouts.Ask(Optional.empty(), 1_000, List.of(new HowMany(new MaterialId("star"), 3, 3))));
        assertThat(others).isNotEmpty();
        others.forEach(o -> apart(of(o.card()), pinned));
        assertThat(of(others.get(0).card()).pieces()).hasSize(3);
    }

    /** Of five stars one lies elsewhere: on this face a layout has four at most, and what lies there already stays. */
    @Test
    void noMoreThanAreOwned() {
        CardSpec spec = with(with(TestCards.raised().spec(), "star", 50, 70, 0.7), "star", 20, 30, 0.7);
        Id last = spec.elements().get(spec.elements().size() - 1).id();
        CardSpec inside = CardEdit.of(spec).set(last, "on", "inside-right");
        HowMany wished = new HowMany(new MaterialId("star"), 2, 9);
        assertThat(wished.owned(inside, stars(5), PANEL)).isEqualTo(new HowMany(new MaterialId("star"), 2, 4));
        assertThat(wished.owned(inside, stars(0), PANEL)).isEqualTo(wished);
        assertThat(wished.owned(inside, stars(1), PANEL)).isEqualTo(new HowMany(new MaterialId("star"), 1, 1));
        Layouts.Ask ask = new Layouts.Ask(Optional.empty(), 300, List.of(wished));
        assertThat(Layouts.of(inside, stars(5), PANEL, ask))
                .isNotEmpty()
                .allMatch(o -> of(o.card()).pieces().size() <= 4);
    }

    private static Workshop stars(int owned) {
        return TestCards.WORKSHOP.pictured(
                new BoxEdit(TestCards.WORKSHOP.pictures()).set(new MaterialId("star"), "owned", "" + owned));
    }

    /** Each piece lies in the middle, or its like where a mirror would show it; not all layouts are a single column. */
    @Test
    void symmetricalMeansMirrored() {
        CardSpec spec = TestCards.raised().spec();
        spec = with(with(with(spec, "star", 20, 30, 1), "star", 50, 70, 1), "moon", 80, 90, 1);
        Scenery scenery = of(spec);
        double middle = scenery.face().bounds().centre().x();
        int pairs = 0;
        for (Layouts.Layout layout : Layouts.of(scenery, 6_000, Layouts.Wish.SYMMETRICAL)) {
            List<Placed> all = of(layout.take(spec)).pieces();
            for (Placed one : all) {
                Point at = one.outline().bounds().centre();
                Point mirror = new Point(2 * middle - at.x(), at.y());
                boolean mirrored = all.stream()
                        .anyMatch(o -> o != one
                                && o.picture().equals(one.picture())
                                && o.outline().bounds().centre().distanceTo(mirror) < 2);
                assertThat(mirrored || Math.abs(at.x() - middle) < 1.5).isTrue();
                pairs += mirrored ? 1 : 0;
            }
        }
        assertThat(pairs).isGreaterThanOrEqualTo(4);
    }

    private static void apart(Scenery scenery, Id pinned) {
        Set<Long> face = raster(scenery.face());
        Set<Long> taken = new HashSet<>();
        for (Placed p : scenery.pieces()) {
            Set<Long> cells = raster(p.outline());
            if (!p.isGround()) {
                assertThat(p.id().equals(pinned) || face.containsAll(cells))
                        .as(p.picture().name() + " on the card")
                        .isTrue();
                int before = taken.size();
                taken.addAll(cells);
                assertThat(taken).as(p.picture().name() + " by itself").hasSize(before + cells.size());
            }
        }
    }

    /** One after the other where there is room: none on another, those that stand on the ground. */
    @Test
    void thereIsRoomForOneMore() {
        CardSpec spec = with(TestCards.raised().spec(), "near-hill", 52, 18, 1.05);
        for (String name : List.of("tall-tree", "cloud", "goat", "kestrel", "lamp", "moon", "milk-churn")) {
            Scenery scenery = of(spec);
            Point at = Room.of(scenery, picture(name), 0.7);
            spec = with(spec, name, at.x(), at.y(), 0.7);
        }
        Scenery after = of(spec);
        apart(after, PANEL);
        assertThat(Sitting.of(after))
                .filteredOn(f -> f.severity() != Severity.WORKS)
                .extracting(Fact::kind)
                .doesNotContain(Fact.Kind.GROUND, Fact.Kind.OVERHANG, Fact.Kind.KEEP_CLEAR, Fact.Kind.SEEN);
    }

    /** In the search's raster no two pieces share what they don't share on the face. */
    @Test
    void masksMissNothing() {
        Random random = new Random(9);
        for (int i = 0; i < 30; i++) {
            Scenery scenery = of(random(random, 2));
            Outline a = scenery.pieces().get(1).outline();
            Outline b = scenery.pieces().get(2).outline();
            int dx = random.nextInt(41) - 20;
            int dy = random.nextInt(41) - 20;
            List<Outline> moved = new ArrayList<>(List.of(a.moved(new Point(dx, dy)), b));
            int shared = Mask.of(a).shared(dx, dy, Mask.of(b), 0, 0);
            if (moved.get(0).shared(b).squareMillimetres() > 0.01) {
                assertThat(shared).isPositive();
            }
            if (distance(moved.get(0), b) > 3 && !moved.get(0).overlaps(b)) {
                assertThat(shared).isZero();
            }
        }
    }

    /** Whatever a piece snaps to is so when it was moved there: measured again on the engineered card. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void snapsAreWhereTheySay(int seed) {
        CardSpec spec = random(new Random(seed), 4);
        Scenery before = of(spec);
        Placed piece = before.pieces().get(2);
        Snaps snaps = Snaps.of(before, piece);
        assertThat(snaps.across()).hasSizeGreaterThan(5);
        for (Snaps.Line line : snaps.across()) {
            Box box = moved(spec, piece, line.by(), 0).bounds();
            assertThat(List.of(box.left(), box.centre().x(), box.right()))
                    .as("%s", line)
                    .anyMatch(x -> Math.abs(x - line.at()) < 0.011);
        }
        for (Snaps.Line line : snaps.up()) {
            Outline then = moved(spec, piece, 0, line.by());
            double foot = then.bounds().bottom() + Mm.of(piece.picture().foot()) * piece.scale();
            assertThat(List.of(
                            then.bounds().bottom(),
                            then.bounds().centre().y(),
                            then.bounds().top(),
                            foot))
                    .as("%s", line)
                    .anyMatch(y -> Math.abs(y - line.at()) < 0.011);
        }
    }

    private static Outline moved(CardSpec spec, Placed piece, double dx, double dy) {
        return of(Fixes.move(piece, dx, dy).edit().apply(spec)).pieces().stream()
                .filter(p -> p.id().equals(piece.id()))
                .findFirst()
                .orElseThrow()
                .outline();
    }

    /** Moved up to the ground by what is said, no foot floats any more. */
    @Test
    void onTheGroundFeetStand() {
        CardSpec spec = with(TestCards.raised().spec(), "near-hill", 52, 18, 1.05);
        spec = with(spec, "tall-tree", 40, 90, 0.8);
        Scenery scenery = of(spec);
        Placed tree = scenery.pieces().get(1);
        Snaps snaps = Snaps.of(scenery, tree);
        int stood = 0;
        for (int i = 0; i < snaps.ground().size(); i += 3) {
            double up = snaps.ground().get(i);
            if (!Double.isNaN(up)) {
                CardSpec then = Fixes.move(tree, snaps.from() + i, up).edit().apply(spec);
                assertThat(Sitting.of(of(then)))
                        .noneMatch(f -> f.kind() == Fact.Kind.GROUND && f.severity() == Severity.WATCH);
                stood++;
            }
        }
        assertThat(stood).isGreaterThan(20);
    }

    /** Three pieces, ten by ten places each: going through all million layouts finds none that is better. */
    @ParameterizedTest
    @EnumSource(Layouts.Wish.class)
    void theSearchFindsWhatGoingThroughAllFinds(Layouts.Wish wish) {
        CardSpec spec = TestCards.raised().spec();
        for (String name : List.of("kestrel", "star", "moon")) {
            spec = with(spec, name, 50, 70, 1);
        }
        Scenery scenery = of(spec);
        LayoutPieces pieces = LayoutPieces.of(scenery);
        List<List<Point>> places = new ArrayList<>();
        for (Placed piece : pieces.moving()) {
            Box box = piece.outline().bounds();
            Box face = pieces.face().grown(-1);
            List<Point> own = new ArrayList<>();
            for (int cell = 0; cell < 100; cell++) {
                double x = face.left() + (face.width() - box.width()) * (cell % 10) / 9;
                double y = face.bottom() + (face.height() - box.height()) * (cell / 10) / 9;
                own.add(new Point(x - box.left(), y - box.bottom()));
            }
            places.add(own);
        }
        LayoutSearch all = new LayoutSearch(pieces, wish, 1);
        double least = Double.MAX_VALUE;
        for (Point a : places.get(0)) {
            for (Point b : places.get(1)) {
                for (Point c : places.get(2)) {
                    least = Math.min(least, all.cost(List.of(a, b, c)));
                }
            }
        }
        double found =
                new LayoutSearch(pieces, wish, 1).run(3_000).orElseThrow().cost();
        assertThat(found).isLessThanOrEqualTo(least + 0.3);
    }

    /** Words find a place that nothing lies in, and no box of the same kind on a grid of 3 mm is larger. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void wordsFindTheMostRoom(int seed) {
        CardSpec spec = random(new Random(seed), 7);
        Scenery before = of(spec);
        Box strip = WordRoom.of(before).orElseThrow();
        double high = strip.height();
        Box clear = new Box(
                strip.left() - 0.45 * high,
                strip.bottom() - 0.45 * high,
                strip.right() + 0.45 * high,
                strip.top() + 0.45 * high);
        Set<Long> taken = new HashSet<>();
        before.pieces().forEach(p -> taken.addAll(raster(p.outline())));
        assertThat(isFree(clear, taken)).isTrue();
        assertThat(before.face().bounds().holds(clear)).isTrue();
        Box face = before.face().bounds().grown(-3);
        double most = 0;
        for (double x = face.left(); x < face.right(); x += 3) {
            for (double y = face.bottom(); y < face.top(); y += 3) {
                for (double h = 5; h <= 14; h += 3) {
                    for (double w = 18; w <= 70 && x + w + 0.9 * h <= face.right(); w += 4) {
                        Box box = new Box(x, y, x + w + 0.9 * h, y + 1.9 * h);
                        if (w * h > most && box.top() <= face.top() && isFree(box, taken)) {
                            most = w * h;
                        }
                    }
                }
            }
        }
        assertThat(strip.width() * strip.height()).isGreaterThan(0.85 * most);
        Scenery after = of(WordRoom.placed(spec, before));
        assertThat(after.words()).hasSize(before.words().size() + 1);
        assertThat(Sitting.of(after)).noneMatch(f -> f.kind() == Fact.Kind.WORDS && f.severity() == Severity.MEND);
        CardSpec placed = WordRoom.placed(spec, before);
        Id words = placed.elements().get(placed.elements().size() - 1).id();
        CardSpec longer = CardEdit.of(placed).set(words, "text", "Thank you for every single day of it");
        double grown = of(longer).words().get(0).outline().bounds().width();
        assertThat(grown).as("it grows with its words").isGreaterThan(strip.width() + 10);
    }

    /** A tag has its base for a face: its words count, nobody writes there, and its trunk is not covered by layouts or words. */
    @Test
    void whatElseLiesOnAFaceIsNotCovered() {
        CardSpec spec = TestCards.whole("luggage-label.json").spec();
        Scenery label = Scenery.of(Engineering.engineer(spec, TestCards.WORKSHOP), TestCards.WORKSHOP, Id.FRONT)
                .orElseThrow();
        assertThat(label.written()).isFalse();
        assertThat(label.words()).isNotEmpty();
        assertThat(label.others()).isNotEmpty();
        assertThat(Sitting.of(label)).extracting(Fact::kind).contains(Fact.Kind.WORDS, Fact.Kind.FREE);
        for (Layouts.Layout layout : Layouts.of(label, 600, 1)) {
            Scenery after = Scenery.of(
                            Engineering.engineer(layout.take(spec), TestCards.WORKSHOP), TestCards.WORKSHOP, Id.FRONT)
                    .orElseThrow();
            for (Placed piece : after.pieces()) {
                assertThat(after.obstacles()).noneMatch(piece.outline()::overlaps);
            }
        }
        Set<Long> trunk = new HashSet<>();
        label.others().forEach(o -> trunk.addAll(raster(o)));
        WordRoom.of(label).ifPresent(strip -> assertThat(isFree(strip, trunk)).isTrue());
    }
}
