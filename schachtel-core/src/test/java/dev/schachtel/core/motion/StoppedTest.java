package dev.schachtel.core.motion;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Mm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** How far a door opens beside something that stands out. */
class StoppedTest {
    private static final double HINGE = 55;

    /** A door from 55 mm to 85 mm, hinged on the left, and beside that a strip on foam that ends so far from the hinge. */
    private static TestCards card(double beside, String fixing) {
        return TestCards.empty(
                        "{\"kind\": \"flat-fold\", \"width\": \"105 mm\", \"height\": \"148 mm\", \"fold\": \"side\"}")
                .add("door")
                .set("door", "on", "front")
                .set("door", "width", "30 mm")
                .set("door", "height", "45 mm")
                .set("door", "across", HINGE + 15 + " mm")
                .set("door", "up", "74 mm")
                .set("door", "opens", "175")
                .add("motif")
                .set("motif", "on", "front")
                .set("motif", "shape", "rectangle")
                .set("motif", "shape.width", "12 mm")
                .set("motif", "shape.height", "20 mm")
                .set("motif", "across", HINGE - beside - 6 + " mm")
                .set("motif", "up", "74 mm")
                .set("motif", "fixing", fixing);
    }

    /** What stands h high, d beside the hinge, is met at 180 - arctan(h / d); sheets that overlap by a millimetre only still pass. */
    @ParameterizedTest
    @CsvSource({"4, foam-tape-2", "8, foam-tape-2", "12, foam-tape-2", "4, foam-tape-1", "6, foam-tape-1"})
    void meetsWhatStandsBesideItsHinge(double beside, String fixing) {
        Build build = card(beside, fixing).build();
        List<Stopped> stopped = Movements.of(build).stopped();
        assertThat(stopped).hasSize(1);
        assertThat(stopped.get(0).met().level().slab().part().owner().value()).isEqualTo("motif");
        double high = Mm.of(stopped.get(0).met().level().top())
                - Mm.of(stopped.get(0).door().level().bottom());
        double met = 180 - Math.toDegrees(Math.atan2(high, beside + 1));
        assertThat(175 * stopped.get(0).share()).isCloseTo(met, within(3.0));
    }

    /** Flat, it is passed over; so it is far enough away, and by a door that opens less. */
    @Test
    void passesWhatIsLowOrFarAway() {
        assertThat(Movements.of(card(4, "glue").build()).stopped()).isEmpty();
        assertThat(Movements.of(card(36, "foam-tape-2").build()).stopped()).isEmpty();
        assertThat(Movements.of(card(4, "foam-tape-2")
                                .set("door", "opens", "110")
                                .build())
                        .stopped())
                .isEmpty();
    }

    /** By moving it, and by opening the door less; each by itself is enough. */
    @Test
    void remediesFreeTheDoor() {
        TestCards card = card(4, "foam-tape-2").set("door", "opens", "165");
        Plan plan = card.plan();
        List<Finding> found = plan.findings().of(RuleId.DOOR_STOPS).all();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).severity()).isEqualTo(Severity.WATCH);
        assertThat(found.get(0).remedies()).hasSizeGreaterThanOrEqualTo(2);
        found.get(0).remedies().forEach(r -> {
            CardSpec mended = r.taken(card.spec());
            assertThat(Planner.plan(mended, TestCards.WORKSHOP)
                            .findings()
                            .of(RuleId.DOOR_STOPS)
                            .all())
                    .isEmpty();
        });
    }
}
