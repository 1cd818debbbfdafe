package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.pose.Edge;
import dev.schachtel.core.pose.Linkage;
import dev.schachtel.core.pose.Rest;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The card in space, from shut to open. Places are millimetres: x to the right, y up from the board, z to the front; a sheet's own
 * places are those of the card as it is drawn, with z its height from the back.
 */
public final class Space {
    /** What a piece lies on is chosen from one of these. */
    private static final Set<Asked.Choice> GROUNDS = EnumSet.of(Asked.Choice.GROUND, Asked.Choice.SIDE);

    private final Build build;
    private final Unfolding unfolding;
    private final Linkage linkage;
    private final List<Body> bodies = new ArrayList<>();

    /**
     * One copy of a slab, or what of it belongs to a panel.
     *
     * @param copy which of the slab's copies
     * @param outline as the card is drawn
     * @param panel the panel that it moves with, by its number
     */
    public record Body(Level level, int copy, Outline outline, int panel) {}

    public Space(Build build) {
        this.build = build;
        this.unfolding = build.mechanics().unfolding();
        this.linkage = linkage();
        share();
    }

    public List<Body> bodies() {
        return bodies;
    }

    /** The highest sheet at a place of the card as it is drawn: of these parts if one of them is there. */
    public Optional<Body> sheetAt(Point place, List<PartId> parts) {
        Comparator<Body> highest = Comparator.comparing(b -> b.level.top());
        List<Body> there = bodies.stream().filter(b -> b.outline.holds(place)).toList();
        return there.stream()
                .filter(b -> parts.contains(b.level.slab().part()))
                .max(highest)
                .or(() -> there.stream().max(highest));
    }

    /** Where all panels are, by their number, when the card is open by a share from 0 to 1; the gap tells whether it can be. */
    public Linkage.Pose at(double share) {
        Linkage.Pose pose = linkage.at(share);
        Rigid set = set(unfolding.standing());
        List<Rigid> panels = pose.panels().stream().skip(1).map(set::after).toList();
        return new Linkage.Pose(panels, pose.angles(), pose.gap(), pose.loop());
    }

    /** The ways of all panels from shut to open. */
    public List<Track> panels() {
        return Track.of(share -> at(share).panels(), corners(bodies));
    }

    /** The way of what one movement moves, as the card is drawn. */
    public Track way(Motion motion) {
        Set<SlabId> moving = new Links(build).carriedBy(motion.moving());
        List<Body> moved = bodies.stream()
                .filter(b -> moving.contains(b.level.slab().id()))
                .toList();
        return Track.of(share -> List.of(Track.moved(build, motion, share)), corners(moved))
                .get(0);
    }

    private static List<Vec> corners(List<Body> of) {
        Box box = of.stream().map(b -> b.outline.bounds()).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
        double high = of.stream().mapToDouble(b -> Mm.of(b.level.top())).max().orElse(0);
        List<Vec> corners = new ArrayList<>();
        for (double x : new double[] {box.left(), box.right()}) {
            for (double y : new double[] {box.bottom(), box.top()}) {
                corners.add(new Vec(x, y, 0));
                corners.add(new Vec(x, y, high));
            }
        }
        return corners;
    }

    /** How what is drawn is set down on the board. */
    private static Rigid set(Unfolding.Standing standing) {
        return standing == Unfolding.Standing.LIES ? Rigid.about(Vec.ZERO, new Vec(1, 0, 0), -Math.PI / 2) : Rigid.FLAT;
    }

