package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Shaped;
import dev.schachtel.core.card.Silhouette;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.shape.Silhouettes;
import dev.schachtel.core.shape.Stretch;

/**
 * Front and back share an outline. With a straight stretch of at least 20 mm at the left they are one piece, scored along
 * it; else they are two, joined by a strip of 12 mm on each.
 */
@AutoService(Engineer.class)
public final class ShapedEngineer implements Engineer<Shaped> {
    private static final PartId BACK = new PartId(Id.BASE, "");
    private static final PartId FRONT = new PartId(Id.BASE, "front-leaf");
    private static final PartId STRIP = new PartId(Id.BASE, "strip");
    private static final Length LEAST_EDGE = Length.ofMillimetres(20);
    private static final Length STRIP_EACH = Length.ofMillimetres(12);

    @Override
    public Class<Shaped> engineers() {
        return Shaped.class;
    }

    @Override
    public void engineer(Shaped shaped, BuildDraft draft) {
        Cardstock card = new Materials(draft).card(shaped.card(), new Source(Id.BASE, "card"));
        Outline leaf = outline(shaped.outline(), draft);
        draft.face(leaf);
        Optional<Stretch> edge = Stretch.uprightEdge(leaf, leaf.bounds().left())
                .filter(e -> !e.length().isBelow(LEAST_EDGE));
        if (edge.isEmpty()) {
            draft.fault(Fault.mend(RuleId.STRAIGHT_EDGE, new Source(Id.BASE, "outline"), "")
                    .watch());
        }
        boolean scored = shaped.join() == Shaped.Join.SCORE && edge.isPresent();
        if (scored) {
            onePiece(draft, leaf, edge.get(), card);
        } else {
            twoPieces(draft, leaf, card);
        }
        Length w = leaf.bounds().wide();
        Length h = leaf.bounds().high();
        draft.slab(new Slab(FlatFoldEngineer.BACK, BACK, "Base back", card.thickness(), List.of(leaf)));
        draft.slab(
                new Slab(FlatFoldEngineer.FRONT, scored ? BACK : FRONT, "Base front", card.thickness(), List.of(leaf)));
        Outline.Size size = new Outline.Size(w, h);
        if (!scored) {
            hinge(draft, edge, h, card);
        }
        draft.ground(
                Id.FRONT,
                Ground.of(scored ? BACK : FRONT, FlatFoldEngineer.FRONT, Placement.ORIGIN, size, Ground.Edge.LEFT)
                        .on(FlatFoldEngineer.BACK)
                        .shaped(leaf));
        Ground inside = Ground.of(BACK, FlatFoldEngineer.BACK, Placement.ORIGIN, size, Ground.Edge.LEFT)
                .shaped(leaf);
        draft.ground(Id.INSIDE, scored ? inside.folded(TurnedOver.aside(Length.ZERO)) : inside);
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, FlatFoldEngineer.BACK, leaf));
        draft.workings().unfolds(FlatFoldEngineer.aside(leaf, Length.ZERO));
        derive(draft, w, h, edge, scored);
        draft.afterwards(() -> new Closing(draft, FlatFoldEngineer.FRONT, FlatFoldEngineer.BACK, card).meet());
    }

    private static Outline outline(Silhouette shape, BuildDraft draft) {
        if (shape instanceof Silhouette.Own own) {
            OwnOutline.judge(own.path(), new Source(Id.BASE, "outline.path"), draft);
            return OwnOutline.scaled(own.path(), own.width(), own.height());
        }
        if (shape instanceof Silhouette.Arch) {
            return Silhouettes.arch(shape.width(), shape.height());
        }
        if (shape instanceof Silhouette.Pennant) {
            return Silhouettes.pennant(shape.width(), shape.height());
        }
        if (shape instanceof Silhouette.House) {
            return Silhouettes.house(shape.width(), shape.height());
        }
        return shape instanceof Silhouette.Lantern
                ? Silhouettes.lantern(shape.width(), shape.height())
                : Silhouettes.ticket(shape.width(), shape.height());
    }

    private static void onePiece(BuildDraft draft, Outline leaf, Stretch edge, Cardstock card) {
        Length w = leaf.bounds().wide();
        Outline both = leaf.joined(leaf.mirrored(0)).placed(Placement.at(w, Length.ZERO));
        draft.folded(Part.of(
                        BACK,
                        "Card base",
                        card,
                        Form.of(Form.Sort.SHAPE, w.times(2), leaf.bounds().high()),
                        both)
                .at(Placement.at(w.negated(), Length.ZERO))
                .grain(Grain.UP)
                .cutBy(CutMethod.ELECTRONIC));
        draft.fold(new Fold(BACK, Point.of(w, edge.from()), Point.of(w, edge.to()), Fold.Crease.MOUNTAIN));
    }

    private static void twoPieces(BuildDraft draft, Outline leaf, Cardstock card) {
        Length h = leaf.bounds().high();
        Form form = Form.of(Form.Sort.SHAPE, leaf.bounds().wide(), h);
        draft.folded(Part.of(BACK, "Back leaf", card, form, leaf).cutBy(CutMethod.ELECTRONIC));
        draft.folded(Part.of(FRONT, "Front leaf", card, form, leaf).cutBy(CutMethod.ELECTRONIC));
    }

    /** A strip folded lengthwise, stuck inside to both leaves, as long as the straight edge or else half the height. */
    private static void hinge(BuildDraft draft, Optional<Stretch> edge, Length h, Cardstock card) {
        Length tall = edge.map(Stretch::length).orElse(h.half());
        Length foot = edge.map(Stretch::from).orElse(Length.ofNanometres(h.nanometres() / 4));
        Length wide = STRIP_EACH.times(2);
        draft.folded(Part.of(STRIP, "Hinge strip", card, Form.rectangle(wide, tall), Outline.sheet(wide, tall))
                .at(Placement.at(STRIP_EACH.negated(), foot))
                .grain(Grain.UP));
        draft.fold(
                new Fold(STRIP, Point.of(STRIP_EACH, Length.ZERO), Point.of(STRIP_EACH, tall), Fold.Crease.MOUNTAIN));
        Outline shut = Outline.sheet(STRIP_EACH, tall).placed(Placement.at(Length.ZERO, foot));
        SlabId slab = SlabId.of(STRIP);
        draft.slab(new Slab(slab, STRIP, "Hinge strip", card.thickness().times(2), List.of(shut)));
        Material glue = new Materials(draft).glue(new Source(Id.BASE, "join"));
        draft.lay(slab, FlatFoldEngineer.BACK, glue);
        draft.joint(new Joint(FlatFoldEngineer.FRONT, slab, Joint.Hold.HINGES, glue, glue.thickness()));
        new Ledger(draft, Id.BASE)
                .formula(
                        "Hinge strip",
                        Amount.of(wide, tall),
                        "2 × {0}, as long as the straight edge",
                        new Ledger(draft, Id.BASE).term("on each leaf", STRIP_EACH, "join"));
    }

    private static void derive(BuildDraft draft, Length w, Length h, Optional<Stretch> edge, boolean scored) {
        Ledger ledger = new Ledger(draft, Id.BASE);
        if (scored) {
            ledger.formula(
                    "Blank",
                    Amount.of(w.times(2), h),
                    "2 × {0} by {1}, cut to the outline",
                    ledger.term("width", w, "outline.width"),
                    ledger.term("height", h, "outline.height"));
        }
        edge.ifPresent(e -> ledger.formula(
                "Straight edge",
                Amount.of(e.length()),
                "from {0} to {1} above the foot",
                ledger.term("", e.from(), "outline.height"),
                ledger.term("", e.to(), "outline.height")));
    }
}
