package dev.schachtel.core.letters;

import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.BuildPlan;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Change;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.check.Finding;
import dev.schachtel.core.drawing.Fill;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.scene.Scenery;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Words as outlines: true in size, where they stand, in their inks, and in as many pieces as hang together. */
class LettersTest {
    private static final Id STRIP = new Id("sentiment");

    private static Lettering words(TestCards cards) {
        return cards.build().letterings().get(0);
    }

    private static Part part(Build build, String name) {
        return build.part(new PartId(STRIP, name)).orElseThrow();
    }

    /** Letters without heads and tails are an x-height high, but for the little that round ones reach beyond. */
    @ParameterizedTest
    @EnumSource(Typeface.class)
    void smallLettersAreAsHighAsAsked(Typeface face) {
        TextLine line = TextLine.of("xxx", face, Length.ofMillimetres(7));
        assertThat(line.box().height()).isEqualTo(7, within(0.3));
        assertThat(line.box().centre()).isEqualTo(Point.ORIGIN);
        assertThat(line.letters()).hasSize(3);
        TextLine twice = TextLine.of("xxx", face, Length.ofMillimetres(14));
        assertThat(twice.box().width()).isEqualTo(2 * line.box().width(), within(0.1));
        TextLine fits = TextLine.within("fifty steps up", face, Length.ofMillimetres(30), Length.ofMillimetres(50));
        assertThat(fits.box().width()).isEqualTo(30, within(0.05));
        assertThat(fits.box().height()).isLessThan(50);
    }

    @ParameterizedTest
    @EnumSource(Typeface.class)
    void lettersOfOtherLanguagesAreThereAndMissingOnesAreTold(Typeface face) {
        assertThat(TextLine.of("Zoë, Łukasz, señor, Ærø", face, Length.ofMillimetres(3))
                        .missing())
                .isEmpty();
        TextLine mixed = TextLine.of("日a日", face, Length.ofMillimetres(3));
        assertThat(mixed.missing()).isEqualTo("日");
        assertThat(mixed.letters()).extracting(TextLine.Letter::text).containsExactly("a");
        assertThat(TextLine.of("   ", face, Length.ofMillimetres(3)).letters()).isEmpty();
        assertThat(TextLine.of("", face, Length.ofMillimetres(3)).box().width()).isZero();
    }

    /** On a circle every letter's foot is as far from the circle's middle as every other's, whichever way it bows. */
    @Test
    void bentWordsStandOnTheirCircle() {
        for (long radius : new long[] {30, -30, 80}) {
            TextLine line =
                    TextLine.bent("xxxxxx", Typeface.PLAIN, Length.ofMillimetres(3), Length.ofMillimetres(radius));
            Point middle = line.foot().plus(0, -radius);
            for (TextLine.Letter letter : line.letters()) {
                double nearest = Double.MAX_VALUE;
                double farthest = 0;
                for (Point p : letter.outlines().get(0).outer().flattened()) {
                    nearest = Math.min(nearest, p.distanceTo(middle));
                    farthest = Math.max(farthest, p.distanceTo(middle));
                }
                double foot = radius > 0 ? nearest : farthest;
                assertThat(foot).isEqualTo(Math.abs(radius), within(0.12));
                assertThat(farthest - nearest).isEqualTo(3, within(0.2));
            }
        }
    }

    /** A strip whose letters have a height grows with them by 3 mm all round; without one it stays and they fill it. */
    @Test
    void aStripGrowsWithItsWords() {
        TestCards cards = TestCards.raised().add("sentiment").set("sentiment", "shadows", "0");
        Build filled = cards.build();
        Box stays = part(filled, "strip").outline().bounds();
        assertThat(stays.width()).isEqualTo(35, within(0.001));
        assertThat(stays.height()).isEqualTo(12, within(0.001));
        for (String text : List.of("to the top", "one day, all lines and back again")) {
            TestCards grown = cards.set("sentiment", "text", text).set("sentiment", "xHeight", "4 mm");
            Build build = grown.build();
            Box strip = part(build, "strip").footprints().get(0).bounds();
            Box letters = build.letterings().get(0).extent().orElseThrow();
            assertThat(letters.left() - strip.left()).isGreaterThanOrEqualTo(2.999);
            assertThat(strip.right() - letters.right()).isEqualTo(letters.left() - strip.left(), within(0.01));
            assertThat(strip.top() - letters.top()).isGreaterThanOrEqualTo(2.99);
            assertThat(strip.width()).isEqualTo(Math.max(35, letters.width() + 6), within(0.01));
        }
    }

