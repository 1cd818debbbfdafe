package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.scene.Fact.Fix;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** What could help a scene: each as a change of the scene, to see what comes of it, and as one of the card. */
final class Fixes {
    private Fixes() {}

    static Fix move(Placed p, double dx, double dy) {
        return of(p, Fix.Kind.MOVE, s -> s.with(p.moved(dx, dy)), spec -> moved(spec, p.id(), dx, dy));
    }

    /** What is locked stays as it is, so that it helps nothing. */
    private static Fix of(Placed p, Fix.Kind way, UnaryOperator<Scenery> scene, UnaryOperator<CardSpec> edit) {
        return new Fix(way, p.piece().locked() ? UnaryOperator.identity() : scene, edit);
    }

    /** Away by so many millimetres in each direction; what stands on the ground only along it. */
    static List<Fix> aside(Placed p, double by) {
        List<Fix> all = new ArrayList<>(List.of(move(p, by, 0), move(p, -by, 0)));
        if (!p.stands()) {
            all.add(move(p, 0, by));
            all.add(move(p, 0, -by));
        }
        return all;
    }

    /** To where it has most room, which is looked for when it is asked for: most remedies are never looked at. */
    static Fix toRoom(Scenery scenery, Placed p) {
        Supplier<Point> by = once(() -> {
            Point at = Room.of(scenery.without(p), p.picture(), p.scale());
            Point now = p.outline().bounds().centre();
            return new Point(at.x() - now.x(), at.y() - now.y());
        });
        return of(
                p,
                Fix.Kind.MOVE,
                s -> s.with(p.moved(by.get().x(), by.get().y())),
                spec -> moved(spec, p.id(), by.get().x(), by.get().y()));
    }

    private static <T> Supplier<T> once(Supplier<T> work) {
        AtomicReference<T> found = new AtomicReference<>();
        return () -> {
            T known = found.get();
            if (known == null) {
                known = work.get();
                found.set(known);
            }
            return known;
        };
    }

    static Fix mirror(Placed p) {
        return of(p, Fix.Kind.MIRROR, s -> s.with(p.mirrored()), spec -> PieceAct.MIRROR.apply(spec, p.id()));
    }

    /** What stands over the edge is cut off. */
    static Fix trim(Scenery scenery, Placed p) {
        return of(
                p,
                Fix.Kind.TRIM,
                s -> p.outline().common(scenery.face()).stream()
                        .max(Comparator.comparing(Outline::area))
                        .map(o -> s.with(p.with(o)))
                        .orElse(s),
                spec -> PieceAct.TRIM.apply(spec, p.id()));
    }

    /** So many times as large, its foot where it was. */
    static Fix larger(Placed p, double times) {
        Box box = p.outline().bounds();
        double up = box.height() * (times - 1) / 2;
        Length height = rounded(Mm.of(p.piece().shape().height()) * times);
        return of(
                p,
                Fix.Kind.LARGER,
                s -> s.with(p.larger(times)),
                spec -> moved(PieceEdit.of(spec, p.id()).shapeHigh(height).card(), p.id(), 0, up));
    }

    /** Before all others. */
    static Fix forward(Placed p) {
        return of(p, Fix.Kind.FORWARD, s -> s.without(p).plus(p), spec -> PieceAct.toFront(spec, p.id()));
    }

    /** On what another lies on, so that it stands out as far. */
    static Fix like(Placed p, Placed other) {
        MaterialId fixing = other.piece().fixing();
        return of(p, Fix.Kind.RAISE, s -> s.with(p.standingOut(other.above())), spec -> PieceEdit.of(spec, p.id())
                .heldBy(fixing)
                .card());
    }

    /** Cut from the card that another is cut from. */
    static Fix sameCard(Placed p, Placed other) {
        MaterialId card = other.piece().card();
        return of(p, Fix.Kind.SAME_CARD, s -> s.with(p.coloured(other.colour())), spec -> PieceEdit.of(spec, p.id())
                .cutFrom(card)
                .card());
    }

    /** One more of the same, where there is most room. */
    static Fix another(Scenery scenery, Placed like) {
        Supplier<Point> at = once(() -> Room.of(scenery, like.picture(), like.scale()));
        Point now = like.outline().bounds().centre();
        return new Fix(
                Fix.Kind.ADD,
                s -> s.plus(like.moved(at.get().x() - now.x(), at.get().y() - now.y())),
                spec -> Room.placed(
                        spec,
                        scenery.on(),
                        like.picture(),
                        new Room.Put(at.get(), like.scale(), like.piece().card())));
    }

    static Fix remove(Placed p) {
        return of(p, Fix.Kind.REMOVE, s -> s.without(p), spec -> PieceAct.REMOVE.apply(spec, p.id()));
    }

    static Fix sayAgain(String fact) {
        return new Fix(Fix.Kind.SAY_AGAIN, s -> s, spec -> CardEdit.of(spec).meantSo(fact));
    }

    private static CardSpec moved(CardSpec spec, Id id, double dx, double dy) {
        return Positions.moved(spec, id, rounded(dx), rounded(dy));
    }

    /** To a hundredth of a millimetre. */
    static Length rounded(double mm) {
        return Length.ofMicrometres(10 * Math.round(mm * 100));
    }
}
