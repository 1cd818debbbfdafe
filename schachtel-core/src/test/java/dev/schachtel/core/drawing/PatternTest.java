package dev.schachtel.core.drawing;

import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

import static org.assertj.core.api.Assertions.assertThat;

/** Patterns lie in their area, have no end of figures on large ones, and differ by kind where any are drawn. */
class PatternTest {
    private static Outline sheet(int wide, int high) {
        return Outline.sheet(Length.ofMillimetres(wide), Length.ofMillimetres(high));
    }

    @ParameterizedTest
    @EnumSource(Surfacing.class)
    void figuresLieInTheAreaAndOffItsHoles(Surfacing kind) {
        Outline hole = sheet(20, 30).placed(Placement.at(Length.ofMillimetres(35), Length.ofMillimetres(25)));
        Outline area = sheet(90, 120).without(hole);
        List<Outline> all = Pattern.of(kind, area);
        for (Outline figure : all) {
            assertThat(figure.area().squareMillimetres()).isPositive();
            assertThat(figure.less(List.of(area))).isEmpty();
        }
        if (!all.isEmpty()) {
            assertThat(all).hasSizeGreaterThan(40);
            assertThat(Pattern.of(kind, sheet(300, 400))).hasSizeLessThan(200);
            assertThat(Pattern.of(kind, sheet(3, 3))).isEmpty();
        }
    }
}
