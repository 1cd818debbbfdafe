package dev.schachtel.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Feature;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Layer;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.drawing.Stack;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.Anatomy;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.RefusedException;
import dev.schachtel.core.edit.Scalars;
import dev.schachtel.core.exchange.CardFile;
import dev.schachtel.core.exchange.SheetPdf;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class PlannerTest {
    private static final List<String> KINDS = List.of("mat", "liner", "window", "shaker", "sentiment");
    private static final List<String> TEXTS = List.of(
            "0.1 mm",
            "1/64",
            "3 m",
            "2 in",
            "17.3 mm",
            "-1 m",
            "oval",
            "circle",
            "rectangle",
            "rounded-rectangle",
            "strips",
            "mitred-strips",
            "bent-strip",
            "one-piece",
            "front",
            "inside",
            "panel",
            "window",
            "window-2",
            "mat",
            "glue",
            "foam-tape-3",
            "foam-sheet-2",
            "gel",
            "sand",
            "nothing-like-it",
            "1",
            "3",
            "6",
            "60",
            "100",
            "top",
            "side",
            "mm",
            "true");

    /** Any sequence of changes, sensible or not, plans, draws and reads back; nothing throws. */
    @Property(tries = 400)
    void anyCardPlans(@ForAll long seed) {
        Random random = new Random(seed);
        CardSpec spec = TestCards.upperStation().spec();
        for (int i = 0; i < 14; i++) {
            spec = changed(spec, random);
        }
        Plan plan = Planner.plan(spec, TestCards.WORKSHOP);
        for (Views view : Views.values()) {
            assertThat(view.of(plan.build(), new Id("window")).marks()).isNotEmpty();
        }
        Views.besideFront(plan.build(), new Id("shaker"), false);
        assertThat(Stack.of(plan.build(), new Id("shaker")).layers()).hasSizeGreaterThan(1);
        assertThat(CardFile.read(CardFile.write(spec))).isEqualTo(spec);
        if (seed % 40 == 0) {
            assertThat(SheetPdf.write(plan.build())).isNotEmpty();
        }
    }

    private static CardSpec changed(CardSpec spec, Random random) {
        try {
            int what = random.nextInt(10);
            if (what == 0) {
                return CardEdit.of(spec).add(KINDS.get(random.nextInt(KINDS.size())));
            }
            List<Piece> pieces = spec.pieces().toList();
            Piece piece = pieces.get(random.nextInt(pieces.size()));
            if (what == 1) {
                return CardEdit.of(spec).remove(piece.id());
            }
            List<Anatomy.Bone> bones = Anatomy.of(piece.getClass()).bones();
            Anatomy.Bone bone = bones.get(random.nextInt(bones.size()));
            String component = bone.isFamily() && random.nextBoolean() ? bone.name() + ".width" : bone.name();
            return CardEdit.of(spec).set(piece.id(), component, TEXTS.get(random.nextInt(TEXTS.size())));
        } catch (RefusedException e) {
            return spec;
        }
    }

    @Test
    void sameInSameOut() {
        CardSpec spec = TestCards.upperStation().add("window").add("sentiment").spec();
        Plan first = Planner.plan(spec, TestCards.WORKSHOP);
        for (int i = 0; i < 5; i++) {
            assertThat(Planner.plan(spec, TestCards.WORKSHOP)).isEqualTo(first);
        }
        for (int i = 0; i < 20; i++) {
            Plan shuffled = Planner.plan(shuffle(spec, new Random(i)), TestCards.WORKSHOP);
            assertThat(shuffled.build().thickness()).isEqualTo(first.build().thickness());
            assertThat(shuffled.findings().all())
                    .extracting(f -> f.key())
                    .containsExactlyInAnyOrderElementsOf(
                            first.findings().all().stream().map(f -> f.key()).toList());
            assertThat(shuffled.assembly().hands()).isEqualTo(first.assembly().hands());
        }
    }

    private static CardSpec shuffle(CardSpec s, Random random) {
        List<Layer> layers = new ArrayList<>(s.layers());
        List<Feature> features = new ArrayList<>(s.features());
        List<Element> elements = new ArrayList<>(s.elements());
        List.of(layers, features, elements).forEach(l -> Collections.shuffle(l, random));
        return new CardSpec(s.name(), s.set(), s.units(), s.brief(), s.base(), layers, features, elements);
    }

    @Test
    void everyPieceStartsWithoutAnythingToMend() {
        TestCards bare = TestCards.upperStation()
                .remove("sentiment")
                .remove("shaker")
                .remove("window")
                .remove("liner");
        TestCards card = bare;
        for (String kind : List.of("window", "shaker", "sentiment", "liner")) {
            card = card.add(kind);
            assertThat(card.findings().worst().map(Enum::name))
                    .as("after adding a %s", kind)
                    .isNotEqualTo("MEND");
            assertThat(card.findings().count(dev.schachtel.core.check.Severity.MEND))
                    .isZero();
        }
        assertThat(Scalars.kebab("ONE_PIECE")).isEqualTo("one-piece");
    }
}
