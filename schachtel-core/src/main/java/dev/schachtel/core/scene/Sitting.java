package dev.schachtel.core.scene;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Predicate;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.scene.Fact.Fix;
import dev.schachtel.core.scene.Fact.Kind;
import dev.schachtel.core.shape.Box;

/** How a scene sits: facts with their figures and remedies, the worst first. Advice, but for words and what must stay free. */
public final class Sitting {
    /** Feet may be that far from the ground, mm. */
    static final double ON_GROUND = 0.5;
    /** Edges nearer than this look like a mistake, mm. */
    static final double NEAR = 2;
    /** Overlaps of less look like a mistake, mm. */
    static final double LITTLE = 3;

    private static final double LEAST_SEEN = 30;
    private static final double NEAR_EDGE = 0.25;
    /** Tops nearer than this are level, mm. */
    private static final double LEVEL = 0.05;

    /** Of two whose edges are nearer the eye compares how far they stand out, mm. */
    private static final double BESIDE = 8;
    /** A difference in height that is seen, mm: more than a sheet of card. */
    private static final double STEP = 0.6;

    /** A face is seen wholly, but for so many percent. */
    private static final double A_BIT = 2;
    /** A difference in contrast that is seen. */
    private static final double PALE = 5;

    private static final int MEND = 1_000;
    /** A look takes as long as there are pairs of pieces: so many looks for one piece. */
    private static final int LOOKS = 6_000;

    private static final int LEAST_LOOKS = 8;
    private static final int OF_A_PIECE = 10;

    private final Scenery scenery;
    private final Box face;
    private final Measured measured;
    private final List<Fact> facts = new ArrayList<>();

    private Sitting(Scenery scenery, Measured measured) {
        this.scenery = scenery;
        this.measured = measured;
        this.face = scenery.face().bounds();
    }

    /**
     * All facts about a scene, the worst first; none for a face without pictures. A remedy is offered if the scene after it has
     * been looked at: its fact is gone, and nothing else is worse for it. A crowded scene is not looked at as often, the worst
     * facts first: what is left without a remedy gets one when others are mended.
     */
    public static List<Fact> of(Scenery scenery) {
        Measured measured = new Measured();
        List<Fact> found = found(scenery, measured);
        AtomicInteger looks = new AtomicInteger(Math.max(
                LEAST_LOOKS,
                LOOKS / Math.max(1, scenery.pieces().size() * scenery.pieces().size())));
        int before = trouble(found);
        return found.stream()
                .sorted(Comparator.comparing(Fact::severity))
                .map(f -> f.with(helping(
                        f,
                        fix -> looks.getAndDecrement() > 0
                                && helps(f, before, found(fix.scene().apply(scenery), measured)))))
                .map(f -> f.canBeMeant() && scenery.meant().contains(f.key()) ? f.meant() : f)
                .sorted(Comparator.comparing(Fact::severity))
                .toList();
    }

    /** All facts without what helps: enough to know how well a scene sits, at a small part of the time. */
    public static List<Fact> plain(Scenery scenery) {
        return found(scenery, new Measured()).stream()
                .map(f -> f.with(List.of()))
                .map(f -> f.canBeMeant() && scenery.meant().contains(f.key()) ? f.meant() : f)
                .sorted(Comparator.comparing(Fact::severity))
                .toList();
    }

    /** The facts with all that could help. */
    private static List<Fact> found(Scenery scenery, Measured measured) {
        if (scenery.pieces().isEmpty()) {
            return List.of();
        }
        Sitting sitting = new Sitting(scenery, measured);
        sitting.each();
        sitting.pairs();
        sitting.repeats();
        sitting.words();
        scenery.tumbling().ifPresent(t -> sitting.facts.addAll(new InShaker(scenery, t, measured).facts()));
        sitting.facts.addAll(new Composition(scenery, measured).facts());
        return sitting.facts;
    }

    /** Of each way the first that helps. */
    private static List<Fix> helping(Fact fact, Predicate<Fix> helps) {
        Map<Fix.Kind, Fix> some = new EnumMap<>(Fix.Kind.class);
        for (Fix fix : fact.fixes()) {
            if (!some.containsKey(fix.kind()) && helps.test(fix)) {
                some.put(fix.kind(), fix);
            }
        }
        return List.copyOf(some.values());
    }

