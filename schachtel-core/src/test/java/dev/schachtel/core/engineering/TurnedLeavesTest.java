package dev.schachtel.core.engineering;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Ring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is cut in a leaf that is folded over lies mirrored on the blank, and where it was asked for on the closed card. */
class TurnedLeavesTest {
    private static final String SIDE = "{'kind': 'flat-fold', 'width': '90 mm', 'height': '200 mm'}";
    private static final String TOP = "{'kind': 'flat-fold', 'width': '90 mm', 'height': '200 mm', 'fold': 'top'}";
    private static final String GUSSET =
            "{'kind': 'flat-fold', 'width': '90 mm', 'height': '200 mm', 'gusset': '4 mm'}";
    private static final String ROOF =
            "{'kind': 'flat-fold', 'width': '90 mm', 'height': '200 mm', 'fold': 'top', 'gusset': '4 mm'}";
    private static final String GATE = "{'kind': 'gate', 'width': '140 mm', 'height': '140 mm', 'gap': '0.8 mm'}";
    private static final String EASEL =
            "{'kind': 'easel', 'width': '108 mm', 'height': '139.7 mm', 'crease': '69.85 mm', 'stand': {'kind': 'lean'}}";

    /** Base, face, what part and slab get the hole, its middle on the face, its middle on the blank. */
    static Stream<Arguments> leaves() {
        return Stream.of(
                Arguments.of(SIDE, "inside", "base/back", 30.0, 70.0, 60.0, 70.0),
                Arguments.of(SIDE, "front", "base/front", 30.0, 70.0, 120.0, 70.0),
                Arguments.of(GUSSET, "inside", "base/back", 30.0, 70.0, 60.0, 70.0),
                Arguments.of(GUSSET, "front", "base/front", 30.0, 70.0, 124.0, 70.0),
                Arguments.of(TOP, "inside", "base/back", 30.0, 70.0, 30.0, 330.0),
                Arguments.of(TOP, "front", "base/front", 30.0, 70.0, 30.0, 70.0),
                Arguments.of(ROOF, "inside", "base/back", 30.0, 70.0, 30.0, 334.0),
                Arguments.of(GATE, "left-flap", "base/left-flap", 20.0, 70.0, 49.6, 70.0),
                Arguments.of(GATE, "right-flap", "base/right-flap", 120.0, 70.0, 229.6, 70.0),
                Arguments.of(GATE, "inside", "base/back", 50.0, 70.0, 119.6, 70.0),
                Arguments.of(EASEL, "inside", "base/back", 30.0, 40.0, 30.0, 239.4));
    }

    @ParameterizedTest(name = "{1} of {0}")
    @MethodSource("leaves")
    void aWindowLiesMirroredOnTheBlank(
            String base, String face, String slab, double x, double y, double blankX, double blankY) {
        Build build = card(base, "window", face)
                .set("window", "shape.diameter", "20 mm")
                .set("window", "across", x + " mm")
                .set("window", "up", y + " mm")
                .build();
        Part blank = build.part(new PartId(Id.BASE, "")).orElseThrow();
        assertThat(blank.outline().holes()).hasSize(1);
        isAround(blank.outline().holes().get(0), blankX, blankY);
        List<Ring> seen = build.level(new SlabId(slab)).orElseThrow().slab().footprints().stream()
                .flatMap(f -> f.holes().stream())
                .toList();
        assertThat(seen).hasSize(1);
        isAround(seen.get(0), x, y);
    }

    @ParameterizedTest(name = "{1} of {0}")
    @MethodSource("leaves")
    void aDoorIsSlitWhereItOpens(
            String base, String face, String slab, double x, double y, double blankX, double blankY) {
        Build build = card(base, "door", face)
                .set("door", "width", "20 mm")
                .set("door", "height", "20 mm")
                .set("door", "across", x + " mm")
                .set("door", "up", y + " mm")
                .build();
        Part blank = build.part(new PartId(Id.BASE, "")).orElseThrow();
        var slit = blank.slits().get(blank.slits().size() - 1);
        assertThat(box(slit.points()).centre().x()).isCloseTo(blankX, within(0.001));
        assertThat(box(slit.points()).centre().y()).isCloseTo(blankY, within(0.001));
        assertThat(box(slit.onFace()).centre().x()).isCloseTo(x, within(0.001));
        assertThat(build.folds().stream().filter(slit::hingedAt)).hasSize(1);
    }

    @Test
    void nothingLiesBehindTheLastLeafForAShakerToHang() {
        TestCards card = card(SIDE, "window", "inside").add("shaker").set("shaker", "window", "window");
        assertThat(card.findings().of(RuleId.GROUND_MISSING).count(Severity.MEND))
                .isEqualTo(1);
        assertThat(card.build().chambers()).isEmpty();
    }

    private static TestCards card(String base, String kind, String face) {
        return TestCards.empty(base.replace('\'', '"')).add(kind).set(kind, "on", face);
    }

    private static Box box(List<Point> points) {
        return points.stream()
                .map(p -> new Box(p.x(), p.y(), p.x(), p.y()))
                .reduce(Box::union)
                .orElseThrow();
    }

    private static void isAround(Ring ring, double x, double y) {
        Box box = box(ring.flattened());
        assertThat(box.centre().x()).isCloseTo(x, within(0.001));
        assertThat(box.centre().y()).isCloseTo(y, within(0.001));
        assertThat(box.width()).isCloseTo(20, within(0.05));
    }
}