    private Linkage linkage() {
        List<dev.schachtel.core.pose.Hinge> hinges = new ArrayList<>();
        Map<Integer, DoubleUnaryOperator> driven = new HashMap<>();
        for (Hinge h : unfolding.hinges()) {
            Edge line = new Edge(h.from(), h.to(), height(h));
            double shut = Math.toRadians(h.shut());
            double open = Math.toRadians(h.open());
            if (!h.follows()) {
                driven.put(hinges.size(), share -> shut + share * (open - shut));
            }
            hinges.add(new dev.schachtel.core.pose.Hinge(
                    h.name(), h.on() + 1, h.turns() + 1, line, line, shut, open - shut));
        }
        List<Rest> rests = unfolding.rests().stream()
                .map(r -> {
                    double height = restsThin(r) ? fold().map(this::height).orElse(0.0) : middle(List.of(r.panel()));
                    return new Rest(r.name(), r.panel() + 1, r.on() + 1, new Edge(r.from(), r.to(), height), height);
                })
                .toList();
        return new Linkage(unfolding.panels().size() + 1, hinges, rests, driven);
    }

    /** How much higher than the fold a panel lies in the shut card that hangs in it as paper without thickness would. */
    public double over(int panel) {
        boolean thin = unfolding.hinges().stream().anyMatch(h -> h.thin() && (h.turns() == panel || h.on() == panel));
        boolean hangs = unfolding.hinges().stream().anyMatch(h -> h.follows() && h.turns() == panel);
        return thin && hangs ? middle(List.of(panel)) - fold().map(this::height).orElse(0.0) : 0;
    }

    /** Whether what slides turns like paper without thickness. */
    private boolean restsThin(Unfolding.Rest rest) {
        return unfolding.hinges().stream().anyMatch(h -> h.turns() == rest.panel() && h.thin());
    }

    double height(Hinge h) {
        Hinge at = h.thin() ? fold().orElse(h) : h;
        return middle(at.on() == Hinge.BOARD ? List.of(at.turns()) : List.of(at.on(), at.turns()));
    }

    private Optional<Hinge> fold() {
        return unfolding.hinges().stream()
                .filter(h -> !h.follows() && h.on() != Hinge.BOARD)
                .findFirst();
    }

    /** Half-way between the middles of these sheets: so loops of facing panels close, whatever the thickness of each. */
    private double middle(List<Integer> panels) {
        return panels.stream()
                .flatMap(p -> build.level(unfolding.panels().get(p).slab()).stream())
                .mapToDouble(l -> (Mm.of(l.bottom()) + Mm.of(l.top())) / 2)
                .average()
                .orElse(0);
    }

    /** Each sheet goes with the panel on which it is stuck; where panels share a slab, with the one on which most of it lies. */
    private void share() {
        Map<SlabId, List<Integer>> by = new HashMap<>();
        Links links = new Links(build);
        List<Panel> panels = unfolding.panels();
        for (int p = 0; p < panels.size(); p++) {
            for (SlabId id : links.carriedBy(List.of(panels.get(p).slab()))) {
                by.computeIfAbsent(id, k -> new ArrayList<>()).add(p);
            }
        }
        apart(by);
        for (Level level : carriersFirst()) {
            if (build.isAside(level.slab().part())) {
                continue;
            }
            List<Integer> on = by.getOrDefault(level.slab().id(), List.of(0));
            List<Outline> copies = level.slab().footprints();
            for (int copy = 0; copy < copies.size(); copy++) {
                put(level, copy, on);
            }
        }
    }

    /** What hangs from something by a thread comes after that. */
    private List<Level> carriersFirst() {
        Set<SlabId> hanging = build.joints().stream()
                .filter(j -> j.hold() == Joint.Hold.TIED)
                .map(Joint::lower)
                .collect(Collectors.toSet());
        return build.levels().stream()
                .sorted(Comparator.comparing(l -> hanging.contains(l.slab().id())))
                .toList();
    }

    /** What is cut free, hinged on or tied to a sheet goes with that. */
    private void apart(Map<SlabId, List<Integer>> by) {
        for (Motion motion : build.mechanics().motions()) {
            for (SlabId guide : motion.keeping().guides()) {
                motion.moving().forEach(m -> copy(by, guide, m));
            }
        }
        for (Joint joint : build.joints()) {
            if (joint.hold() == Joint.Hold.TIED || joint.hold() == Joint.Hold.HINGES) {
                copy(by, joint.upper(), joint.lower());
                copy(by, joint.lower(), joint.upper());
            }
        }
    }

