package dev.schachtel.core.scene;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import static dev.schachtel.core.scene.TestScenes.CELL;
import static dev.schachtel.core.scene.TestScenes.distance;
import static dev.schachtel.core.scene.TestScenes.of;
import static dev.schachtel.core.scene.TestScenes.picture;
import static dev.schachtel.core.scene.TestScenes.random;
import static dev.schachtel.core.scene.TestScenes.raster;
import static dev.schachtel.core.scene.TestScenes.with;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** How scenes sit, judged by a second, plain implementation: rasters and distances from point to point. */
class SceneTest {
    @Test
    void factsAreWhatARasterSays() {
        Random random = new Random(12);
        Set<Fact.Kind> met = new HashSet<>();
        for (int i = 0; i < 9; i++) {
            Scenery scenery = of(random(random, 7));
            List<Fact> facts = Sitting.of(scenery);
            facts.forEach(f -> met.add(f.kind()));
            free(scenery, facts);
            seen(scenery, facts);
            kissing(scenery, facts);
            ground(scenery, facts);
            overhang(scenery, facts);
        }
        assertThat(met)
                .contains(Fact.Kind.FREE, Fact.Kind.KISSING, Fact.Kind.GROUND, Fact.Kind.BALANCE, Fact.Kind.LOOKS_OUT);
    }

    private static void free(Scenery scenery, List<Fact> facts) {
        Set<Long> face = raster(scenery.face());
        double all = face.size();
        scenery.pieces().forEach(p -> face.removeAll(raster(p.outline())));
        assertThat(facts)
                .filteredOn(f -> f.kind() == Fact.Kind.FREE)
                .singleElement()
                .satisfies(f -> assertThat(f.figure()).isEqualTo(100 * face.size() / all, within(0.7)));
    }

    private static void seen(Scenery scenery, List<Fact> facts) {
        for (int i = 0; i < scenery.pieces().size(); i++) {
            Placed p = scenery.pieces().get(i);
            Set<Long> own = raster(p.outline());
            double all = own.size();
            scenery.pieces().subList(i + 1, scenery.pieces().size()).forEach(o -> own.removeAll(raster(o.outline())));
            double share = 100 * own.size() / all;
            boolean told = facts.stream()
                    .anyMatch(f -> f.kind() == Fact.Kind.SEEN && f.pieces().contains(p.id()));
            if (Math.abs(share - 30) > 2 && !p.isGround()) {
                assertThat(told).as(p.picture().name() + " " + share).isEqualTo(share < 30);
            }
        }
    }

    private static void kissing(Scenery scenery, List<Fact> facts) {
        List<Placed> all = scenery.pieces().stream().filter(p -> !p.isGround()).toList();
        for (int i = 0; i < all.size(); i++) {
            for (int k = i + 1; k < all.size(); k++) {
                Placed a = all.get(i);
                Placed b = all.get(k);
                Set<Long> shared = raster(a.outline());
                shared.retainAll(raster(b.outline()));
                double apart = distance(a.outline(), b.outline());
                boolean told = facts.stream()
                        .anyMatch(f -> f.kind() == Fact.Kind.KISSING
                                && f.pieces().contains(a.id())
                                && f.pieces().contains(b.id())
                                && f.figure() >= 0);
                if (shared.isEmpty() && apart > 0.1 && Math.abs(apart - 2) > 0.05) {
                    assertThat(told).as(a.picture().name() + " " + apart).isEqualTo(apart < 2);
                }
            }
        }
    }

    private static void ground(Scenery scenery, List<Fact> facts) {
        Set<Long> hill = new HashSet<>();
        scenery.pieces().stream().filter(Placed::isGround).forEach(p -> hill.addAll(raster(p.outline())));
        for (Placed p : scenery.pieces()) {
            Point foot = p.foot();
            long x = (long) Math.floor(foot.x() / CELL);
            long y = (long) Math.floor(foot.y() / CELL);
            double over = 0;
            while (over < 150 && !hill.contains(x << 20 | y & 0xfffff)) {
                over += CELL;
                y--;
            }
            boolean told = facts.stream()
                    .anyMatch(f -> f.kind() == Fact.Kind.GROUND && f.pieces().contains(p.id()));
            if (p.stands() && over < 150 && Math.abs(over - 0.5) > 1.1) {
                assertThat(told).as(p.picture().name() + " " + over).isEqualTo(over > 0.5);
            }
        }
    }

