package dev.schachtel.core.check;

import java.util.stream.Stream;

import org.junit.jupiter.params.provider.Arguments;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;

import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Cards that make each rule speak: what stands up in a fold, and bases of several sheets. */
final class ProvokingFolds {
    private ProvokingFolds() {}

    /** One card for each rule, on which it must speak. */
    static Stream<Arguments> folds() {
        return Stream.of(
                arguments(
                        RuleId.POP_UP_FOLD,
                        Severity.MEND,
                        TestCards.of("terraces.json").add("pop-up-box")),
                arguments(RuleId.POP_UP_HIDDEN, Severity.MEND, inHouse("high", "90 mm")),
                arguments(
                        RuleId.FOOT_FREE,
                        Severity.MEND,
                        TestCards.whole("platform-sign.json")
                                .add("motif")
                                .set("motif", "on", "sign")
                                .set("motif", "up", "0 in")),
                arguments(RuleId.POP_UP_GROUND, Severity.MEND, inHouse("deep", "150 mm")),
                arguments(RuleId.TAB_ROOM, Severity.MEND, inHouse("tab", "21 mm")),
                arguments(RuleId.POP_UP_ALONG, Severity.MEND, inHouse("off", "80 mm")),
                arguments(
                        RuleId.FLAP_LOW,
                        Severity.MEND,
                        TestCards.of("level-crossing.json").set("base", "rightLower", "8 in")),
                arguments(
                        RuleId.ROWS_ON_WALLS,
                        Severity.MEND,
                        TestCards.empty("{\"kind\": \"box-card\"}").set("base", "rowUp", "40 mm")),
                arguments(
                        RuleId.POP_UP_SHOWS,
                        Severity.MEND,
                        TestCards.whole("winding-house.json").set("goat", "up", "110 mm")),
                arguments(
                        RuleId.OPENS_FREE,
                        Severity.MEND,
                        TestCards.whole("winding-house.json").set("station", "across", "62 mm")),
                arguments(
                        RuleId.STAND_BEHIND,
                        Severity.MEND,
                        TestCards.empty("{\"kind\": \"concertina\", \"width\": \"120 mm\", \"height\": \"160 mm\"}")
                                .set("base", "high", "600 mm")),
                arguments(
                        RuleId.DOOR_STOPS,
                        Severity.WATCH,
                        TestCards.whole("guards-door.json")
                                .set("door", "opens", "175")
                                .set("lamp-1", "fixing", "foam-tape-2")
                                .set("lamp-1", "across", "24 mm")
                                .set("lamp-1", "up", "60 mm")),
                arguments(
                        RuleId.OPENS,
                        Severity.MEND,
                        TestCards.of("winding-house.json").add("v-fold").set("v-fold", "crease", "50")));
    }

    private static TestCards inHouse(String component, String value) {
        return TestCards.of("winding-house.json").set("platform", component, value);
    }
}
