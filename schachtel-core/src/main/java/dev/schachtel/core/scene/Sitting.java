package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.edit.Positions;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.scene.Fact.Fix;
import dev.schachtel.core.scene.Fact.Kind;
import dev.schachtel.core.scene.Scenery.Placed;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** How a scene sits: facts with their figures and remedies, the worst first. Advice, but for words and what must stay free. */
public final class Sitting {
    /** Feet may be that far from the ground, mm. */
    static final double ON_GROUND = 0.5;
    /** Edges nearer than this look like a mistake, mm. */
    static final double NEAR = 2;
    /** Overlaps of less look like a mistake, mm. */
    static final double LITTLE = 3;

    private static final double LEAST_SEEN = 30;
    private static final double LEAST_FREE = 20;
    private static final double MOST_FREE = 60;
    private static final double OFF_MIDDLE = 0.1;
    private static final double NEAR_EDGE = 0.25;
    /** Words have so much of their strip's height free round them: their x-height. */
    private static final double X_HEIGHT = 0.45;

    private final Scenery scenery;
    private final Box face;
    private final List<Fact> facts = new ArrayList<>();

    private Sitting(Scenery scenery) {
        this.scenery = scenery;
        this.face = scenery.face().bounds();
    }

    /** All facts about a scene; none for a face without pictures. */
    public static List<Fact> of(Scenery scenery) {
        if (scenery.pieces().isEmpty()) {
            return List.of();
        }
        Sitting sitting = new Sitting(scenery);
        sitting.each();
        sitting.pairs();
        sitting.repeats();
        sitting.words();
        sitting.balance();
        sitting.free();
        return sitting.facts.stream()
                .map(f -> f.severity() == Severity.WATCH && scenery.meant().contains(f.key()) ? f.meant() : f)
                .sorted(Comparator.comparing(Fact::severity))
                .toList();
    }

    private void each() {
        Ground ground = new Ground(scenery);
        int onGround = 0;
        for (int i = 0; i < scenery.pieces().size(); i++) {
            Placed p = scenery.pieces().get(i);
            OptionalDouble over = ground.below(p.foot());
            if (p.stands() && over.isPresent() && over.getAsDouble() > ON_GROUND) {
                facts.add(Fact.of(
                        Kind.GROUND, Severity.WATCH, List.of(p), over.getAsDouble(), move(p, 0, -over.getAsDouble())));
            } else if (p.stands() && over.isPresent()) {
                onGround++;
            }
            looksOut(p);
            overhang(p);
            keepClear(p);
            seen(p, scenery.pieces().subList(i + 1, scenery.pieces().size()));
        }
        if (onGround > 0 && facts.stream().noneMatch(f -> f.kind() == Kind.GROUND)) {
            facts.add(Fact.whole(Kind.GROUND, Severity.WORKS, onGround, face.centre()));
        }
    }

    private void looksOut(Placed p) {
        Box box = p.outline().bounds();
        double left = box.left() - face.left();
        double right = face.right() - box.right();
        boolean out = p.looks() == Picture.Looks.LEFT && left < NEAR_EDGE * face.width() && left < right
                || p.looks() == Picture.Looks.RIGHT && right < NEAR_EDGE * face.width() && right < left;
        if (out) {
            facts.add(Fact.of(
                    Kind.LOOKS_OUT,
                    Severity.WATCH,
                    List.of(p),
                    Math.max(0, Math.min(left, right)),
                    new Fix(Fix.Way.MIRROR, spec -> CardEdit.of(spec)
                            .set(p.id(), "mirrored", Boolean.toString(!p.piece().mirrored())))));
        }
    }

    /** Ground may run out over the sides, where it is trimmed. */
    private void overhang(Placed p) {
        Box box = p.outline().bounds();
        double left = face.left() - box.left();
        double right = box.right() - face.right();
        double foot = face.bottom() - box.bottom();
        double top = box.top() - face.top();
        double most = Math.max(Math.max(left, right), Math.max(foot, top));
        if (most > 0.05 && !p.isGround()) {
            double dx = Math.max(0, left) - Math.max(0, right);
            double dy = Math.max(0, foot) - Math.max(0, top);
            facts.add(Fact.of(
                    Kind.OVERHANG, foot > 0.05 ? Severity.MEND : Severity.WATCH, List.of(p), most, move(p, dx, dy)));
        }
    }

    private void keepClear(Placed p) {
        double shared = scenery.free().stream()
                .mapToDouble(f -> f.shared(p.outline()).squareMillimetres())
                .sum();
        if (shared > 0.5 && !p.isGround()) {
            facts.add(Fact.of(Kind.KEEP_CLEAR, Severity.MEND, List.of(p), shared));
        }
    }

    private void seen(Placed p, List<Placed> above) {
        double share =
                Rows.uncovered(p.outline(), above.stream().map(Placed::outline).toList());
        if (share < LEAST_SEEN && !p.isGround()) {
            facts.add(Fact.of(Kind.SEEN, Severity.WATCH, List.of(p), share));
        }
    }

    private void pairs() {
        List<Placed> pieces = scenery.pieces();
        for (int i = 0; i < pieces.size(); i++) {
            for (int k = i + 1; k < pieces.size(); k++) {
                Placed a = pieces.get(i);
                Placed b = pieces.get(k);
                if (!a.isGround() && !b.isGround()) {
                    kissing(a, b);
                    depth(a, b);
                }
            }
        }
    }

