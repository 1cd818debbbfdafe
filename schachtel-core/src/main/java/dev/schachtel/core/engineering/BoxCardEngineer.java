package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.build.Zone;
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
 * Two halves of tab t, side d and front or back w, as high as walls and flaps: t + d + w each, scored at t and at t + d. Opened it is a box
 * w x d; shut, a parallelogram without height: front and right side beside each other over left side and back, w + d wide.
 */
@AutoService(Engineer.class)
public final class BoxCardEngineer implements Engineer<BoxCard> {
    static final SlabId LEFT = slab("left");
    static final SlabId RIGHT = slab("right");
    static final SlabId BACK = slab("back");
    static final SlabId FRONT = slab("front");
    /** Of the first half, on the back. */
    static final SlabId SEAM = slab("seam");
    /** Of the second half, behind the front. */
    private static final SlabId SECOND_SEAM = slab("second-seam");

    private static final PartId FIRST = BoxHalves.FIRST;
    private static final PartId SECOND = BoxHalves.SECOND;
    /** Degrees from shut to a box. */
    private static final double SQUARE = 90;
    /** Degrees by which a flap hangs down from where it goes on with its wall. */
    private static final double HANGS = 140;
    /** Walls that differ by more show it when it is folded flat: our own estimate. */
    private static final Length NOT_SEEN = Length.ofMicrometres(1500);

    /** Panels by their numbers. */
    private enum Wall {
        FRONT,
        LEFT,
        RIGHT,
        BACK,
        FRONT_FLAP,
        LEFT_FLAP,
        RIGHT_FLAP
    }

    private static SlabId slab(String which) {
        return SlabId.of(new PartId(Id.BASE, which));
    }

    @Override
    public Class<BoxCard> engineers() {
        return BoxCard.class;
    }

    @Override
    public void engineer(BoxCard asked, BuildDraft draft) {
        BoxSizes.limits(asked, draft);
        BoxCard box = BoxSizes.drawn(asked);
        Cardstock card = new Materials(draft).card(box.card(), new Source(Id.BASE, "card"));
        draft.face(Outline.sheet(box.width(), box.height()));
        new BoxHalves(box, draft).cut(card);
        slabs(box, draft, card);
        faces(box, draft);
        List<Panel> panels = new ArrayList<>(panels(box));
        List<Hinge> hinges = new ArrayList<>(hinges(box));
        Material glue = new Materials(draft).glue(new Source(Id.BASE, "tab"));
        draft.lay(SEAM, BACK, glue);
        draft.joint(new Joint(FRONT, SECOND_SEAM, Joint.Hold.HANGS, glue, glue.thickness()));
        draft.work(
                Work.laying(WorkKind.JOIN_STRIP, Id.BASE, new Work.Laying(List.of(SECOND), glue, false, true), FRONT));
        new BoxRows(box, draft, glue).lay(panels, hinges, Wall.LEFT.ordinal(), Wall.RIGHT.ordinal());
        draft.work(Work.of(WorkKind.CLOSE_BOX, Id.BASE, SEAM, BACK));
        fits(draft);
        BoxSizes.derive(box, draft);
        draft.zone(new Zone(Zone.Use.WRITING, Id.BASE, BACK, wall(box, box.deep(), box.front())));
        draft.workings().unfolds(new Unfolding(Unfolding.Standing.STANDS, "opens", panels, hinges, List.of(), 100));
        draft.afterwards(() -> {
            for (SlabId upper : List.of(RIGHT, FRONT)) {
                new Closing(draft, upper, LEFT, card).meet();
                new Closing(draft, upper, BACK, card).meet();
            }
        });
    }

    private static Outline sheet(BoxCard box, Length left, Length wide) {
        return Outline.sheet(wide, box.height()).placed(Placement.at(left, Length.ZERO));
    }

    private static Outline wall(BoxCard box, Length left, Length wide) {
        return Outline.sheet(wide, box.walls()).placed(Placement.at(left, Length.ZERO));
    }

    private static Outline flap(BoxCard box, Length left, Length wide) {
        return Outline.sheet(wide, box.flaps()).placed(Placement.at(left, box.walls()));
    }

    private static void slabs(BoxCard box, BuildDraft draft, Cardstock card) {
        Length w = box.front();
        Length d = box.deep();
        Length t = box.tab();
        draft.slab(new Slab(LEFT, FIRST, "Left side", card.thickness(), List.of(sheet(box, Length.ZERO, d))));
        draft.slab(new Slab(BACK, SECOND, "Back", card.thickness(), List.of(sheet(box, d, w))));
        draft.slab(new Slab(SEAM, FIRST, "Tab of the left side", card.thickness(), List.of(wall(box, d, t))));
        draft.slab(new Slab(
                SECOND_SEAM, SECOND, "Tab of the right side", card.thickness(), List.of(wall(box, w.minus(t), t))));
        draft.slab(new Slab(RIGHT, SECOND, "Right side", card.thickness(), List.of(sheet(box, w, d))));
        draft.slab(new Slab(FRONT, FIRST, "Front", card.thickness(), List.of(sheet(box, Length.ZERO, w))));
    }

