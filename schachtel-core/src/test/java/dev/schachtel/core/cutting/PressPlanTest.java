package dev.schachtel.core.cutting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Spares;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Where;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Stamps in the press, and spares by what can go wrong. */
class PressPlanTest {
    private static final Technique STAMPING = TestCards.WORKSHOP.techniques().stream()
            .filter(t -> t.id().value().equals("stamp"))
            .findFirst()
            .orElseThrow();

    private static PressPlan.Stamp stamp(int number, double width, double height, int pieces) {
        PartId part = new PartId(new Id("s" + number), "");
        Surface surface = new Surface(
                part.owner(),
                part,
                SlabId.of(part),
                STAMPING,
                new Colour(0x333333),
                Duration.ZERO,
                Duration.ZERO,
                false,
                List.of(),
                1,
                new Where.Whole(),
                Optional.empty(),
                List.of());
        return new PressPlan.Stamp(surface, "stamp " + number, Outline.of(new Box(0, 0, width, height)), pieces);
    }

    /** By hand: of 90 x 60, 60 x 60 and 140 x 60 the first two go together, the third under them: one lay, pressed 7 times. */
    @Test
    void threeOnOneLay() {
        PressPlan plan =
                PressPlan.of(List.of(stamp(1, 80, 60, 5), stamp(2, 60, 60, 7), stamp(3, 140, 60, 3)), 150, 150);
        assertThat(plan.lays()).hasSize(1);
        assertThat(plan.presses()).isEqualTo(7);
        PressPlan large = PressPlan.of(List.of(stamp(1, 160, 160, 2), stamp(2, 100, 100, 1)), 150, 150);
        assertThat(large.tooLarge()).hasSize(1);
        assertThat(large.lays().get(0).stamps().get(0).stamp().isPressedTwice()).isTrue();
    }

    /** Every stamp is pressed as often as it is wanted, inside the press and apart; no sharing out does with fewer presses. */
    @Property(tries = 120)
    void fewestPresses(@ForAll long seed) {
        Random random = new Random(seed);
        List<PressPlan.Stamp> stamps = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            stamps.add(stamp(i, 20 + random.nextInt(110), 20 + random.nextInt(110), 1 + random.nextInt(12)));
        }
        PressPlan plan = PressPlan.of(stamps, 150, 150);
        Set<String> seen = new HashSet<>();
        for (PressPlan.Lay lay : plan.lays()) {
            for (PressPlan.Placed p : lay.stamps()) {
                assertThat(seen.add(p.stamp().name())).isTrue();
                assertThat(lay.times()).isGreaterThanOrEqualTo(p.stamp().pieces());
                assertThat(p.at().left() >= 0 && p.at().right() <= 150.001).isTrue();
                assertThat(p.at().bottom() >= 0 && p.at().top() <= 150.001).isTrue();
                lay.stamps().stream().filter(o -> o != p).forEach(o -> assertThat(
                                p.at().grown(2.999).shared(o.at().grown(2.999)))
                        .isZero());
            }
        }
        assertThat(seen).hasSize(stamps.size());
        assertThat(plan.presses()).isEqualTo(fewest(stamps, new ArrayList<>()));
    }

    /** By putting each stamp into each lay in turn. */
    private static int fewest(List<PressPlan.Stamp> rest, List<List<PressPlan.Stamp>> lays) {
        if (rest.isEmpty()) {
            int presses = 0;
            for (List<PressPlan.Stamp> lay : lays) {
                if (PressPlan.of(lay, 150, 150).lays().size() > 1) {
                    return Integer.MAX_VALUE;
                }
                presses += lay.stream().mapToInt(PressPlan.Stamp::pieces).max().orElse(0);
            }
            return presses;
        }
        PressPlan.Stamp next = rest.get(0);
        List<PressPlan.Stamp> others = rest.subList(1, rest.size());
        int best = Integer.MAX_VALUE;
        for (int i = 0; i <= lays.size(); i++) {
            List<List<PressPlan.Stamp>> with = new ArrayList<>();
            lays.forEach(l -> with.add(new ArrayList<>(l)));
            if (i == lays.size()) {
                with.add(new ArrayList<>());
            }
            with.get(i).add(next);
            best = Math.min(best, fewest(others, with));
        }
        return best;
    }

    /** Four coloured stars: one more; five: a fifth, one; eleven: three. An inked panel: one. What is neither: none. */
    @Test
    void sparesByWhatCanGoWrong() {
        TestCards card = TestCards.inked()
                .add("motif")
                .set("motif", "shape", "picture")
                .set("motif", "shape.picture", "star")
                .add("colouring")
                .add("sentiment")
                .set("brief", "byRisk", "true");
        assertThat(spares(card.set("brief", "cards", "4"), "motif")).isEqualTo(1);
        assertThat(spares(card.set("brief", "cards", "5"), "motif")).isEqualTo(1);
        assertThat(spares(card.set("brief", "cards", "11"), "motif")).isEqualTo(3);
        assertThat(spares(card, "panel")).isEqualTo(1);
        assertThat(spares(card, "sentiment")).isZero();
        assertThat(spares(card.set("brief", "spares", "2"), "sentiment")).isEqualTo(2);
        PartId strip = card.build().partsOf(new Id("sentiment")).get(0).id();
        TestCards more = new TestCards(CardEdit.of(card.spec())
                .cut(new CutChoice(strip.toString(), Optional.empty(), Optional.empty(), false, 3)));
        assertThat(spares(more, "sentiment")).isEqualTo(3);
        assertThat(more.plan().cutting().demands().stream()
                        .filter(d -> d.part().id().equals(strip))
                        .mapToInt(Demand::count))
                .containsExactly(4);
    }

    private static int spares(TestCards card, String owner) {
        Build build = card.build();
        Part part = build.partsOf(new Id(owner)).get(0);
        return Spares.of(build, part);
    }
}
