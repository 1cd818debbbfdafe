package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Slit;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.motion.Links;
import dev.schachtel.core.motion.Poses;
import dev.schachtel.core.shape.Outline;

/**
 * What is seen of a card from the front, from the back to the front: card as areas, what lies behind card as hidden
 * edges, what moves in groups of its own.
 */
final class FrontLayers {
    private final Build build;
    private final Optional<Pose> pose;
    private final Map<SlabId, Integer> movement = new HashMap<>();
    private final Map<SlabId, Motion> motions = new HashMap<>();
    private final Set<SlabId> hung = new HashSet<>();
    private final Map<SlabId, Set<SlabId>> covers = new HashMap<>();
    private final List<Mark> marks = new ArrayList<>();
    private final Edges edges;

    /** One piece's movements at a share of their way instead of at rest. */
    record Pose(Id owner, double share) {}

    FrontLayers(Build build, Optional<Pose> pose) {
        this.build = build;
        this.pose = pose;
        this.edges = new Edges(build);
        Links links = new Links(build);
        Map<Id, Integer> count = new HashMap<>();
        for (Motion motion : build.mechanics().motions()) {
            int index = count.merge(motion.owner(), 1, Integer::sum) - 1;
            for (SlabId id : links.carriedBy(motion.moving())) {
                movement.put(id, index);
                motions.put(id, motion);
            }
        }
        for (Joint joint : build.joints()) {
            if (joint.hold() == Joint.Hold.HANGS) {
                hung.add(joint.lower());
                covers.computeIfAbsent(joint.upper(), k -> new HashSet<>()).add(joint.lower());
            } else {
                covers.computeIfAbsent(joint.upper(), k -> new HashSet<>()).add(joint.lower());
            }
        }
    }

    /** Whether a level is at or before the leaf that closes over the card. */
    static boolean before(Build build, Level level) {
        return build.front().map(f -> !level.bottom().isBelow(f.bottom())).orElse(true);
    }

    List<Mark> marks() {
        List<Level> hidden = new ArrayList<>();
        List<Level> onFilm = new ArrayList<>();
        for (Level level : build.levels()) {
            if (!before(build, level)) {
                continue;
            }
            Part part = build.part(level.slab().part()).orElseThrow();
            boolean behind = part.material() instanceof Foam
                    || part.material() instanceof Film
                    || hung.contains(level.slab().id());
            if (behind) {
                hidden.add(level);
                if (part.material() instanceof Cardstock) {
                    add(level, new Fill.Made(part.material()), Meaning.EDGE);
                }
                continue;
            }
            if (liesOnFilm(level)) {
                onFilm.add(level);
                continue;
            }
            add(level, new Fill.Made(part.material()), Meaning.CUT);
            Set<SlabId> under = covers.getOrDefault(level.slab().id(), Set.of());
            boolean fixed = !motions.containsKey(level.slab().id());
            if (fixed && hidden.stream().anyMatch(h -> under.contains(h.slab().id()))) {
                flush(hidden);
            }
            marks.addAll(Printed.on(build, level));
        }
        flush(hidden);
        onFilm.forEach(l ->
                add(l, new Fill.Made(build.part(l.slab().part()).orElseThrow().material()), Meaning.CUT));
        slits();
        return marks;
    }

    /** What is laid on a shaker's film lies before what tumbles. */
    private boolean liesOnFilm(Level level) {
        return build.spec()
                .piece(level.slab().part().owner())
                .filter(p -> p instanceof Depicted d
                        && build.chambers().stream().anyMatch(c -> c.owner().equals(d.on())))
                .isPresent();
    }

    private void flush(List<Level> hidden) {
        hidden.forEach(this::behind);
        hidden.clear();
        build.chambers().forEach(this::filling);
    }

    private void behind(Level level) {
        Part part = build.part(level.slab().part()).orElseThrow();
        boolean foam = part.material() instanceof Foam;
        add(level, foam ? new Fill.Behind(part.material()) : new Fill.Empty(), Meaning.HIDDEN);
    }