    private void kissing(Placed a, Placed b) {
        if (!a.outline().bounds().grown(NEAR).touches(b.outline().bounds())) {
            return;
        }
        double between = between(a.outline(), b.outline());
        if (between < NEAR && between > -LITTLE) {
            double away = NEAR + 0.2 - between;
            double dx = b.outline().bounds().centre().x()
                            >= a.outline().bounds().centre().x()
                    ? away
                    : -away;
            facts.add(Fact.of(Kind.KISSING, Severity.WATCH, List.of(b, a), between, move(b, dx, 0)));
        }
    }

    /** How far two outlines are apart, mm; less than 0 by how much they overlap: the narrower side of what they share. */
    static double between(Outline a, Outline b) {
        if (!a.overlaps(b)) {
            return Mm.of(a.gapTo(b).length());
        }
        Box x = a.bounds();
        Box y = b.bounds();
        double wide = Math.min(x.right(), y.right()) - Math.max(x.left(), y.left());
        double high = Math.min(x.top(), y.top()) - Math.max(x.bottom(), y.bottom());
        return -Math.min(wide, high);
    }

    /** Of two that stand, the one whose foot is lower is nearer. */
    private void depth(Placed a, Placed b) {
        Placed near = a.foot().y() <= b.foot().y() ? a : b;
        Placed far = near == a ? b : a;
        boolean comparable = a.picture().id().equals(b.picture().id()) && a.stands() && b.stands();
        double apart = far.foot().y() - near.foot().y();
        if (comparable
                && apart > 3
                && near.scale() < far.scale() * 0.98
                && near.picture().isFree()) {
            double to = far.scale() * 1.05;
            Fix larger = new Fix(Fix.Way.LARGER, spec -> CardEdit.of(spec)
                    .set(near.id(), "shape.height", mm(Mm.of(near.picture().height()) * to)));
            facts.add(Fact.of(Kind.DEPTH, Severity.WATCH, List.of(near, far), far.scale() / near.scale(), larger));
        }
    }

    private void repeats() {
        Map<MaterialId, List<Placed>> same = new LinkedHashMap<>();
        scenery.pieces().stream()
                .filter(p -> p.picture().role() == Picture.Role.SCATTER)
                .forEach(p -> same.computeIfAbsent(p.picture().id(), k -> new ArrayList<>())
                        .add(p));
        same.values().stream()
                .filter(all -> all.size() == 2 || all.size() == 4 || all.size() == 6)
                .forEach(all -> {
                    Placed last = all.get(all.size() - 1);
                    Fix add = new Fix(Fix.Way.ADD, spec -> Room.another(spec, scenery, last));
                    Fix less = new Fix(Fix.Way.REMOVE, spec -> CardEdit.of(spec).remove(last.id()));
                    facts.add(Fact.of(Kind.REPEATS, Severity.WATCH, List.of(last), all.size(), add, less));
                });
    }

    private void words() {
        for (Outline strip : scenery.words()) {
            Box box = strip.bounds();
            double asked = X_HEIGHT * box.height();
            double least = scenery.pieces().stream()
                    .filter(p -> !p.isGround() && !holds(p, strip))
                    .mapToDouble(p -> Math.max(0, between(p.outline(), strip)))
                    .min()
                    .orElse(Math.min(box.left() - face.left(), face.right() - box.right()));
            facts.add(Fact.whole(Kind.WORDS, least < asked ? Severity.WATCH : Severity.WORKS, least, box.centre()));
        }
    }

    /** Words on a piece have it round them. */
    private static boolean holds(Placed p, Outline strip) {
        return p.outline().bounds().holds(strip.bounds());
    }

    private void balance() {
        double x = 0;
        double all = 0;
        Lab ground = scenery.ground().lab();
        for (Placed p : scenery.pieces()) {
            double weight = p.outline().area().squareMillimetres()
                    * difference(p.colour(), ground)
                    * (1 + Math.max(0, p.above()) / 4);
            x += weight * p.outline().centroid().x();
            all += weight;
        }
        if (all > 0) {
            double beside = x / all - face.centre().x();
            boolean off = Math.abs(beside) > OFF_MIDDLE * face.width();
            Point at = new Point(x / all, face.centre().y());
            facts.add(Fact.whole(Kind.BALANCE, off ? Severity.WATCH : Severity.WORKS, beside, at));
        }
    }

    /** CIE 1976 difference. */
    private static double difference(Colour colour, Lab ground) {
        Lab lab = colour.lab();
        return Math.sqrt(Math.pow(lab.lightness() - ground.lightness(), 2)
                + Math.pow(lab.a() - ground.a(), 2)
                + Math.pow(lab.b() - ground.b(), 2));
    }

    private void free() {
        List<Outline> taken =
                new ArrayList<>(scenery.pieces().stream().map(Placed::outline).toList());
        taken.addAll(scenery.words());
        taken.addAll(scenery.free());
        double share = Rows.uncovered(scenery.face(), taken);
        boolean well =
                share >= LEAST_FREE && share <= MOST_FREE || scenery.pieces().size() < 3;
        facts.add(Fact.whole(Kind.FREE, well ? Severity.WORKS : Severity.WATCH, share, face.centre()));
    }

    static Fix move(Placed p, double dx, double dy) {
        return new Fix(Fix.Way.MOVE, spec -> moved(spec, p.id(), dx, dy));
    }

    static CardSpec moved(CardSpec spec, Id id, double dx, double dy) {
        return Positions.moved(spec, id, rounded(dx), rounded(dy));
    }

    static Length rounded(double mm) {
        return Length.ofMicrometres(10 * Math.round(mm * 100));
    }

    static String mm(double mm) {
        return rounded(mm).nanometres() / 1e6 + " mm";
    }
}