    /** Straight or bent, letters lie on their strip, the strip on its shadow, and the shadow shows as much as asked. */
    @Test
    void lettersLieOnTheirStripHoweverItIsBent() {
        Random random = new Random(5);
        for (String course : List.of("straight", "arch", "bowl", "arch", "bowl")) {
            TestCards cards = TestCards.raised()
                    .add("sentiment")
                    .set("sentiment", "course", course)
                    .set("sentiment", "letters", random.nextBoolean() ? "script" : "round")
                    .set("sentiment", "xHeight", random.nextBoolean() ? "0 mm" : "3 mm")
                    .set("sentiment", "shadowReveal", "2 mm");
            if (!course.equals("straight")) {
                cards = cards.set("sentiment", "course.radius", 20 + random.nextInt(60) + " mm");
            }
            Build build = cards.build();
            Outline strip = part(build, "strip").footprints().get(0);
            Outline shadow = part(build, "shadow").footprints().get(0);
            build.letterings().get(0).letters().stream()
                    .flatMap(t -> t.areas().stream())
                    .forEach(letter -> assertThat(strip.covers(letter)).isTrue());
            assertThat(shadow.covers(strip)).isTrue();
            assertThat(Mm.of(shadow.marginOf(strip).length())).isBetween(1.99, 2.05);
        }
    }

    @Test
    void inksRunFromLeftToRight() {
        TestCards cards = TestCards.raised()
                .add("sentiment")
                .set("sentiment", "text", "nnnnnnnnnnnn")
                .set("sentiment", "ink", "#000000")
                .set("sentiment", "inks", "two")
                .set("sentiment", "inks.right", "#ff0000");
        List<Integer> red =
                words(cards).letters().stream().map(t -> t.colour().rgb() >> 16).toList();
        assertThat(red).isSorted().startsWith(0).endsWith(255);
        assertThat(red).as("a soft overlap").anyMatch(r -> r > 60 && r < 200);
        assertThat(words(cards.set("sentiment", "inks", "one")).letters()).hasSize(1);
        assertThat(words(cards.set("sentiment", "inks", "three")).inks()).hasSize(3);
    }

    /** The remedy gives one shadow that all pieces lie on; without one each is set by hand. */
    @Test
    void aShadowJoinsLooseLetters() {
        TestCards loose =
                TestCards.raised().add("word").set("word", "letters", "round").set("word", "text", "hill");
        List<String> names = loose.build().parts().stream()
                .filter(p -> p.owner().value().equals("word"))
                .map(Part::name)
                .toList();
        assertThat(names)
                .containsExactlyInAnyOrder(
                        "“h” of “hill”", "“i” of “hill”", "Dot of “i” of “hill”", "“l” of “hill”", "“l” of “hill”");
        Finding said = loose.findings().of(RuleId.WORD_LOOSE).all().get(0);
        TestCards joined = loose;
        Remedy shadowed = said.remedies().stream()
                .filter(r -> r.pull() == Pull.SHADOW)
                .findFirst()
                .orElseThrow();
        for (Change change : shadowed.changes()) {
            joined = change.component().equals(Change.MEANT)
                    ? joined
                    : joined.set(change.piece().value(), change.component(), change.value());
        }
        assertThat(joined.findings().of(RuleId.WORD_LOOSE).isEmpty()).isTrue();
        Build build = joined.build();
        List<Part> shadows = build.parts().stream()
                .filter(p -> p.id().toString().contains("shadow"))
                .toList();
        assertThat(shadows).hasSize(1);
        Outline shadow = shadows.get(0).footprints().get(0);
        build.parts().stream()
                .filter(p -> p.owner().value().equals("word"))
                .forEach(p -> assertThat(shadow.covers(p.footprints().get(0))).isTrue());
    }

    /** Stamped inside with its drying, seen where it was stamped, and nothing may lie on it. */
    @Test
    void aGreetingIsStampedOnItsFace() {
        TestCards cards = TestCards.raised().add("liner").add("greeting").set("greeting", "on", "liner");
        Build build = cards.build();
        Lettering words = build.letterings().get(0);
        assertThat(words.on().toString()).isEqualTo("liner");
        Box extent = words.extent().orElseThrow();
        Outline liner = build.face(new Id("liner")).orElseThrow().outline();
        assertThat(liner.bounds().holds(extent)).isTrue();
        assertThat(Views.face(build, new Id("liner")).marks())
                .filteredOn(m -> m instanceof Mark.Area a && a.of().equals(Optional.of(new Id("greeting"))))
                .hasSizeGreaterThan(5)
                .allMatch(m -> ((Mark.Area) m).fill() instanceof Fill.Plain);
        BuildPlan plan = cards.plan().assembly();
        assertThat(Rehearsal.of(build, plan)).isEmpty();
        assertThat(plan.steps().stream().map(s -> s.op().kind())).contains(WorkKind.STAMP);
        Scenery scenery = Scenery.of(build, TestCards.WORKSHOP, new Id("liner")).orElseThrow();
        assertThat(scenery.words()).hasSize(1);
        assertThat(scenery.words().get(0).outline().bounds().width()).isEqualTo(extent.width(), within(0.001));
        assertThat(cards.set("greeting", "text", " ").build().surfaces()).isEmpty();
    }
}
