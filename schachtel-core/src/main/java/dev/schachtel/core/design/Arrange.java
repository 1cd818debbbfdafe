package dev.schachtel.core.design;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/** Puts pieces in line: in the middle of what they lie on, in line with each other, or with equal gaps. */
public final class Arrange {
    private final CardSpec spec;
    private final Build build;

    private Arrange(CardSpec spec, Workshop workshop) {
        this.spec = spec;
        this.build = Engineering.engineer(spec, workshop);
    }

    public static Arrange of(CardSpec spec, Workshop workshop) {
        return new Arrange(spec, workshop);
    }

    /** A piece in the middle of what it lies on, across or up. */
    public CardSpec centre(Id id, boolean up) {
        Box own = box(id);
        Box ground = ground(id);
        return move(spec, id, up, middle(ground, up) - middle(own, up));
    }

    /** All pieces in line with the first. */
    public CardSpec align(List<Id> ids, boolean up) {
        CardSpec now = spec;
        double to = middle(box(ids.get(0)), up);
        for (Id id : ids.subList(1, ids.size())) {
            now = move(now, id, up, to - middle(box(id), up));
        }
        return now;
    }

    /** The feet of all pieces as high as that of the first. */
    public CardSpec feet(List<Id> ids) {
        CardSpec now = spec;
        double to = box(ids.get(0)).bottom();
        for (Id id : ids.subList(1, ids.size())) {
            now = move(now, id, true, to - box(id).bottom());
        }
        return now;
    }

    /**
     * The outermost two stay, the others come to lie between them with equal gaps; gaps differ by a micrometre at most.
     *
     * @throws RefusedException if there are fewer than three
     */
    public CardSpec spread(List<Id> ids, boolean up) {
        if (ids.size() < 3) {
            throw new RefusedException("pieces", "it takes three pieces to spread them evenly");
        }
        List<Id> order = ids.stream()
                .sorted(Comparator.comparingDouble((Id id) -> middle(box(id), up))
                        .thenComparing(id -> id))
                .toList();
        double from = low(box(order.get(0)), up);
        double to = high(box(order.get(order.size() - 1)), up);
        double taken = order.stream().mapToDouble(id -> size(box(id), up)).sum();
        double gap = (to - from - taken) / (order.size() - 1);
        CardSpec now = spec;
        double at = from;
        for (Id id : order) {
            now = move(now, id, up, at - low(box(id), up));
            at += size(box(id), up) + gap;
        }
        return now;
    }

    private static CardSpec move(CardSpec card, Id id, boolean up, double by) {
        Length far = Mm.length(by);
        return far.isZero() ? card : Positions.moved(card, id, up ? Length.ZERO : far, up ? far : Length.ZERO);
    }

    private Box box(Id id) {
        Optional<Box> slabs = build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(id))
                .map(l -> l.slab().bounds())
                .reduce(Box::union);
        return slabs.or(() -> build.parts().stream()
                        .flatMap(p -> p.cutouts().stream())
                        .filter(c -> c.owner().equals(id))
                        .map(Cutout::onFace)
                        .map(o -> o.bounds())
                        .reduce(Box::union))
                .orElseThrow(() -> new RefusedException(id.value(), "has no place on the card"));
    }

    /** What a piece rests on or is cut in; the face if neither is known. */
    private Box ground(Id id) {
        Optional<Box> under = build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.RESTS || j.hold() == Joint.Hold.HANGS)
                .filter(j -> owner(j).filter(id::equals).isPresent())
                .map(j -> j.hold() == Joint.Hold.HANGS ? j.upper() : j.lower())
                .flatMap(s -> build.level(s).stream())
                .filter(l -> !l.slab().part().owner().equals(id))
                .map(l -> l.slab().bounds())
                .findFirst();
        return under.or(() -> build.levels().stream()
                        .filter(l -> build.part(l.slab().part()).stream()
                                .flatMap(p -> p.cutouts().stream())
                                .anyMatch(c -> c.owner().equals(id)))
                        .map(l -> l.slab().bounds())
                        .findFirst())
                .orElseGet(() -> build.face().bounds());
    }

    private Optional<Id> owner(Joint joint) {
        boolean hangs = joint.hold() == Joint.Hold.HANGS;
        Optional<Level> level = build.level(hangs ? joint.lower() : joint.upper());
        return level.map(l -> l.slab().part().owner());
    }

    private static double middle(Box box, boolean up) {
        return up ? box.centre().y() : box.centre().x();
    }

    private static double low(Box box, boolean up) {
        return up ? box.bottom() : box.left();
    }

    private static double high(Box box, boolean up) {
        return up ? box.top() : box.right();
    }

    private static double size(Box box, boolean up) {
        return up ? box.height() : box.width();
    }
}
