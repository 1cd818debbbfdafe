package dev.schachtel.core.check;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Amount;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.measure.Length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

class ChecksTest {
    private static TestCards card() {
        return TestCards.upperStation();
    }

    private static TestCards leaking() {
        return card().set("shaker", "filling", "sand");
    }

    /** One card for each rule, on which it must speak. */
    static Stream<Arguments> provoked() {
        return Stream.of(
                arguments(RuleId.NOTHING_LEFT, Severity.MEND, card().set("panel", "reveal", "2 in")),
                arguments(RuleId.GROUND_MISSING, Severity.MEND, card().remove("window")),
                arguments(
                        RuleId.GROUND_CIRCLE,
                        Severity.MEND,
                        card().add("mat").set("panel", "on", "mat").set("mat", "on", "panel")),
                arguments(RuleId.MATERIAL_MISSING, Severity.MEND, card().set("panel", "card", "parchment")),
                arguments(RuleId.GLUED_SHUT, Severity.MEND, card().set("window", "on", "front")),
                arguments(RuleId.DAM_CLOSED, Severity.MEND, leaking()),
                arguments(RuleId.DAM_FITS, Severity.MEND, card().set("window", "shape.diameter", "3 in")),
                arguments(RuleId.STRIPS_FOLLOW, Severity.WATCH, card().set("window", "shape", "oval")),
                arguments(RuleId.BEND_WIDTH, Severity.WATCH, card().set("shaker", "make", "bent-strip")),
                arguments(RuleId.FOAM_FORM, Severity.MEND, card().set("shaker", "make", "one-piece")),
                arguments(
                        RuleId.DEPTH,
                        Severity.MEND,
                        card().set("shaker", "foam", "foam-tape-1").set("shaker", "filling", "beads-15")),
                arguments(RuleId.TUMBLE, Severity.WATCH, card().set("shaker", "filling", "beads-15")),
                arguments(RuleId.MARGIN_EDGE, Severity.MEND, card().set("window", "up", "7 1/4 in")),
                arguments(RuleId.MARGIN_WEB, Severity.MEND, card().add("window").set("window-2", "up", "4 1/2 in")),
                arguments(RuleId.FILM_OVERLAP, Severity.MEND, card().set("shaker", "overlap", "1/16 in")),
                arguments(RuleId.FILM_HIDDEN, Severity.MEND, card().set("shaker", "overlap", "1/2 in")),
                arguments(
                        RuleId.FOAM_HIDDEN, Severity.MEND, card().add("window").set("window-2", "up", "5 1/4 in")),
                arguments(RuleId.DAM_RIDGE, Severity.WATCH, card().set("shaker", "overlap", "1/4 in")),
                arguments(RuleId.LEVEL, Severity.MEND, card().set("panel", "fixing", "glue")),
                arguments(RuleId.OVERHANG, Severity.MEND, card().set("sentiment", "across", "3 1/4 in")),
                arguments(RuleId.COVERS_WINDOW, Severity.WATCH, card().set("sentiment", "up", "6 in")),
                arguments(RuleId.WRITING, Severity.MEND, card().remove("liner").set("base", "card", "damson-300")),
                arguments(RuleId.ENVELOPE_SIZE, Severity.MEND, card().set("brief", "envelope", "quarter")),
                arguments(
                        RuleId.ENVELOPE_THICKNESS,
                        Severity.WATCH,
                        card().set("shaker", "layers", "2").set("panel", "fixing", "foam-tape-3")),
                arguments(RuleId.SHEET_SIZE, Severity.MEND, card().set("base", "width", "7 in")),
                arguments(
                        RuleId.SHEET_STOCK,
                        Severity.WATCH,
                        card().set("sentiment", "card", "white-120").set("sentiment", "card", "parchment")),
                arguments(
                        RuleId.GRAIN,
                        Severity.WATCH,
                        card().set("base", "card", "moss-270")
                                .set("base", "fold", "top")
                                .set("base", "width", "200 mm")
                                .set("base", "height", "140 mm")),
                arguments(RuleId.SMALL_PARTS, Severity.MEND, card().set("brief", "smallChild", "true")));
    }

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource
    void provoked(RuleId rule, Severity severity, TestCards card) {
        assertThat(card.findings().of(rule).all())
                .as("all findings: %s", card.findings().all())
                .anyMatch(f -> f.severity() == severity);
    }