    private static boolean helps(Fact fact, int before, List<Fact> after) {
        return trouble(after) < before && after.stream().noneMatch(f -> f.isTrouble() && f.isSame(fact));
    }

    private static int trouble(List<Fact> facts) {
        return facts.stream().filter(Fact::isTrouble).mapToInt(Sitting::weight).sum();
    }

    /** One to mend weighs more than all advice, and advice about a piece more than what is said of the whole. */
    private static int weight(Fact fact) {
        if (fact.severity() == Severity.MEND) {
            return MEND;
        }
        return fact.pieces().isEmpty() ? 1 : OF_A_PIECE;
    }

    private void each() {
        Ground ground = measured.ground(scenery);
        int onGround = 0;
        for (int i = 0; i < scenery.pieces().size(); i++) {
            Placed p = scenery.pieces().get(i);
            OptionalDouble over = ground.below(p.foot());
            if (p.stands() && over.isPresent() && Math.abs(over.getAsDouble()) > ON_GROUND) {
                facts.add(Fact.of(
                        Kind.GROUND,
                        Severity.WATCH,
                        List.of(p),
                        over.getAsDouble(),
                        List.of(Fixes.move(p, 0, -over.getAsDouble()))));
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
                    List.of(Fixes.mirror(p))));
        }
    }

    /** Ground may run out over the sides, where it is trimmed; and a row may carry what is higher than it. */
    private void overhang(Placed p) {
        Box box = p.outline().bounds();
        double left = face.left() - box.left();
        double right = box.right() - face.right();
        double foot = face.bottom() - box.bottom();
        double top = box.top() - face.top() - scenery.above();
        double most = Math.max(Math.max(left, right), Math.max(foot, top));
        if (most > 0.05 && !p.isGround()) {
            double dx = Math.max(0, left) - Math.max(0, right);
            double dy = Math.max(0, foot) - Math.max(0, top);
            facts.add(Fact.of(
                    Kind.OVERHANG,
                    foot > 0.05 ? Severity.MEND : Severity.WATCH,
                    List.of(p),
                    most,
                    List.of(Fixes.move(p, dx, dy), Fixes.toRoom(scenery, p), Fixes.trim(scenery, p))));
        }
    }

    private void keepClear(Placed p) {
        double shared = scenery.free().stream()
                .mapToDouble(f -> measured.shared(f, p.outline()))
                .sum();
        if (shared > 0.5 && !p.isGround()) {
            facts.add(Fact.of(Kind.KEEP_CLEAR, Severity.MEND, List.of(p), shared, List.of(Fixes.toRoom(scenery, p))));
        }
    }

    private void seen(Placed p, List<Placed> above) {
        double share = measured.uncovered(
                p.outline(), above.stream().map(Placed::outline).toList());
        if (share < LEAST_SEEN && !p.isGround()) {
            facts.add(Fact.of(
                    Kind.SEEN, Severity.WATCH, List.of(p), share, List.of(Fixes.forward(p), Fixes.toRoom(scenery, p))));
            return;
        }
        p.faceNow().ifPresent(face -> {
            double hidden = 100
                    - measured.uncovered(
                            face, above.stream().map(Placed::outline).toList());
            if (hidden > A_BIT) {
                List<Fix> some = new ArrayList<>(List.of(Fixes.forward(p)));
                above.stream().filter(a -> a.outline().overlaps(face)).forEach(a -> some.add(Fixes.toRoom(scenery, a)));
                some.add(Fixes.toRoom(scenery, p));
                facts.add(Fact.of(Kind.FACE_HIDDEN, Severity.WATCH, List.of(p), hidden, some));
            }
        });
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
                    behind(a, b);
                    flatter(a, b);
                    paler(a, b);
                }
            }
        }
    }

    private void kissing(Placed a, Placed b) {
        boolean joined = scenery.tucked().contains(a.id()) && scenery.tucked().contains(b.id());
        if (joined || !a.outline().bounds().grown(NEAR).touches(b.outline().bounds())) {
            return;
        }
        double between = measured.between(a.outline(), b.outline());
        if (between < NEAR && between > -LITTLE) {
            List<Fix> some = new ArrayList<>(Fixes.aside(b, NEAR + 0.2 - between));
            some.addAll(Fixes.aside(a, NEAR + 0.2 - between));
            some.add(Fixes.toRoom(scenery, b));
            facts.add(Fact.of(Kind.KISSING, Severity.WATCH, List.of(b, a), between, some));
        }
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
            double times = far.scale() / near.scale();
            Fix larger = Fixes.larger(near, times * 1.05);
            facts.add(Fact.of(Kind.DEPTH, Severity.WATCH, List.of(near, far), times, List.of(larger)));
        }
    }

    /** Of two that stand and overlap, the nearer lies over the other, unless it was tucked in. */
    private void behind(Placed lower, Placed upper) {
        double nearer = upper.foot().y() - lower.foot().y();
        boolean tucked =
                scenery.tucked().contains(lower.id()) && scenery.tucked().contains(upper.id());
        if (lower.stands()
                && upper.stands()
                && !tucked
                && nearer > LITTLE
                && lower.outline().bounds().touches(upper.outline().bounds())
                && measured.between(lower.outline(), upper.outline()) < -LITTLE) {
            facts.add(
                    Fact.of(Kind.BEHIND, Severity.WATCH, List.of(lower, upper), nearer, List.of(Fixes.forward(lower))));
        }
    }

    /** Of two that stand side by side, the nearer stands out as far as the other. */
    private void flatter(Placed a, Placed b) {
        Placed near = a.foot().y() <= b.foot().y() ? a : b;
        Placed far = near == a ? b : a;
        double apart = far.foot().y() - near.foot().y();
        double less = far.above() - near.above();
        Box wide = a.outline().bounds().grown(BESIDE);
        boolean beside = a.stands()
                && b.stands()
                && apart > LITTLE
                && wide.touches(b.outline().bounds());
        if (beside && less > STEP && measured.between(a.outline(), b.outline()) > -LITTLE) {
            facts.add(Fact.of(Kind.FLATTER, Severity.WATCH, List.of(near, far), less, List.of(Fixes.like(near, far))));
        }
    }

    /** Of two of one picture that stand, the nearer is at least as much of a contrast to what is behind. */
    private void paler(Placed a, Placed b) {
        Placed near = a.foot().y() <= b.foot().y() ? a : b;
        Placed far = near == a ? b : a;
        boolean comparable = a.picture().id().equals(b.picture().id()) && a.stands() && b.stands();
        if (!comparable || far.foot().y() - near.foot().y() <= LITTLE) {
            return;
        }
        Lab ground = scenery.ground().lab();
        double less = far.colour().lab().apart(ground) - near.colour().lab().apart(ground);
        if (less > PALE) {
            facts.add(
                    Fact.of(Kind.PALER, Severity.WATCH, List.of(near, far), less, List.of(Fixes.sameCard(near, far))));
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
                    List<Fix> some = List.of(Fixes.another(scenery, last), Fixes.remove(last));
                    facts.add(Fact.of(Kind.REPEATS, Severity.WATCH, List.of(last), all.size(), some));
                });
    }

    /** How far a piece keeps from the letters, mm; 0 for one that lies on their strip. */
    private double clear(Placed p, Scenery.Words words) {
        return p.outline().overlaps(words.outline()) ? 0 : Math.max(0, measured.between(p.outline(), words.letters()));
    }

    /** What is higher than the words and comes too near hides them; what is lower only crowds them. */
    private void words() {
        for (Scenery.Words words : scenery.words()) {
            Box strip = words.outline().bounds();
            double asked = words.xHeight();
            double nearest = Double.MAX_VALUE;
            for (Placed p : scenery.pieces()) {
                boolean beside = !p.isGround() && !p.outline().bounds().holds(strip);
                double apart = beside ? clear(p, words) : Double.MAX_VALUE;
                nearest = Math.min(nearest, apart);
                if (apart < asked) {
                    boolean hides = p.above() > words.above() + LEVEL;
                    List<Fix> some = new ArrayList<>(Fixes.aside(p, asked - apart + 0.2));
                    some.add(Fixes.toRoom(scenery, p));
                    facts.add(Fact.of(Kind.WORDS, hides ? Severity.MEND : Severity.WATCH, List.of(p), apart, some));
                }
            }
            if (nearest >= asked) {
                double edge = Math.min(strip.left() - face.left(), face.right() - strip.right());
                facts.add(Fact.whole(Kind.WORDS, Severity.WORKS, Math.min(nearest, edge), strip.centre()));
            }
        }
    }
}
