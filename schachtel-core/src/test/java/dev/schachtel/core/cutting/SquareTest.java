package dev.schachtel.core.cutting;

import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.RandomCards;
import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.check.Checks;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Movements;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Mm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is cut lies square, however it is turned on the card, and keeps its folds and letter wherever it is laid. */
class SquareTest {
    private static final double EXACT = 0.011;

    @Test
    void partsLieSquare() {
        Stream<CardSpec> demo =
                TestCards.files().stream().map(f -> TestCards.whole(f).spec());
        Stream<CardSpec> random = IntStream.range(0, 60).mapToObj(i -> RandomCards.any(new Random(i), 8));
        Stream.concat(demo, random).forEach(spec -> {
            Build build = Engineering.engineer(spec, TestCards.WORKSHOP);
            Set<PartId> inPieces = cutThrough(build);
            build.parts().stream()
                    .filter(p -> !inPieces.contains(p.id()))
                    .filter(p -> p.form().sort() == Form.Sort.RECTANGLE
                            && p.form().shorter().isAbove(Length.ZERO))
                    .forEach(SquareTest::square);
        });
    }

    /** What openings may have cut in two is no rectangle any more, and is told. */
    private static Set<PartId> cutThrough(Build build) {
        return Checks.check(build, Movements.of(build), TestCards.WORKSHOP).of(Severity.MEND).all().stream()
                .filter(f -> f.rule() == RuleId.MARGIN_WEB || f.rule() == RuleId.MARGIN_EDGE)
                .flatMap(f -> f.parts().stream())
                .collect(Collectors.toSet());
    }

    /** No larger box round it than it says to be: a rectangle that is askew has one. */
    private static void square(Part part) {
        var box = part.outline().bounds();
        List<Length> said = List.of(part.form().shorter(), part.form().longer());
        String which = part.id() + " " + said;
        assertThat(Math.min(box.width(), box.height())).as(which).isEqualTo(Mm.of(said.get(0)), within(EXACT));
        assertThat(Math.max(box.width(), box.height())).as(which).isEqualTo(Mm.of(said.get(1)), within(EXACT));
    }

    /** Two ends for every fold, each within its part, and a letter on each. */
    @Test
    void matsHaveTheFoldsAndLettersOfTheirParts() {
        int folds = 0;
        for (String file : TestCards.files()) {
            var plan = Planner.withoutRemedies(TestCards.whole(file).spec(), TestCards.WORKSHOP);
            for (MatPlan mat : plan.cutting().mats().sheets()) {
                var scene = SheetView.of(mat, plan.build().folds());
                for (MatPlan.Nested nested : mat.parts()) {
                    Part part = nested.demand().part();
                    var mine =
                            plan.build().folds().stream().filter(f -> f.part().equals(part.id()));
                    var box = nested.outline().bounds();
                    long seen = scene.marks().stream()
                            .filter(m -> m instanceof Mark.Line l
                                    && l.points().stream()
                                            .allMatch(p -> p.x() > box.left() - EXACT
                                                    && p.x() < box.right() + EXACT
                                                    && p.y() > box.bottom() - EXACT
                                                    && p.y() < box.top() + EXACT))
                            .count();
                    long due = mine.count();
                    assertThat(seen).as(file + " " + part.id()).isGreaterThanOrEqualTo(due);
                    folds += due;
                    assertThat(scene.marks())
                            .anyMatch(m -> m instanceof Mark.Letter l
                                    && l.letter().equals(nested.demand().letter())
                                    && nested.outline().bounds().centre().equals(l.at()));
                }
            }
        }
        assertThat(folds).isPositive();
    }
}
