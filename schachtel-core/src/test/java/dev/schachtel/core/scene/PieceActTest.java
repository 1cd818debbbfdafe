package dev.schachtel.core.scene;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

class PieceActTest {
    private static final Workshop WORKSHOP = WorkshopFile.standard();
    private static final Id TREE = new Id("motif");
    private final CardSpec spec = scene();

    /** A tree, a goat and a cloud on an A6 panel, in this order. */
    private static CardSpec scene() {
        CardSpec spec = CardFile.read(
                "{\"schachtel\": 1, \"name\": \"Try\", \"units\": \"mm\", \"brief\": {\"recipient\": \"\","
                        + " \"occasion\": \"\"}, \"base\": {\"kind\": \"flat-fold\", \"width\": \"105 mm\", \"height\": \"148 mm\"}}");
        spec = CardEdit.of(spec).add("mat");
        for (String name : List.of("tall-tree", "goat", "cloud")) {
            Room.Put put = new Room.Put(new Point(50, 70), 1, Room.card(WORKSHOP));
            spec = Room.placed(
                    spec,
                    new Id("panel"),
                    WORKSHOP.picture(new MaterialId(name)).orElseThrow(),
                    put);
        }
        return spec;
    }

    private Motif after(PieceAct act) {
        return act.apply(spec, TREE, WORKSHOP).find(TREE, Motif.class).orElseThrow();
    }

    private static List<String> order(CardSpec spec) {
        return spec.elements().stream().map(Element::id).map(Id::value).toList();
    }

    /** Locked means: not moved, not turned, not taken away, by hand or by a remedy; a copy of it is free. */
    @Test
    void whatIsLockedStays() {
        CardSpec locked = PieceAct.LOCK.apply(spec, TREE, WORKSHOP);
        for (PieceAct act : List.of(PieceAct.LEFT, PieceAct.RAISE, PieceAct.FORWARD, PieceAct.REMOVE, PieceAct.PIN)) {
            assertThatThrownBy(() -> act.apply(locked, TREE, WORKSHOP)).hasMessageContaining("is locked");
        }
        assertThatThrownBy(() -> Positions.moved(locked, TREE, Length.ofMillimetres(1), Length.ZERO))
                .hasMessageContaining("is locked");
        CardSpec copied = PieceAct.COPY.apply(locked, TREE, WORKSHOP);
        assertThat(copied.find(new Id("motif-4"), Motif.class).orElseThrow().locked())
                .isFalse();
        assertThat(PieceAct.LOCK.apply(locked, TREE, WORKSHOP)).isEqualTo(spec);
        CardSpec all = locked;
        for (String id : List.of("motif-2", "motif-3")) {
            all = PieceAct.LOCK.apply(all, new Id(id), WORKSHOP);
        }
        Scenery scenery = Scenery.of(Engineering.engineer(all, WORKSHOP), WORKSHOP, new Id("panel"))
                .orElseThrow();
        assertThat(Sitting.of(scenery)).isNotEmpty().allMatch(f -> f.fixes().isEmpty());
    }

    @Test
    void aPieceIsTurnedAndSized() {
        Motif tree = spec.find(TREE, Motif.class).orElseThrow();
        assertThat(after(PieceAct.LEFT).turned()).isEqualTo(5);
        assertThat(after(PieceAct.RIGHT).turned()).isEqualTo(-5);
        assertThat(after(PieceAct.MIRROR).mirrored()).isTrue();
        assertThat(after(PieceAct.PIN).pinned()).isTrue();
        Motif larger = after(PieceAct.LARGER);
        assertThat(larger.shape().width()).isEqualTo(Length.ofMicrometres(17_600));
        assertThat(larger.shape().height()).isEqualTo(Length.ofMicrometres(39_600));
        assertThat(after(PieceAct.SMALLER).shape().height())
                .isLessThan(tree.shape().height());
    }

    /** Onto the thinnest foam, and down again. */
    @Test
    void aPieceIsRaisedAndLaidFlat() {
        CardSpec raised = PieceAct.RAISE.apply(spec, TREE, WORKSHOP);
        MaterialId foam = raised.find(TREE, Motif.class).orElseThrow().fixing();
        Length thin = WORKSHOP.find(foam, Foam.class).orElseThrow().thickness();
        assertThat(WORKSHOP.all(Foam.class))
                .filteredOn(f -> f.form() != Foam.Form.SHEET)
                .allMatch(f -> !f.thickness().isBelow(thin));
        CardSpec flat = PieceAct.RAISE.apply(raised, TREE, WORKSHOP);
        assertThat(WORKSHOP.find(flat.find(TREE, Motif.class).orElseThrow().fixing(), Foam.class))
                .isEmpty();
    }