    private static void overhang(Scenery scenery, List<Fact> facts) {
        Set<Long> face = raster(scenery.face());
        for (Placed p : scenery.pieces()) {
            Set<Long> out = raster(p.outline());
            out.removeAll(face);
            boolean told = facts.stream()
                    .anyMatch(f -> f.kind() == Fact.Kind.OVERHANG && f.pieces().contains(p.id()));
            if (!p.isGround() && out.size() > 8) {
                assertThat(told).as(p.picture().name()).isTrue();
            }
        }
    }

    /** Five hundred pictures in a heap: all are laid, looked at and drawn; nothing gives up. */
    @Test
    void fiveHundredPiecesAreLaid() {
        CardSpec spec = random(new Random(11), 499);
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        Scenery scenery =
                Scenery.of(build, TestCards.WORKSHOP, TestScenes.PANEL).orElseThrow();
        assertThat(scenery.pieces()).hasSize(500);
        assertThat(scenery.pieces().stream().mapToDouble(Placed::above).max().orElse(0))
                .isGreaterThan(5);
        List<Fact> facts = Sitting.of(scenery);
        assertThat(facts.stream().filter(f -> f.kind() == Fact.Kind.SEEN).count())
                .isGreaterThan(100);
        assertThat(Layouts.of(scenery, 50, 1)).as("no room for all").isEmpty();
        assertThat(Views.face(build, TestScenes.PANEL).marks()).hasSizeGreaterThan(500);
    }

    /** Whatever is offered helps: that fact is gone, and nothing worse came. */
    @Test
    void everyRemedyHelps() {
        Random random = new Random(5);
        int taken = 0;
        for (int i = 0; i < 7; i++) {
            CardSpec spec = random(random, 5);
            for (Fact fact : Sitting.of(of(spec))) {
                for (Fact.Fix fix : fact.fixes()) {
                    List<Fact> then = Sitting.of(of(fix.edit().apply(spec)));
                    assertThat(then)
                            .as(fact.key() + " " + fix.kind())
                            .noneMatch(f -> f.key().equals(fact.key())
                                    && f.severity() != Severity.WORKS
                                    && f.severity() == fact.severity());
                    taken++;
                }
            }
        }
        assertThat(taken).isGreaterThan(10);
    }

    /** Worked by hand: two equal stars, one raised by foam of 2 mm, on a white card 100 wide. */
    @Test
    void balanceIsWeightTimesArm() {
        CardSpec spec = with(TestCards.raised().spec(), "star", 20, 70, 1);
        spec = with(spec, "star", 60, 70, 1);
        Scenery flat = of(spec);
        double left = flat.pieces().get(0).outline().centroid().x();
        double right = flat.pieces().get(1).outline().centroid().x();
        double middle = flat.face().bounds().centre().x();
        assertThat(balance(flat)).isEqualTo((left + right) / 2 - middle, within(0.01));
        Id second = flat.pieces().get(1).id();
        Scenery raised = of(CardEdit.of(spec).set(second, "fixing", "foam-tape-2"));
        double low = 1 + raised.pieces().get(0).above() / 4;
        double high = 1 + raised.pieces().get(1).above() / 4;
        assertThat(raised.pieces().get(1).above()).isGreaterThan(2.2);
        assertThat(balance(raised)).isEqualTo((left * low + right * high) / (low + high) - middle, within(0.01));
    }

    private static double balance(Scenery scenery) {
        return Sitting.of(scenery).stream()
                .filter(f -> f.kind() == Fact.Kind.BALANCE)
                .findFirst()
                .orElseThrow()
                .figure();
    }

