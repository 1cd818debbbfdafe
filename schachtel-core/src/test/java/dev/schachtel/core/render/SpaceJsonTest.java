package dev.schachtel.core.render;

import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Track;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The card in space read back by a small reader of its own, as a page does it. */
class SpaceJsonTest {
    static Stream<String> files() {
        return TestCards.files().stream();
    }

    @ParameterizedTest
    @MethodSource("files")
    void aReaderPutsEachSheetWhereTheCardHasIt(String file) {
        Build build = TestCards.whole(file).build();
        JsonNode read = new ObjectMapper().readTree(SpaceJson.write(build));
        SpaceView view = SpaceView.of(build);
        assertThat(read.get("sheets").size()).isEqualTo(view.sheets().size());
        for (double share : new double[] {0, 0.31, 0.77, 1}) {
            List<Rigid> panels = new Space(build).at(share).panels();
            for (int i = 0; i < view.sheets().size(); i++) {
                SpaceView.Sheet sheet = view.sheets().get(i);
                JsonNode node = read.get("sheets").get(i);
                double[] place = place(read.get("panels").get(node.get("panel").asInt()), share);
                JsonNode ring = node.get("rings").get(0);
                double top = node.get("top").asDouble();
                Point first = new Point(ring.get(0).asDouble(), ring.get(1).asDouble());
                Vec truly = panels.get(sheet.panel()).at(new Vec(first.x(), first.y(), sheet.top()));
                assertThat(distance(at(place, first, top), truly)).isLessThan(Track.EXACT + 0.01);
            }
        }
    }

    /** A finding's pin is on the part that it names, on its upper side, and moves with the panel of that. */
    @Test
    void pinsAreOnTheirPart() {
        TestCards card = TestCards.whole("winding-house.json").set("station", "across", "62 mm");
        Build build = card.build();
        Finding through = card.findings().of(RuleId.OPENS_FREE).all().get(0);
        Point at = through.place().orElseThrow().at();
        SpaceJson.Found found = new SpaceJson.Found(through.owner(), through.severity(), at, through.parts());
        SpaceJson.Found beside = new SpaceJson.Found(through.owner(), Severity.WATCH, new Point(-500, 0), List.of());
        JsonNode pins = new ObjectMapper().readTree(SpaceJson.pins(new Space(build), List.of(found, beside)));
        assertThat(pins.size()).isEqualTo(1);
        JsonNode pin = pins.get(0);
        Space.Body body = new Space(build)
                .bodies().stream()
                        .filter(b -> through.parts().contains(b.level().slab().part()))
                        .filter(b -> b.outline().holds(at))
                        .filter(b -> Math.abs(Mm.of(b.level().top())
                                        - pin.get("at").get(2).asDouble())
                                < 0.001)
                        .findFirst()
                        .orElseThrow();
        assertThat(pin.get("panel").asInt()).isEqualTo(body.panel());
        assertThat(pin.get("of").asString()).isEqualTo("station");
        assertThat(pin.get("severity").asString()).isEqualTo("mend");
    }

    @ParameterizedTest
    @MethodSource("files")
    void outlinesKeepTheirAreasAndEdges(String file) {
        Build build = TestCards.whole(file).build();
        JsonNode read = new ObjectMapper().readTree(SpaceJson.write(build));
        SpaceView view = SpaceView.of(build);
        for (int i = 0; i < view.sheets().size(); i++) {
            JsonNode rings = read.get("sheets").get(i).get("rings");
            SpaceView.Sheet sheet = view.sheets().get(i);
            double area = area(rings.get(0));
            for (int r = 1; r < rings.size(); r++) {
                area -= area(rings.get(r));
            }
            double round = sheet.outline().outer().flattened().size() < 2
                    ? 0
                    : 2
                            * (Mm.of(sheet.outline().bounds().wide())
                                    + Mm.of(sheet.outline().bounds().high()));
            assertThat(area)
                    .as(sheet.owner().value())
                    .isCloseTo(sheet.outline().area().squareMillimetres(), within(0.05 * round * 3 + 0.01));
            for (JsonNode ring : rings) {
                for (int p = 0; p < ring.size(); p += 2) {
                    Point corner =
                            new Point(ring.get(p).asDouble(), ring.get(p + 1).asDouble());
                    assertThat(nearest(corner, sheet)).isLessThan(0.05);
                }
            }
        }
    }

    private static double nearest(Point corner, SpaceView.Sheet sheet) {
        return Stream.concat(Stream.of(sheet.outline().outer()), sheet.outline().holes().stream())
                .flatMap(r -> r.flattened().stream())
                .mapToDouble(corner::distanceTo)
                .min()
                .orElse(99);
    }

    /** Twice the sum of trapezia, halved. */
    private static double area(JsonNode ring) {
        double twice = 0;
        int n = ring.size();
        for (int i = 0; i < n; i += 2) {
            int j = (i + 2) % n;
            twice += ring.get(i).asDouble() * ring.get(j + 1).asDouble()
                    - ring.get(j).asDouble() * ring.get(i + 1).asDouble();
        }
        return Math.abs(twice) / 2;
    }

    private static double[] place(JsonNode way, double share) {
        double all = share * (way.size() - 1);
        int low = (int) Math.floor(all);
        int high = Math.min(way.size() - 1, low + 1);
        double[] place = new double[12];
        for (int i = 0; i < 12; i++) {
            double from = way.get(low).get(i).asDouble();
            place[i] = from + (way.get(high).get(i).asDouble() - from) * (all - low);
        }
        return place;
    }

    private static double[] at(double[] m, Point p, double z) {
        double[] at = new double[3];
        for (int i = 0; i < 3; i++) {
            at[i] = m[i] * p.x() + m[3 + i] * p.y() + m[6 + i] * z + m[9 + i];
        }
        return at;
    }

    private static double distance(double[] at, Vec truly) {
        return new Vec(at[0], at[1], at[2]).minus(truly).length();
    }
}