    private static void faces(BoxCard box, BuildDraft draft) {
        Length w = box.front();
        Length d = box.deep();
        Outline.Size front = new Outline.Size(w, box.walls());
        Outline.Size side = new Outline.Size(d, box.walls());
        draft.ground(
                Id.FRONT,
                Ground.of(FIRST, FRONT, Placement.ORIGIN, front, Ground.Edge.SIDES)
                        .on(LEFT));
        draft.ground(
                BoxCard.RIGHT_SIDE,
                Ground.of(SECOND, RIGHT, Placement.at(w, Length.ZERO), side, Ground.Edge.SIDES)
                        .on(BACK));
        draft.ground(
                Id.INSIDE,
                Ground.of(
                                SECOND,
                                BACK,
                                Placement.at(d, Length.ZERO),
                                new Outline.Size(w, box.height()),
                                Ground.Edge.SIDES)
                        .folded(TurnedOver.aside(w.plus(d))));
        draft.ground(
                BoxCard.LEFT_FLAP,
                Ground.of(
                                FIRST,
                                LEFT,
                                Placement.at(Length.ZERO, box.walls()),
                                new Outline.Size(d, box.flaps()),
                                Ground.Edge.NONE)
                        .folded(TurnedOver.aside(Length.ZERO)));
        reverse(draft, BoxCard.FRONT_FLAP, FIRST, FRONT, flap(box, Length.ZERO, w));
        reverse(draft, BoxCard.RIGHT_FLAP, SECOND, RIGHT, flap(box, w, d));
        reverse(draft, BoxCard.LEFT_SIDE, FIRST, LEFT, wall(box, Length.ZERO, d));
        reverse(draft, Id.OUTSIDE_BACK, SECOND, BACK, sheet(box, d, w));
    }

    private static void reverse(BuildDraft draft, Id name, PartId part, SlabId slab, Outline lies) {
        TurnedOver over = TurnedOver.aside(Mm.length(lies.bounds().centre().x()));
        draft.faces().add(name, new Reverse(part, slab, over.back(lies), over));
    }

    /** In the order of their numbers. */
    private static List<Panel> panels(BoxCard box) {
        Length w = box.front();
        Length d = box.deep();
        return List.of(
                new Panel("front", FRONT, wall(box, Length.ZERO, w)),
                new Panel("left side", LEFT, wall(box, Length.ZERO, d)),
                new Panel("right side", RIGHT, wall(box, w, d)),
                new Panel("back", BACK, sheet(box, d, w)),
                new Panel("front flap", FRONT, flap(box, Length.ZERO, w)),
                new Panel("left flap", LEFT, flap(box, Length.ZERO, d)),
                new Panel("right flap", RIGHT, flap(box, w, d)));
    }

    /** Both sides turn back from the front; the back follows, since the walls hang together all round. */
    private static List<Hinge> hinges(BoxCard box) {
        Length w = box.front();
        Length d = box.deep();
        Length none = Length.ZERO;
        int front = Wall.FRONT.ordinal();
        int left = Wall.LEFT.ordinal();
        int right = Wall.RIGHT.ordinal();
        int back = Wall.BACK.ordinal();
        return List.of(
                Hinge.fixed(Hinge.BOARD, front, new Hinge.Line(Point.ORIGIN, Point.of(w, none))),
                Hinge.of(front, left, upright(none, box.walls()), 0, SQUARE),
                Hinge.of(front, right, upright(w, box.walls()), 0, SQUARE),
                Hinge.following("back", right, back, upright(w.plus(d), box.walls()), -1),
                Hinge.following("back", back, left, upright(d, box.walls()), 1),
                Hinge.of(front, Wall.FRONT_FLAP.ordinal(), level(none, w, box.walls()), 0, HANGS),
                Hinge.of(left, Wall.LEFT_FLAP.ordinal(), level(none, d, box.walls()), 0, -HANGS),
                Hinge.of(right, Wall.RIGHT_FLAP.ordinal(), level(w, w.plus(d), box.walls()), 0, HANGS));
    }

    private static Hinge.Line upright(Length at, Length high) {
        return new Hinge.Line(Point.of(at, Length.ZERO), Point.of(at, high));
    }

    private static Hinge.Line level(Length from, Length to, Length at) {
        return new Hinge.Line(Point.of(from, at), Point.of(to, at));
    }

    /** It folds flat as long as facing walls are alike: front and back, left and right. */
    private static void fits(BuildDraft draft) {
        Share[] backs = {
            Share.of(1, new Off.Size(FIRST, Off.Axis.ACROSS)),
            Share.of(-1, new Off.Scored(FIRST, 1)),
            Share.of(-1, new Off.Size(SECOND, Off.Axis.ACROSS)),
            Share.of(1, new Off.Scored(SECOND, 1))
        };
        Share[] sides = {
            Share.of(1, new Off.Scored(FIRST, 1)),
            Share.of(-1, new Off.Scored(FIRST, 0)),
            Share.of(-1, new Off.Scored(SECOND, 1)),
            Share.of(1, new Off.Scored(SECOND, 0))
        };
        for (Share[] off : List.of(backs, sides)) {
            draft.workings()
                    .fit(Fit.of(
                            Fit.Sort.FLUSH,
                            FIRST,
                            List.of(new Fit.Gauge(Length.ZERO, NOT_SEEN.negated(), NOT_SEEN, List.of(off)))));
        }
    }
}