    private void add(Level level, Fill fill, Meaning edge) {
        Id owner = level.slab().part().owner();
        Motion motion = motions.get(level.slab().id());
        List<Mark> areas = new ArrayList<>();
        List<Outline> footprints = level.slab().footprints();
        for (int i = 0; i < footprints.size(); i++) {
            Outline placed = moved(footprints.get(i), motion);
            edges.seen(owner, placed).forEach(o -> areas.add(new Mark.Area(o, fill, edge, Optional.of(owner))));
            if (edge != Meaning.HIDDEN) {
                areas.addAll(art(level, i, motion));
            }
            if (fill instanceof Fill.Made) {
                areas.addAll(Worked.on(build, level, placed));
            }
            if (edge == Meaning.CUT) {
                build.part(level.slab().part())
                        .flatMap(p -> p.stitches(placed))
                        .ifPresent(line -> areas.add(Mark.stitches(line)));
            }
        }
        edges.draw(owner, footprints);
        if (motion == null) {
            marks.addAll(areas);
        } else {
            marks.add(new Mark.Moving(
                    motion.owner(), movement.getOrDefault(level.slab().id(), 0), areas));
        }
    }

    private Outline moved(Outline footprint, @Nullable Motion motion) {
        return motion == null
                ? footprint
                : pose.filter(p -> p.owner().equals(motion.owner()))
                        .map(p -> Poses.at(footprint, motion, p.share()))
                        .orElse(footprint);
    }

    /** The picture on one copy of a part. */
    private List<Mark> art(Level level, int copy, @Nullable Motion motion) {
        PartId id = level.slab().part();
        Part part = build.part(id).orElseThrow();
        List<Mark> areas = new ArrayList<>();
        build.art(id).filter(a -> copy < part.at().size()).ifPresent(art -> art.tints()
                .forEach(tint -> tint.areas().stream()
                        .map(area -> moved(area.placed(part.at().get(copy)), motion))
                        .flatMap(area -> edges.seen(part.owner(), area).stream())
                        .forEach(area -> areas.add(new Mark.Area(
                                area, new Fill.Plain(tint.colour()), Meaning.WORKED, Optional.of(part.owner()))))));
        return areas;
    }

    /** The filling as it lies when the card stands: pieces to scale, in the lower part of each window. */
    private void filling(Chamber chamber) {
        for (Cutout cutout : chamber.apertures()) {
            Outline window = cutout.onFace();
            if (marks.stream()
                    .anyMatch(m -> m instanceof Mark.Area a && a.outline().equals(window))) {
                continue;
            }
            build.part(chamber.film())
                    .ifPresent(film -> marks.add(new Mark.Area(
                            window, new Fill.Behind(film.material()), Meaning.CUT, Optional.of(chamber.owner()))));
            Fill plain = new Fill.Plain(chamber.filling().colour());
            for (Outline piece : new FillingPile(chamber, window).pieces()) {
                marks.add(new Mark.Area(piece, plain, Meaning.EDGE, Optional.of(chamber.owner())));
            }
        }
    }

    private void hinge(Part part, Slit slit) {
        build.folds().stream()
                .filter(f -> f.part().equals(part.id()) && slit.hingedAt(f))
                .forEach(f -> marks.add(new Mark.Line(
                        List.of(
                                slit.onFace().get(0),
                                slit.onFace().get(slit.onFace().size() - 1)),
                        f.crease() == Fold.Crease.MOUNTAIN ? Meaning.MOUNTAIN : Meaning.VALLEY)));
    }

    private void slits() {
        for (Part part : build.parts()) {
            boolean seen = build.levels().stream().anyMatch(l -> l.slab().part().equals(part.id()) && before(build, l));
            if (seen) {
                part.slits().forEach(s -> {
                    marks.add(new Mark.Line(s.onFace(), Meaning.CUT));
                    hinge(part, s);
                });
            }
        }
    }
}