    private static Fact fact(CardSpec spec, Fact.Kind kind) {
        return Sitting.of(of(spec)).stream()
                .filter(f -> f.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    /** What stands out further than the words and comes near hides them; what is as flat only crowds them; far off, neither. */
    @Test
    void wordsAreNotHidden() {
        CardSpec spec = CardEdit.of(TestCards.raised().spec()).add("sentiment");
        Id strip = spec.elements().get(0).id();
        spec = CardEdit.of(CardEdit.of(spec).set(strip, "shadows", "0")).set(strip, "up", "70 mm");
        spec = CardEdit.of(spec).set(strip, "height", "6 mm");
        Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
        Lettering words = build.letterings().get(0);
        double top = words.extent().orElseThrow().top();
        assertThat(words.xHeight()).isBetween(2.6, 4.0);
        double half = Mm.of(picture("star").height()) / 2;
        CardSpec near = with(spec, "star", 52.5, top + half + 2.5, 1);
        Id star = near.elements().get(1).id();
        Fact crowds = fact(near, Fact.Kind.WORDS);
        assertThat(crowds.severity()).isEqualTo(Severity.WATCH);
        assertThat(crowds.figure()).isEqualTo(2.5, within(0.2));
        CardSpec raised = CardEdit.of(near).set(star, "fixing", "foam-tape-2");
        Fact hides = fact(raised, Fact.Kind.WORDS);
        assertThat(hides.severity()).isEqualTo(Severity.MEND);
        assertThat(hides.pieces()).containsExactly(star);
        CardSpec mended = hides.fix(0).orElseThrow().edit().apply(raised);
        assertThat(fact(mended, Fact.Kind.WORDS).severity()).isEqualTo(Severity.WORKS);
        CardSpec far = with(spec, "star", 52.5, top + half + 30, 1);
        assertThat(fact(far, Fact.Kind.WORDS).severity()).isEqualTo(Severity.WORKS);
    }

    /** A window must stay free: the piece in it is moved to where there is room. */
    @Test
    void whatLiesInAWindowIsMovedOut() {
        CardSpec spec = CardEdit.of(TestCards.raised().spec()).add("window");
        CardSpec in = with(spec, "goat", 52.5, 74, 0.6);
        Fact inside = fact(in, Fact.Kind.KEEP_CLEAR);
        assertThat(inside.severity()).isEqualTo(Severity.MEND);
        assertThat(inside.figure()).isGreaterThan(20);
        CardSpec out = inside.fix(0).orElseThrow().edit().apply(in);
        assertThat(Sitting.of(of(out))).noneMatch(f -> f.kind() == Fact.Kind.KEEP_CLEAR);
    }

    /** Nearer and smaller: made larger, its foot stays on the ground. */
    @Test
    void whatIsNearerIsMadeLargerOnItsFeet() {
        CardSpec spec = with(TestCards.raised().spec(), "tall-tree", 30, 60, 1);
        spec = with(spec, "tall-tree", 70, 30, 0.6);
        Fact depth = fact(spec, Fact.Kind.DEPTH);
        assertThat(depth.figure()).isEqualTo(1 / 0.6, within(0.02));
        Placed before = of(spec).pieces().get(1);
        CardSpec larger = depth.fix(0).orElseThrow().edit().apply(spec);
        Placed after = of(larger).pieces().get(1);
        assertThat(after.scale()).isEqualTo(1.05, within(0.01));
        assertThat(after.foot().y()).isEqualTo(before.foot().y(), within(0.05));
    }

    /** What a remedy shows of the scene is what the card is after it. */
    @Test
    void aRemedyShowsWhatItDoes() {
        Random random = new Random(31);
        int looked = 0;
        for (int i = 0; i < 8; i++) {
            CardSpec spec = random(random, 6);
            Scenery scenery = of(spec);
            for (Fact fact : Sitting.of(scenery)) {
                for (Fact.Fix fix : fact.fixes()) {
                    List<String> shown = boxes(fix.scene().apply(scenery));
                    assertThat(boxes(of(fix.edit().apply(spec))))
                            .as(fact.key() + " " + fix.kind())
                            .containsExactlyInAnyOrderElementsOf(shown);
                    looked++;
                }
            }
        }
        assertThat(looked).isGreaterThan(10);
    }

    /** To the next half millimetre. */
    private static List<String> boxes(Scenery scenery) {
        return scenery.pieces().stream()
                .map(p -> p.picture().name() + " "
                        + half(p.outline().bounds().centre().x()) + " "
                        + half(p.outline().bounds().centre().y()) + " "
                        + half(p.outline().bounds().height()) + " " + p.looks())
                .toList();
    }

    private static long half(double mm) {
        return Math.round(mm * 2 + 0.13);
    }

    /** Advice is silent once it is meant so, and can be heard again; what must be mended can't be silenced. */
    @Test
    void adviceCanBeMeantSo() {
        CardSpec spec = with(with(TestCards.raised().spec(), "star", 30, 70, 1), "star", 60, 70, 1);
        Fact two = Sitting.of(of(spec)).stream()
                .filter(f -> f.kind() == Fact.Kind.REPEATS)
                .findFirst()
                .orElseThrow();
        assertThat(two.canBeMeant()).isTrue();
        CardSpec meant = CardEdit.of(spec).meantSo(two.key());
        Fact silent = Sitting.of(of(meant)).stream()
                .filter(f -> f.kind() == Fact.Kind.REPEATS)
                .findFirst()
                .orElseThrow();
        assertThat(silent.severity()).isEqualTo(Severity.WORKS);
        CardSpec again = silent.fix(0).orElseThrow().edit().apply(meant);
        assertThat(again).isEqualTo(spec);
        assertThat(CardFile.read(CardFile.write(meant), TestCards.WORKSHOP)).isEqualTo(meant);
        CardSpec out = CardEdit.of(spec).set(two.pieces().get(0), "up", "2 mm");
        Fact over = Sitting.of(of(out)).stream()
                .filter(f -> f.severity() == Severity.MEND)
                .findFirst()
                .orElseThrow();
        assertThat(over.canBeMeant()).isFalse();
        assertThat(Sitting.of(of(CardEdit.of(out).meantSo(over.key())))).anyMatch(f -> f.severity() == Severity.MEND);
    }

    @Test
    void aPictureKeepsItsProportion() {
        CardSpec spec = with(TestCards.raised().spec(), "tall-tree", 50, 70, 1);
        Id id = spec.elements().get(0).id();
        spec = CardEdit.of(spec).set(id, "shape.height", "18 mm");
        Placed half = of(spec).pieces().get(0);
        assertThat(half.scale()).isEqualTo(0.5, within(0.01));
        assertThat(half.outline().bounds().width())
                .isEqualTo(Mm.of(picture("tall-tree").width()) / 2, within(0.05));
        spec = CardEdit.of(spec).set(id, "shape.picture", "cloud");
        Box cloud = of(spec).pieces().get(0).outline().bounds();
        assertThat(cloud.width() / cloud.height())
                .isEqualTo(
                        Mm.of(picture("cloud").width()) / Mm.of(picture("cloud").height()), within(0.02));
    }

    /** Inside one writes: half of the sheet stays free, by the raster too, and the front's words are in nobody's way there. */
    @Test
    void insideThereIsRoomToWrite() {
        CardSpec spec = TestCards.whole("upper-station.json").spec();
        Id liner = new Id("liner");
        Scenery inside = Scenery.of(Engineering.engineer(spec, TestCards.WORKSHOP), TestCards.WORKSHOP, liner)
                .orElseThrow();
        assertThat(inside.pieces()).hasSize(5);
        assertThat(inside.words()).isEmpty();
        double free = toWrite(inside, Severity.WORKS);
        Set<Long> left = raster(inside.face());
        int all = left.size();
        inside.pieces().forEach(p -> left.removeAll(raster(p.outline())));
        assertThat(free).isCloseTo(100.0 * left.size() / all, within(0.5));
        CardSpec full = spec;
        for (int y = 30; y < 210; y += 14) {
            Picture hill = picture("near-hill");
            Room.Put put = new Room.Put(new Point(44, y), 80 / Mm.of(hill.width()), Room.card(TestCards.WORKSHOP));
            full = Room.placed(full, liner, hill, put);
        }
        Scenery crowded = Scenery.of(Engineering.engineer(full, TestCards.WORKSHOP), TestCards.WORKSHOP, liner)
                .orElseThrow();
        assertThat(toWrite(crowded, Severity.MEND)).isLessThan(50);
    }

    private static double toWrite(Scenery scenery, Severity severity) {
        Fact fact = Sitting.of(scenery).stream()
                .filter(f -> f.kind() == Fact.Kind.TO_WRITE)
                .findFirst()
                .orElseThrow();
        assertThat(fact.severity()).isEqualTo(severity);
        return fact.figure();
    }

    /** Worked by hand on 99 x 142.5: four stars 40 apart and one in their middle are 28.28 from the next, 26.56 at random: 1.06. */
    @Test
    void howEvenlySmallThingsAreScattered() {
        double[][] even = {{30, 50}, {70, 50}, {30, 90}, {70, 90}, {50, 70}};
        assertThat(evenness(even)).isCloseTo(40 / Math.sqrt(2) / (0.5 * Math.sqrt(99 * 142.5 / 5)), within(0.01));
        double[][] clumped = {{20, 50}, {29, 50}, {38, 50}, {20, 60}, {29, 60}};
        assertThat(evenness(clumped)).isLessThan(0.7);
    }

    private static double evenness(double[][] places) {
        CardSpec spec = TestCards.raised().spec();
        for (double[] place : places) {
            spec = with(spec, "star", place[0], place[1], 0.5);
        }
        Fact fact = Sitting.of(of(spec)).stream()
                .filter(f -> f.kind() == Fact.Kind.EVENNESS)
                .findFirst()
                .orElseThrow();
        assertThat(fact.severity()).isEqualTo(fact.figure() < 0.7 ? Severity.WATCH : Severity.WORKS);
        return fact.figure();
    }
}
