package dev.schachtel.app.scene;

import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.scene.Fact;
import dev.schachtel.core.scene.Layouts;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

class SceneWordsTest {
    private final SceneWords words = new SceneWords();

    private SceneView.Told told(Fact.Kind kind, Severity severity, double figure) {
        Fact fact = new Fact(
                kind,
                severity,
                List.of(new Id("a"), new Id("b")),
                List.of("Lamp", "Goat"),
                figure,
                Point.ORIGIN,
                List.of(new Fact.Fix(Fact.Fix.Kind.MOVE, s -> s, c -> c)));
        return words.told(fact);
    }

    /** Each fact is a title and a sentence with its figure where it has one to say; advice can be silenced. */
    @ParameterizedTest
    @EnumSource(Fact.Kind.class)
    void everyFactIsSaid(Fact.Kind kind) {
        SceneView.Told watch = told(kind, Severity.WATCH, 3.4);
        assertThat(watch.title()).isNotBlank().doesNotContain("null").matches("[A-Z0-9].*");
        assertThat(watch.words()).isNotBlank().doesNotContain("null");
        assertThat(watch.shape()).isEqualTo("watch");
        assertThat(watch.canBeMeant()).isTrue();
        assertThat(watch.fixes()).singleElement().asString().isNotBlank();
        assertThat(watch.piece()).isEqualTo("a");
        SceneView.Told mend = told(kind, Severity.MEND, -3.4);
        assertThat(mend.canBeMeant()).isFalse();
        assertThat(mend.words()).doesNotContain("-3.4");
    }

    @ParameterizedTest
    @EnumSource(Fact.Fix.Kind.class)
    void everyRemedyIsSaid(Fact.Fix.Kind way) {
        Fact fact = new Fact(
                Fact.Kind.REPEATS,
                Severity.WATCH,
                List.of(),
                List.of("Lamp"),
                2,
                Point.ORIGIN,
                List.of(new Fact.Fix(way, s -> s, c -> c)));
        assertThat(words.told(fact).fixes().get(0)).matches("[A-Z][a-z]+ .*");
        assertThat(words.told(fact).piece()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Layouts.Wish.class)
    void everyLayoutHasAName(Layouts.Wish wish) {
        assertThat(words.wish(wish)).matches("[a-z ]{4,12}");
    }
}
