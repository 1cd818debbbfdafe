package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Slit;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Door;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * Cut on three sides, hinged on the fourth; a pair meets in the middle with a gap. No adhesive behind it and 2 mm round
 * it. The leaf is a slab of its own and a ground on which things can lie.
 */
@AutoService(Engineer.class)
public final class DoorEngineer implements Engineer<Door> {
    private static final Length BEYOND = Length.ofMillimetres(2);

    @Override
    public Class<Door> engineers() {
        return Door.class;
    }

    @Override
    public void engineer(Door door, BuildDraft draft) {
        draft.ground(door.on(), new Source(door.id(), "on")).ifPresent(ground -> {
            cut(door, ground, draft);
            suits(door, ground, draft);
        });
    }

    private static void cut(Door door, Ground ground, BuildDraft draft) {
        Length w = door.width();
        Length h = door.height();
        Placement corner = Placement.at(door.across().minus(w.half()), door.up().minus(h.half()));
        Outline whole = Outline.sheet(w, h).placed(corner);
        if (door.hinge() == Door.Hinge.PAIR) {
            Length each = w.minus(door.gap()).half();
            leaf(door, ground, draft, Outline.sheet(each, h).placed(corner), Door.Hinge.LEFT);
            Placement other = corner.moved(w.minus(each), Length.ZERO);
            leaf(door, ground, draft, Outline.sheet(each, h).placed(other), Door.Hinge.RIGHT);
        } else {
            leaf(door, ground, draft, whole, door.hinge());
        }
        draft.open(ground.slab(), whole);
        Outline round = Outline.sheet(w.plus(BEYOND.times(2)), h.plus(BEYOND.times(2)))
                .placed(corner.moved(BEYOND.negated(), BEYOND.negated()));
        draft.zone(new Zone(Zone.Use.KEEP_OFF, door.id(), ground.under(), round));
        draft.zone(new Zone(Zone.Use.NO_GLUE, door.id(), ground.under(), round));
        draft.zone(new Zone(Zone.Use.SEEN_THROUGH, door.id(), ground.under(), whole));
        Showings.Spot spot =
                new Showings.Spot(Placement.at(door.across(), door.up()), Showings.room(new Opening.Rectangle(w, h)));
        new Showings(door.shows(), draft).behind(door.id(), ground, door.pictureCard(), List.of(spot));
        Ledger ledger = new Ledger(draft, door.id());
        ledger.formula(
                "Free of glue",
                Amount.of(w.plus(BEYOND.times(2)), h.plus(BEYOND.times(2))),
                "{0} by {1}, and 2 × {2} each way",
                ledger.term("door", w, "width"),
                ledger.term("", h, "height"),
                ledger.term("border", BEYOND, "width"));
    }

    /** Glue laid round it stays off it; the two leaves of a pair, each cut by hand, pass each other. */
    private static void suits(Door door, Ground ground, BuildDraft draft) {
        draft.workings()
                .fit(Fit.of(
                                Fit.Sort.DOOR_CLEAR,
                                ground.part(),
                                Fit.Gauge.atLeast(BEYOND, Length.ZERO, Share.of(1, new Off.Marked(door.id(), 0))))
                        .of(door.id()));
        if (door.hinge() == Door.Hinge.PAIR) {
            draft.workings()
                    .fit(Fit.of(
                                    Fit.Sort.FLAPS_CLEAR,
                                    ground.part(),
                                    Fit.Gauge.atLeast(
                                            door.gap(),
                                            Length.ZERO,
                                            Share.of(1, new Off.Opened(door.id(), Cutout.Sort.DOOR, Off.Axis.ACROSS))))
                            .of(door.id())
                            .easedBy(new Source(door.id(), "gap")));
        }
    }

    private static void leaf(Door door, Ground ground, BuildDraft draft, Outline leaf, Door.Hinge hinge) {
        String which = door.hinge() == Door.Hinge.PAIR && hinge == Door.Hinge.RIGHT ? "second" : "leaf";
        SlabId slab = new SlabId(door.id() + "/" + which);
        Part part = draft.part(ground.part()).orElseThrow();
        draft.slab(new Slab(
                slab,
                ground.part(),
                which.equals("leaf") ? "Door" : "Second door",
                part.material().thickness(),
                List.of(leaf)));
        draft.levelWith(slab, ground.slab());
        List<Point> line = Hinge.around(leaf.bounds(), hinge);
        Placement lies = part.at().get(0);
        double dx = -Mm.of(lies.across());
        double dy = -Mm.of(lies.up());
        List<Point> own =
                ground.openedOut(line).stream().map(p -> p.plus(dx, dy)).toList();
        draft.change(ground.part(), p -> p.with(new Slit(door.id(), own, line)));
        draft.fold(new Fold(ground.part(), own.get(0), own.get(3), Fold.Crease.MOUNTAIN));
        if (which.equals("leaf")) {
            Outline.Size size =
                    new Outline.Size(leaf.bounds().wide(), leaf.bounds().high());
            Placement at = Placement.at(
                    Mm.length(leaf.bounds().left()), Mm.length(leaf.bounds().bottom()));
            draft.ground(
                    door.id(),
                    Ground.of(ground.part(), slab, at, size, Ground.Edge.NONE).on(ground.under()));
        }
        opens(door, ground, draft, slab, line);
    }

    private static void opens(Door door, Ground ground, BuildDraft draft, SlabId slab, List<Point> line) {
        draft.workings()
                .motion(new Motion(
                        door.id(),
                        "opens",
                        List.of(slab),
                        new Move.Fold(line.get(0), line.get(3), Angle.ofDegrees(door.opens())),
                        new Motion.Keeping(
                                List.of(ground.slab()),
                                Length.ZERO,
                                false,
                                Motion.Ends.STOPPED,
                                List.of(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty()),
                        0));
    }

    /** The cut round a leaf: from one end of the hinge round the other three sides to its other end. */
    private static final class Hinge {
        private Hinge() {}

        static List<Point> around(Box b, Door.Hinge hinge) {
            Point lowLeft = new Point(b.left(), b.bottom());
            Point lowRight = new Point(b.right(), b.bottom());
            Point highLeft = new Point(b.left(), b.top());
            Point highRight = new Point(b.right(), b.top());
            return switch (hinge) {
                case RIGHT -> List.of(highRight, highLeft, lowLeft, lowRight);
                case TOP -> List.of(highLeft, lowLeft, lowRight, highRight);
                case BOTTOM -> List.of(lowRight, highRight, highLeft, lowLeft);
                default -> List.of(lowLeft, lowRight, highRight, highLeft);
            };
        }
    }
}