    @Test
    void orderCopyAndRemoval() {
        assertThat(order(spec)).containsExactly("motif", "motif-2", "motif-3");
        CardSpec forward = PieceAct.FORWARD.apply(spec, TREE, WORKSHOP);
        assertThat(order(forward)).containsExactly("motif-2", "motif", "motif-3");
        assertThat(order(PieceAct.BACK.apply(forward, TREE, WORKSHOP))).isEqualTo(order(spec));
        assertThat(PieceAct.BACK.apply(spec, TREE, WORKSHOP)).isEqualTo(spec);
        CardSpec copied = PieceAct.COPY.apply(spec, TREE, WORKSHOP);
        assertThat(copied.elements()).hasSize(4);
        Motif copy = copied.find(new Id("motif-4"), Motif.class).orElseThrow();
        assertThat(copy.across()
                        .minus(spec.find(TREE, Motif.class).orElseThrow().across()))
                .isEqualTo(Length.ofMillimetres(4));
        assertThat(order(PieceAct.REMOVE.apply(spec, TREE, WORKSHOP))).containsExactly("motif-2", "motif-3");
    }

    @ParameterizedTest
    @EnumSource(PieceAct.class)
    void everyActIsKnownByItsWordAndNeedsAPiece(PieceAct act) {
        assertThat(PieceAct.of(act.name().toLowerCase(Locale.ROOT).replace('_', '-')))
                .isEqualTo(act);
        assertThatThrownBy(() -> act.apply(spec, new Id("nobody"), WORKSHOP)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> PieceAct.of(act.name() + "!")).isInstanceOf(RefusedException.class);
    }

    /** A hill of 250 mm by 40 mm over the first three panels of 90 mm. */
    private static CardSpec overCreases() {
        CardSpec card = CardFile.read(
                "{\"schachtel\": 1, \"name\": \"Try\", \"units\": \"mm\", \"brief\": {\"recipient\": \"\","
                        + " \"occasion\": \"\"}, \"base\": {\"kind\": \"accordion\", \"width\": \"90 mm\", \"height\": \"120 mm\","
                        + " \"panels\": 4}}");
        CardSpec hill = CardEdit.of(card).add("motif");
        String[][] values = {
            {"on", "panel-2"},
            {"shape", "rectangle"},
            {"shape.width", "250 mm"},
            {"shape.height", "40 mm"},
            {"across", "45 mm"},
            {"up", "20 mm"},
            {"fixing", "foam-tape-1"}
        };
        for (String[] value : values) {
            hill = CardEdit.of(hill).set(TREE, value[0], value[1]);
        }
        return hill;
    }

    /** Cut apart at both creases, with 0.4 mm between neighbours there; all flat, and together as wide as the hill but for that. */
    @Test
    void whatReachesOverCreasesIsCutThereAndGoesOn() {
        CardSpec card = PieceAct.CARRY_ON.apply(overCreases(), TREE, WORKSHOP);
        List<Motif> all = card.elements().stream().map(Motif.class::cast).toList();
        assertThat(all).extracting(m -> m.on().value()).containsExactlyInAnyOrder("panel-1", "panel-2", "panel-3");
        assertThat(all).allMatch(Motif::trimmed);
        assertThat(all).allMatch(m -> !WORKSHOP.find(m.fixing(), Foam.class).isPresent());
        Build build = Engineering.engineer(card, WORKSHOP);
        Map<String, Box> seen = new TreeMap<>();
        for (Motif m : all) {
            Outline lies = build.level(SlabId.of(new PartId(m.id(), "")))
                    .orElseThrow()
                    .slab()
                    .footprints()
                    .get(0);
            seen.put(m.on().value(), build.face(m.on()).orElseThrow().seen(lies).bounds());
        }
        assertThat(seen.get("panel-1").left()).isCloseTo(90 + 45 - 125, within(1e-6));
        assertThat(seen.get("panel-1").right()).isCloseTo(90 - 0.2, within(1e-6));
        assertThat(seen.get("panel-2").left()).isCloseTo(0.2, within(1e-6));
        assertThat(seen.get("panel-2").right()).isCloseTo(90 - 0.2, within(1e-6));
        assertThat(seen.get("panel-3").left()).isCloseTo(0.2, within(1e-6));
        assertThat(seen.get("panel-3").right()).isCloseTo(45 + 125 - 90, within(1e-6));
        assertThat(seen.values().stream().mapToDouble(Box::width).sum()).isCloseTo(250 - 2 * 0.4, within(1e-6));
        assertThat(Checked.of(card, WORKSHOP).mends()).isZero();
        assertThatThrownBy(() -> PieceAct.CARRY_ON.apply(card, TREE, WORKSHOP)).isInstanceOf(RefusedException.class);
    }

    @Test
    void whatStaysOnItsPanelGoesNowhere() {
        CardSpec small = CardEdit.of(overCreases()).set(TREE, "shape.width", "90 mm");
        assertThatThrownBy(() -> PieceAct.CARRY_ON.apply(small, TREE, WORKSHOP)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> PieceAct.CARRY_ON.apply(spec, TREE, WORKSHOP)).isInstanceOf(RefusedException.class);
    }
}