    @Test
    void everyRuleIsProvoked() {
        Set<RuleId> met = provoked().map(a -> (RuleId) a.get()[0]).collect(Collectors.toSet());
        assertThat(EnumSet.allOf(RuleId.class)).isSubsetOf(met);
    }

    @Test
    void theDemoCardHasNothingToMend() {
        assertThat(card().findings().of(Severity.MEND).all()).isEmpty();
        assertThat(card().findings().of(Severity.WORKS).all())
                .extracting(Finding::rule)
                .contains(
                        RuleId.DAM_CLOSED,
                        RuleId.TUMBLE,
                        RuleId.MARGIN_EDGE,
                        RuleId.FILM_OVERLAP,
                        RuleId.WRITING,
                        RuleId.ENVELOPE_SIZE);
    }

    @Test
    void theBadExampleShowsItsFault() {
        TestCards bad = new TestCards(
                dev.schachtel.core.exchange.CardFile.read(TestCards.demo("bad/leaking-dam.json"), TestCards.WORKSHOP));
        assertThat(bad.findings().of(Severity.MEND).all())
                .extracting(Finding::rule)
                .containsExactly(RuleId.DAM_CLOSED);
    }

    /** Each remedy does away with the finding that offers it. */
    @Test
    void remediesMend() {
        Map<RuleId, Supplier<TestCards>> cards = Map.of(
                RuleId.DAM_CLOSED, ChecksTest::leaking,
                RuleId.FOAM_FORM, () -> card().set("shaker", "make", "one-piece"),
                RuleId.STRIPS_FOLLOW, () -> card().set("window", "shape", "oval"),
                RuleId.BEND_WIDTH, () -> card().set("shaker", "make", "bent-strip"),
                RuleId.FILM_OVERLAP, () -> card().set("shaker", "overlap", "1/16 in"),
                RuleId.DAM_RIDGE, () -> card().set("shaker", "overlap", "1/4 in"),
                RuleId.TUMBLE, () -> card().set("shaker", "filling", "beads-15"),
                RuleId.MARGIN_EDGE, () -> card().set("window", "up", "7 1/4 in"),
                RuleId.LEVEL, () -> card().set("panel", "fixing", "glue"),
                RuleId.WRITING, () -> card().remove("liner").set("base", "card", "damson-300"));
        cards.forEach((rule, make) -> {
            TestCards card = make.get();
            Finding finding = card.findings().of(rule).all().get(0);
            assertThat(finding.remedies()).as("remedy for %s", rule).isNotEmpty();
            TestCards mended = card;
            for (Change c : finding.remedies().get(0).changes()) {
                mended = c.component().isEmpty()
                        ? new TestCards(CardEdit.of(mended.spec()).add(c.value()))
                        : mended.set(c.piece().value(), c.component(), c.value());
            }
            assertThat(mended.findings().of(rule).of(finding.severity()).all())
                    .as("%s after %s", rule, finding.remedies().get(0))
                    .isEmpty();
        });
    }

    @Test
    void threeFaultsGiveThreeFindings() {
        Findings findings = leaking()
                .set("shaker", "overlap", "1/16 in")
                .set("window", "up", "7 1/4 in")
                .findings();
        assertThat(findings.of(Severity.MEND).all())
                .extracting(Finding::rule)
                .contains(RuleId.DAM_CLOSED, RuleId.FILM_OVERLAP, RuleId.MARGIN_EDGE);
        assertThat(findings.all()).isSortedAccordingTo(Finding.ORDER);
    }

    @Test
    void measuresWhatItSays() {
        Finding margin = card().findings().of(RuleId.MARGIN_EDGE).all().get(0);
        Length half = Length.ofMicrometres(11_112);
        assertThat(((Amount.One) margin.measured()).length().minus(half).abs()).isLessThan(Length.ofMicrometres(20));
        assertThat(margin.limit()).isEqualTo(Amount.of(Length.ofMillimetres(10)));
        Finding seal = leaking().findings().of(RuleId.DAM_CLOSED).all().get(0);
        assertThat(seal.measured()).isEqualTo(new Amount.Thick(Length.ofMillimetres(1)));
        assertThat(seal.limit()).isEqualTo(new Amount.Thick(Length.ofMicrometres(300)));
        assertThat(seal.place()).isPresent();
        assertThat(List.of(seal.parts().toString())).containsExactly("[shaker/dam]");
    }
}
