package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.BoxCard;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/**
 * Strips from the left side of a box to its right one, as long as the front between their creases, and as far from it on both sides: so they keep
 * parallel to it at every opening. Shut, a strip lies straight: its left tab goes towards the front, its right one towards the back.
 */
final class BoxRows {
    /** A row that is askew by more than three degrees looks crooked: their tangent, our own estimate. */
    private static final double ASKEW = 0.052;

    private final BoxCard box;
    private final BuildDraft draft;
    private final Material glue;
    private final Cardstock card;

    BoxRows(BoxCard box, BuildDraft draft, Material glue) {
        this.box = box;
        this.draft = draft;
        this.glue = glue;
        this.card = new Materials(draft).card(box.rowCard(), new Source(Id.BASE, "rowCard"));
    }

    /** From the front to the first row, from row to row, and from the last to the back. */
    static Length between(BoxCard box) {
        return Length.ofNanometres(box.deep().nanometres() / (box.rows() + 1));
    }

    private static PartId part(int row) {
        return new PartId(Id.BASE, BoxCard.row(row).value());
    }

    private static SlabId panel(int row) {
        return SlabId.of(new PartId(Id.BASE, BoxCard.row(row) + "-panel"));
    }

    private static SlabId rightTab(int row) {
        return SlabId.of(new PartId(Id.BASE, BoxCard.row(row) + "-right-tab"));
    }

    /**
     * All of them, the last one first: each lies over those behind it.
     *
     * @param panels of the card, to which theirs are added
     * @param left the number of the panel on which they begin
     * @param right the one on which they end
     */
    void lay(List<Panel> panels, List<Hinge> hinges, int left, int right) {
        for (int row = box.rows(); row >= 1; row--) {
            Length at = between(box).times(row);
            cut(row, at);
            stick(row);
            int number = panels.size();
            Outline lies = lies(at, box.front());
            panels.add(new Panel("row " + row, panel(row), lies));
            String name = "row " + row;
            hinges.add(Hinge.following(name, left, number, upright(at), -1));
            hinges.add(Hinge.following(name, number, right, upright(at.plus(box.front())), 1));
            draft.workings().fit(parallel(row));
        }
        if (box.rows() > 0) {
            draft.work(Work.of(WorkKind.FOLD_ON_ROWS, Id.BASE, BoxCardEngineer.LEFT, BoxCardEngineer.RIGHT)
                    .times(box.rows()));
        }
    }

    private Outline lies(Length from, Length wide) {
        return Outline.sheet(wide, box.rowHeight()).placed(Placement.at(from, box.rowUp()));
    }

    private Hinge.Line upright(Length at) {
        return new Hinge.Line(
                Point.of(at, box.rowUp()), Point.of(at, box.rowUp().plus(box.rowHeight())));
    }

    private void cut(int row, Length at) {
        Length t = box.tab();
        Length h = box.rowHeight();
        Length whole = box.front().plus(t.times(2));
        PartId part = part(row);
        draft.folded(Part.of(part, "Strip of row " + row, card, Form.rectangle(whole, h), Outline.sheet(whole, h))
                .at(Placement.at(at.minus(t), box.rowUp())));
        fold(part, t, Fold.Crease.VALLEY);
        fold(part, t.plus(box.front()), Fold.Crease.MOUNTAIN);
        slab(SlabId.of(part), part, "Row " + row + ", left tab", lies(at.minus(t), t));
        slab(panel(row), part, "Row " + row, lies(at, box.front()));
        slab(rightTab(row), part, "Row " + row + ", right tab", lies(at.plus(box.front()), t));
        Outline.Size size = new Outline.Size(box.front(), h);
        draft.ground(
                BoxCard.row(row),
                Ground.of(part, panel(row), Placement.at(at, box.rowUp()), size, Ground.Edge.SIDES)
                        .on(BoxCardEngineer.BACK));
    }

    private void slab(SlabId id, PartId part, String name, Outline lies) {
        draft.slab(new Slab(id, part, name, card.thickness(), List.of(lies)));
    }

    private void fold(PartId part, Length at, Fold.Crease crease) {
        draft.fold(new Fold(part, Point.of(at, Length.ZERO), Point.of(at, box.rowHeight()), crease));
    }

    private void stick(int row) {
        PartId part = part(row);
        draft.lay(SlabId.of(part), BoxCardEngineer.LEFT, glue);
        draft.joint(new Joint(BoxCardEngineer.RIGHT, rightTab(row), Joint.Hold.HANGS, glue, glue.thickness()));
        draft.workings().popUps().tab(rightTab(row));
        draft.workings().popUps().between(panel(row));
        draft.work(Work.laying(
                WorkKind.SET_ROW, Id.BASE, new Work.Laying(List.of(part), glue, false, true), BoxCardEngineer.LEFT));
        draft.afterwards(() -> {
            over(row, BoxCardEngineer.LEFT, glue.thickness());
            over(row, BoxCardEngineer.BACK, Length.ZERO);
            Length tab = card.thickness().plus(glue.thickness());
            for (int behind = row + 1; behind <= box.rows(); behind++) {
                over(row, panel(behind), Length.ZERO);
                draft.joint(new Joint(BoxCardEngineer.RIGHT, panel(behind), Joint.Hold.MEETS, card, tab));
            }
            draft.joint(new Joint(BoxCardEngineer.RIGHT, BoxCardEngineer.BACK, Joint.Hold.MEETS, card, tab));
        });
    }

    /** It lies over that slab and what rests on that, as far as they are under it. */
    private void over(int row, SlabId under, Length least) {
        for (SlabId lower : Resting.on(draft, under)) {
            if (Resting.overlap(draft, panel(row), lower)) {
                draft.joint(new Joint(panel(row), lower, Joint.Hold.MEETS, card, least));
            }
        }
    }

    /** Glued while all lies flat, it is parallel to the front wherever its mark is, as long as it is as long as that. */
    private Fit parallel(int row) {
        PartId part = part(row);
        Share[] off = {
            Share.of(1, new Off.Scored(part, 1)),
            Share.of(-1, new Off.Scored(part, 0)),
            Share.of(-1, new Off.Size(BoxHalves.FIRST, Off.Axis.ACROSS)),
            Share.of(1, new Off.Scored(BoxHalves.FIRST, 1))
        };
        Length most = Mm.length(Mm.of(box.front()) * ASKEW);
        return Fit.of(
                Fit.Sort.STANDS_SQUARE, part, List.of(new Fit.Gauge(Length.ZERO, most.negated(), most, List.of(off))));
    }
}
