package dev.schachtel.core.check;

import java.util.stream.Stream;

import org.junit.jupiter.params.provider.Arguments;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;

import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Cards that provoke what is found of pictures, surface work and small finish. */
final class ProvokingSurfaces {
    private ProvokingSurfaces() {}

    static Stream<Arguments> surfaces() {
        return Stream.of(
                arguments(
                        RuleId.PICTURES_NOWHERE,
                        Severity.MEND,
                        TestCards.of("luggage-label.json")
                                .add("door")
                                .set("door", "on", "front")
                                .set("door", "shows", "one")),
                arguments(
                        RuleId.PICTURES_TIGHT,
                        Severity.MEND,
                        TestCards.raised()
                                .add("door")
                                .set("door", "width", "6 mm")
                                .set("door", "shows", "words")),
                arguments(
                        RuleId.MEDIUM_PAPER,
                        Severity.MEND,
                        TestCards.raised()
                                .set("panel", "card", "damson-300")
                                .add("treatment")
                                .set("treatment", "on", "panel")),
                arguments(
                        RuleId.MEDIUM_OVER,
                        Severity.WATCH,
                        TestCards.inked()
                                .add("treatment")
                                .set("treatment-2", "on", "panel")
                                .set("treatment-2", "way", "gloss")),
                arguments(
                        RuleId.WRITING_SLICK,
                        Severity.MEND,
                        TestCards.raised()
                                .add("treatment")
                                .set("treatment", "on", "inside")
                                .set("treatment", "way", "gloss")),
                arguments(
                        RuleId.NOTHING_LEFT_OVER,
                        Severity.MEND,
                        TestCards.inked().set("treatment", "leftFrom", "treatment")),
                arguments(
                        RuleId.EMBELLISHMENTS_SHORT,
                        Severity.WATCH,
                        TestCards.raised()
                                .add("gems")
                                .set("gems", "on", "panel")
                                .set("gems", "apart", "5 mm")
                                .set("brief", "cards", "17")),
                arguments(
                        RuleId.GEMS_ON_WORDS,
                        Severity.MEND,
                        TestCards.raised()
                                .add("sentiment")
                                .add("gems")
                                .set("gems", "on", "panel")
                                .set("gems", "up", "18 mm")),
                arguments(
                        RuleId.SEAM_SEEN,
                        Severity.WATCH,
                        TestCards.inked().set("treatment", "where", "stepped").set("treatment", "where.tool", "60 mm")),
                arguments(
                        RuleId.COLOURED_TWICE,
                        Severity.MEND,
                        TestCards.raised().add("colouring").add("colouring")));
    }
}