    private void copy(Map<SlabId, List<Integer>> by, SlabId from, SlabId to) {
        List<Integer> panels = by.get(from);
        if (panels != null && !by.containsKey(to)) {
            new Links(build).carriedBy(List.of(to)).forEach(s -> by.putIfAbsent(s, panels));
        }
    }

    private void put(Level level, int copy, List<Integer> on) {
        Outline outline = level.slab().footprints().get(copy);
        List<Panel> panels = unfolding.panels();
        SlabId slab = level.slab().id();
        boolean own =
                on.size() > 1 && on.stream().allMatch(p -> panels.get(p).slab().equals(slab));
        if (own) {
            for (int p : on) {
                panels.get(p).region().common(outline).forEach(o -> bodies.add(new Body(level, copy, o, p)));
            }
            return;
        }
        int panel = on.size() == 1
                ? on.get(0)
                : said(level.slab().part().owner(), on).or(() -> carrying(slab)).orElseGet(() -> most(outline, on));
        bodies.add(new Body(level, copy, outline, panel));
    }

    /** The panel of the piece that carries it; empty for what is stuck to the base itself. */
    private Optional<Integer> carrying(SlabId slab) {
        boolean onBase = build.joints().stream()
                .anyMatch(j -> j.upper().equals(slab) && j.hold() == Joint.Hold.RESTS && isPanel(j.lower()));
        return onBase ? Optional.empty() : carrier(slab);
    }

    private boolean isPanel(SlabId slab) {
        return unfolding.panels().stream().anyMatch(p -> p.slab().equals(slab));
    }

    private Optional<Integer> carrier(SlabId slab) {
        return build.joints().stream()
                .filter(j -> j.hold() != Joint.Hold.MEETS)
                .flatMap(j -> j.upper().equals(slab)
                        ? Stream.of(j.lower())
                        : j.lower().equals(slab) && j.hold() != Joint.Hold.RESTS ? Stream.of(j.upper()) : Stream.of())
                .filter(s -> !isPanel(s))
                .flatMap(s -> build.level(s).stream())
                .filter(l -> !l.slab().footprints().isEmpty() && !l.slab().id().equals(slab))
                .map(l -> bodies.stream()
                        .filter(b -> b.level.slab().id().equals(l.slab().id()))
                        .findFirst())
                .flatMap(Optional::stream)
                .map(Body::panel)
                .findFirst();
    }

    /** The panel of the face that a piece says it lies on. */
    private Optional<Integer> said(Id owner, List<Integer> on) {
        return build.spec()
                .piece(owner)
                .flatMap(Space::liesOn)
                .flatMap(build::face)
                .map(f -> f.outline().centroid())
                .flatMap(middle -> on.stream()
                        .filter(p -> unfolding.panels().get(p).region().holds(middle))
                        .findFirst());
    }

    /** The panel on which most of it lies. */
    private int most(Outline outline, List<Integer> on) {
        return on.stream()
                .max(Comparator.comparingDouble(
                        p -> lies(outline, unfolding.panels().get(p).region())))
                .orElse(0);
    }

    private static Optional<Id> liesOn(Piece piece) {
        RecordType type = RecordType.of(piece.getClass());
        return type.components().stream()
                .filter(c -> c.type() == Id.class && GROUNDS.contains(c.asked().from()))
                .map(c -> (Id) type.get(piece, c))
                .findFirst();
    }

    /** How much lies there; a thread's middle counts, too. */
    private static double lies(Outline outline, Outline region) {
        Point middle = outline.centroid();
        return outline.shared(region).squareMillimetres() + (region.holds(middle) ? 1e-6 : 0);
    }
}
