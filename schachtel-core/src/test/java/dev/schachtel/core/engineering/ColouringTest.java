package dev.schachtel.core.engineering;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.assembly.Rehearsal;
import dev.schachtel.core.assembly.Step;
import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Aim;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.MediumUse;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Pictures coloured by hand: drawn in their tones, one pen after the other on all of them, before anything is stuck down. */
class ColouringTest {
    private static TestCards coloured(String file) {
        return plain(file).add("colouring");
    }

    /** Not coloured yet. */
    private static TestCards plain(String file) {
        TestCards card = TestCards.whole(file);
        return card.spec().piece(new Id("colouring")).isPresent() ? card.remove("colouring") : card;
    }

    private static List<Step> pens(Plan plan) {
        return plan.assembly().steps().stream()
                .filter(s -> s.op().is(WorkKind.COLOUR_IN))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"cable-drum.json", "guards-door.json", "upper-station.json", "turntable.json"})
    void everyPictureIsColouredAndTheCardCanBeBuilt(String file) {
        TestCards card = coloured(file);
        Plan plan = card.plan();
        Build build = plan.build();
        Build plain = plain(file).build();
        assertThat(build.coloured()).isNotEmpty();
        for (Art art : plain.arts()) {
            boolean isCard = plain.part(art.part()).map(Part::material).orElseThrow() instanceof Cardstock;
            if (!art.isWords() && isCard) {
                assertThat(build.coloured().stream()
                                .filter(c -> c.part().equals(art.part()))
                                .map(Coloured::region))
                        .containsExactlyElementsOf(
                                art.tints().stream().map(Art.Tint::name).toList());
            }
        }
        assertThat(pens(plan)).isNotEmpty();
        assertThat(plan.assembly().contradictions()).isEmpty();
        assertThat(Rehearsal.of(build, plan.assembly())).isEmpty();
        assertThat(CardFile.read(CardFile.write(card.spec()), TestCards.WORKSHOP))
                .isEqualTo(card.spec());
    }

    /** What is drawn is what is coloured: the areas of all tones together are those that are seen of the picture before. */
    @Test
    void theTonesAreThePicture() {
        Build plain = plain("cable-drum.json").build();
        Build build = coloured("cable-drum.json").build();
        for (Coloured c : build.coloured()) {
            Art art = plain.art(c.part()).orElseThrow();
            int index = art.tints().stream().map(Art.Tint::name).toList().indexOf(c.region());
            List<Outline> over = art.tints().subList(index + 1, art.tints().size()).stream()
                    .flatMap(t -> t.areas().stream())
                    .toList();
            boolean once = art.tints().stream()
                            .filter(t -> t.name().equals(c.region()))
                            .count()
                    == 1;
            if (once) {
                double seen = art.tints().get(index).areas().stream()
                        .flatMap(a -> a.less(over).stream())
                        .mapToDouble(o -> o.area().squareMillimetres())
                        .sum();
                assertThat(c.area().squareMillimetres())
                        .as("%s, %s", c.picture(), c.region())
                        .isCloseTo(seen, within(0.5 + 0.02 * seen));
            }
        }
    }

    /** Dark to light with alcohol pens, the other way with pencils; each pen once; the veil last; all before they are stuck. */
    @ParameterizedTest
    @ValueSource(strings = {"alcohol-pen", "pencil"})
    void penByPen(String medium) {
        TestCards card = coloured("cable-drum.json").set("colouring", "medium", medium);
        Plan plan = card.plan();
        List<Inking> inkings = plan.build().inkings();
        Comparator<Inking> dark =
                Comparator.comparingDouble(i -> i.shade().colour().lightness());
        assertThat(inkings).isSortedAccordingTo(medium.equals("pencil") ? dark.reversed() : dark);
        assertThat(inkings).extracting(Inking::shade).doesNotHaveDuplicates();
        List<Step> pens = pens(plan);
        assertThat(pens).hasSize(inkings.size());
        for (int i = 0; i < pens.size(); i++) {
            Inking inking = inkings.get(i);
            assertThat(pens.get(i).op().surface().orElseThrow().colour())
                    .isEqualTo(inking.shade().colour());
            if (i > 0 && inkings.get(i - 1).overWet()) {
                assertThat(pens.get(i).start().minus(pens.get(i - 1).end()))
                        .as("a minute beside strong contrast")
                        .isGreaterThanOrEqualTo(Duration.ofSeconds(60));
            }
            for (Step step : plan.assembly().steps()) {
                if (step.op().effect().laid().stream().anyMatch(inking.parts()::contains)) {
                    assertThat(step.number()).isGreaterThan(pens.get(i).number());
                }
            }
        }
    }

    /** The pictures of a wheel are drawn when it is cut, and coloured when they are drawn. */
    @Test
    void whatIsDrawnIsColouredAfterwards() {
        Plan plan = coloured("turntable.json").plan();
        List<Step> pens = pens(plan);
        Step drawn = plan.assembly().steps().stream()
                .filter(s -> s.op().is(WorkKind.DRAW))
                .findFirst()
                .orElseThrow();
        for (Step pen : pens) {
            if (pen.op().parts().contains(drawn.op().parts().get(0))) {
                assertThat(pen.number()).isGreaterThan(drawn.number());
            }
        }
        assertThat(plan.assembly().contradictions()).isEmpty();
    }

    /** The time of all pens on one picture is that of the technique book. */
    @Test
    void aPictureTakesAsLongAsTheBookSays() {
        Build build = coloured("cable-drum.json").build();
        Set<PartId> coloured = build.coloured().stream()
                .filter(c -> !c.isBare())
                .map(Coloured::part)
                .collect(Collectors.toSet());
        long pieces = coloured.stream()
                .mapToInt(p -> build.part(p).orElseThrow().perCard())
                .sum();
        double seconds =
                build.inkings().stream().mapToDouble(i -> i.each().toSeconds()).sum();
        assertThat(seconds)
                .isCloseTo(240.0 * pieces, within(1.0 * build.inkings().size()));
    }

    @Test
    void theVeilIsTheLastAndASecondColouringDoesNothing() {
        TestCards card =
                coloured("cable-drum.json").set("colouring", "veil", "of").set("colouring", "veil.shade", "dusk");
        List<Inking> inkings = card.build().inkings();
        assertThat(inkings.get(inkings.size() - 1).shade().name()).isEqualTo("dusk");
        TestCards twice = card.add("colouring");
        assertThat(twice.findings().of(RuleId.COLOURED_TWICE).all()).hasSize(1);
        assertThat(twice.build().inkings()).isEqualTo(inkings);
    }

    /** With nothing in the drawer everything stays as it is, and no step is planned. */
    @Test
    void anEmptyDrawerColoursNothing() {
        TestCards card = coloured("cable-drum.json");
        Plan plan = Planner.plan(card.spec(), TestCards.WORKSHOP.shaded(List.of()));
        assertThat(plan.build().inkings()).isEmpty();
        assertThat(pens(plan)).isEmpty();
        List<Art.Tint> before = new ArrayList<>(plain("cable-drum.json").build().arts().stream()
                .flatMap(a -> a.tints().stream())
                .toList());
        assertThat(plan.build().arts().stream().flatMap(a -> a.tints().stream()).map(Art.Tint::colour))
                .containsExactlyElementsOf(before.stream().map(Art.Tint::colour).toList());
    }

    /** An area looks as the maker wants it on this card: like a colour, a paper, or the sheet beside it as that is inked. */
    @Test
    void anAreaCanLookLikeSomethingElse() {
        TestCards card = TestCards.inked()
                .set("treatment", "colour", "#587187")
                .add("motif")
                .set("motif", "shape", "picture")
                .set("motif", "shape.picture", "star")
                .add("colouring");
        Coloured star = card.build().coloured().get(0);
        MaterialId picture = card.build().arts().get(0).picture();
        Colouring plain = card.spec().find(new Id("colouring"), Colouring.class).orElseThrow();
        Colour sky = card.build().colour(new PartId(new Id("panel"), "")).orElseThrow();
        Map<Aim.Wanted, Colour> wanted = Map.of(
                new Aim.Wanted.Plain(new Colour(0x5c7d60)),
                new Colour(0x5c7d60),
                new Aim.Wanted.LikePaper(new MaterialId("damson-300")),
                new Colour(0x7a4663),
                new Aim.Wanted.LikeSheet(new Id("panel")),
                sky);
        wanted.forEach((as, colour) -> {
            Colouring aimed = plain.aiming(picture, star.region(), Optional.of(as));
            CardSpec spec = CardEdit.of(card.spec()).with(aimed);
            Build build = Planner.plan(CardFile.read(CardFile.write(spec)), TestCards.WORKSHOP)
                    .build();
            assertThat(build.coloured().stream()
                            .filter(c -> c.region().equals(star.region()))
                            .map(c -> c.recipe().target()))
                    .containsOnly(colour);
        });
        assertThat(plain.aiming(picture, "x", Optional.empty())).isEqualTo(plain);
    }

    /** Fewer pens, and every area has as many tones as before. */
    @Test
    void fewerPensDoNearlyTheSame() {
        TestCards all = coloured("cable-drum.json");
        TestCards few = all.set("colouring", "few", "true");
        assertThat(few.build().inkings()).hasSizeLessThan(all.build().inkings().size());
        assertThat(few.build().coloured().stream().map(c -> c.recipe().tones().size()))
                .containsExactlyElementsOf(all.build().coloured().stream()
                        .map(c -> c.recipe().tones().size())
                        .toList());
    }

    /** A pen without colour is no tone; it goes over the narrow areas last. Who goes light first says so for the medium. */
    @Test
    void theBlenderAndTheWayOfTheHouse() {
        TestCards card = coloured("cable-drum.json");
        Shade blender = new Shade(
                new MaterialId("blender"),
                "blender",
                Medium.ALCOHOL_PEN,
                new Colour(0xffffff),
                Shade.Level.FULL,
                "",
                0);
        List<Shade> drawer = new ArrayList<>(TestCards.WORKSHOP.shades());
        drawer.add(blender);
        Workshop workshop = TestCards.WORKSHOP.shaded(drawer);
        Build build = Planner.plan(card.spec(), workshop).build();
        List<Inking> strokes = build.inkings();
        assertThat(strokes.get(strokes.size() - 1).shade()).isEqualTo(blender);
        assertThat(build.coloured().stream().flatMap(c -> c.recipe().tones().stream()))
                .noneMatch(t -> t.shade().equals(blender));
        List<Shade> before = card.build().inkings().stream().map(Inking::shade).toList();
        Workshop light = TestCards.WORKSHOP.using(new MediumUse(Medium.ALCOHOL_PEN, false, 1200));
        List<Shade> after = new ArrayList<>(Planner.plan(card.spec(), light).build().inkings().stream()
                .map(Inking::shade)
                .toList());
        Collections.reverse(after);
        assertThat(after).isEqualTo(before);
    }

    /** A strip over the middle of a picture throws its shadow on what is under it. */
    @Test
    void whatLiesOverAPictureShadesIt() {
        TestCards alone = TestCards.raised()
                .add("motif")
                .set("motif", "shape", "picture")
                .set("motif", "shape.picture", "moon")
                .set("motif", "up", "70 mm")
                .add("colouring")
                .set("colouring", "light", "above");
        TestCards covered = alone.add("sentiment")
                .set("sentiment", "up", "75 mm")
                .set("sentiment", "height", "6 mm")
                .set("sentiment", "fixing", "foam-tape-2");
        assertThat(dark(covered)).isGreaterThan(dark(alone) + 1);
    }

    private static double dark(TestCards card) {
        return card.build().coloured().stream()
                .flatMap(c -> c.shading().dark().stream())
                .mapToDouble(o -> o.area().squareMillimetres())
                .sum();
    }
}
