package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slit;
import dev.schachtel.core.card.BoxCard;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** The two sheets that the walls of a box are made of: tab, left side and front; tab, right side and back. Each wall has its flap above it. */
record BoxHalves(BoxCard box, BuildDraft draft) {
    static final PartId FIRST = new PartId(Id.BASE, "");
    static final PartId SECOND = new PartId(Id.BASE, "second-half");

    /** Its tab is as high as the walls: beside the flaps it is cut off. */
    void cut(Cardstock card) {
        Length t = box.tab();
        Length wide = t.plus(box.deep()).plus(box.front());
        Outline corner = Outline.sheet(t, box.flaps()).placed(Placement.at(Length.ZERO, box.walls()));
        Outline half = Outline.sheet(wide, box.height()).without(corner);
        Length second = t.plus(box.deep());
        for (PartId id : List.of(FIRST, SECOND)) {
            boolean first = id.equals(FIRST);
            Length left = first ? second.negated() : box.front().minus(t);
            draft.folded(Part.of(id, first ? "Front half" : "Back half", card, Form.rectangle(wide, box.height()), half)
                    .at(Placement.at(left, Length.ZERO))
                    .grain(Grain.UP)
                    .cutBy(CutMethod.KNIFE)
                    .with(slit(second, first ? Length.ZERO : box.width())));
            upright(id, t, box.walls());
            upright(id, second, box.walls());
            flap(id, t, second, box.walls());
        }
        flap(FIRST, second, wide, box.walls());
    }

    /** Between two flaps. */
    private Slit slit(Length at, Length onFace) {
        return new Slit(Id.BASE, upTo(at), upTo(onFace));
    }

    private List<Point> upTo(Length at) {
        return List.of(Point.of(at, box.walls()), Point.of(at, box.height()));
    }

    private void upright(PartId part, Length at, Length high) {
        draft.fold(new Fold(part, Point.of(at, Length.ZERO), Point.of(at, high), Fold.Crease.MOUNTAIN));
    }

    private void flap(PartId part, Length from, Length to, Length at) {
        draft.fold(new Fold(part, Point.of(from, at), Point.of(to, at), Fold.Crease.VALLEY));
    }
}
