package dev.schachtel.core.design;

import java.util.Comparator;
import java.util.List;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;

import static org.assertj.core.api.Assertions.assertThat;

/** Papers that would go with the pictures. */
class PapersTest {
    private static TestCards stars(String card) {
        return TestCards.raised()
                .set("panel", "card", card)
                .add("motif")
                .set("motif", "shape", "picture")
                .set("motif", "shape.picture", "star");
    }

    /** Yellow stars on cream run together: papers are offered on which they don't, the best first, the card otherwise as it was. */
    @Test
    void starsOnCreamGetAnotherPaper() {
        TestCards card = stars("cream-300");
        Papers papers = Papers.of(card.spec(), card.build(), TestCards.WORKSHOP).orElseThrow();
        assertThat(papers.sheet()).isEqualTo(new Id("panel"));
        assertThat(papers.best()).isNotEmpty().hasSizeLessThanOrEqualTo(2);
        double before = SideBySide.of(card.build()).pairs().get(0).difference();
        double last = Double.MAX_VALUE;
        for (Papers.Choice choice : papers.best()) {
            assertThat(choice.score()).isLessThanOrEqualTo(last);
            last = choice.score();
            assertThat(choice.least()).isGreaterThanOrEqualTo(10);
            assertThat(choice.card())
                    .isEqualTo(stars(choice.paper().id().value()).spec());
            assertThat(SideBySide.of(choice.build()).pairs().get(0).difference())
                    .isEqualTo(choice.least());
        }
        assertThat(papers.best().get(0).least()).isGreaterThan(before);
        assertThat(papers.accent())
                .isPresent()
                .get()
                .isNotEqualTo(papers.best().get(0).paper());
    }

    /** All papers of the drawer ranked by hand: the difference of the star and the hues; raised on foam the panel has its shadow for a border. */
    @Test
    void noBetterPaperIsLeftOut() {
        TestCards card = stars("cream-300");
        Papers papers = Papers.of(card.spec(), card.build(), TestCards.WORKSHOP).orElseThrow();
        double own = score("cream-300");
        List<String> ranked = TestCards.WORKSHOP.all(Cardstock.class).stream()
                .map(c -> c.id().value())
                .filter(id -> !id.equals("cream-300") && score(id) > own)
                .filter(id -> SideBySide.of(stars(id).build()).pairs().get(0).difference() >= 10)
                .sorted(Comparator.comparingDouble(PapersTest::score).reversed())
                .limit(2)
                .toList();
        assertThat(papers.best()).extracting(c -> c.paper().id().value()).containsExactlyElementsOf(ranked);
    }

    private static double score(String paper) {
        Build build = stars(paper).build();
        SideBySide beside = SideBySide.of(build);
        double off = beside.harmony().isClose() ? 0 : beside.harmony().off();
        return Math.min(35, beside.pairs().get(0).difference()) + 20 - 0.3 * off;
    }

    @Test
    void withoutPicturesNothingIsOffered() {
        TestCards bare = TestCards.raised();
        assertThat(Papers.of(bare.spec(), bare.build(), TestCards.WORKSHOP)).isEmpty();
    }

    /** The accent is tried where a strip has a shadow: there, and nowhere else. */
    @Test
    void theAccentIsTriedOnTheCard() {
        TestCards card = TestCards.whole("cable-drum.json").set("sentiment", "shadowCard", "ivory-120");
        Papers papers = Papers.of(card.spec(), card.build(), TestCards.WORKSHOP).orElseThrow();
        Papers.Choice choice = papers.accented().orElseThrow();
        assertThat(choice.paper()).isEqualTo(papers.accent().orElseThrow());
        assertThat(choice.card()).isNotEqualTo(card.spec());
        List<String> others = choice.build().parts().stream()
                .filter(p -> card.build().part(p.id()).filter(p::equals).isEmpty())
                .map(p -> p.material().id().value())
                .distinct()
                .toList();
        assertThat(others).containsExactly(choice.paper().id().value());
    }
}
