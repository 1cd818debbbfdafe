package dev.schachtel.core.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cord;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Face;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Depicted;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.motion.Links;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Track;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The card in space as data: sheets as they lie when it is drawn, the ways of the panels that carry them, and of what moves on those.
 * A sheet is first moved by its mover, then by its panel.
 *
 * @param shown how far it is open when it is given, from 0 to 1
 * @param panels the ways of the panels from shut to open, onto the board: x to the right, y up, z to the front, mm
 */
public record SpaceView(
        Unfolding.Standing standing,
        double shown,
        List<Sheet> sheets,
        List<Bend> bends,
        List<Track> panels,
        List<Mover> movers) {
    /** The colour of plain foam and of clear film, where a drawing needs one. */
    private static final Colour FOAM = new Colour(0xf4f2ec);

    private static final Colour FILM = new Colour(0xd3e8ee);
    /** So thick is what tumbles drawn, mm. */
    private static final double LOOSE = 0.6;
    /** Threads are drawn so far over the card, as a share of its height. */
    private static final double BEYOND = 0.4;

    public SpaceView {
        sheets = List.copyOf(sheets);
        bends = List.copyOf(bends);
        panels = List.copyOf(panels);
        movers = List.copyOf(movers);
    }

    /** What a sheet looks like. */
    public enum Substance {
        CARD,
        CLEAR,
        FOAM,
        /** What tumbles in a shaker. */
        LOOSE,
        CORD
    }

    /**
     * A flat piece.
     *
     * @param outline as the card is drawn
     * @param bottom over the back of the card, mm
     * @param mover by its number; -1 for what only goes with its panel
     * @param over what its upper side bears
     * @param under what the side that looks away bears
     */
    public record Sheet(
            Id owner,
            Substance substance,
            Colour colour,
            Outline outline,
            double bottom,
            double top,
            int panel,
            int mover,
            List<Paint> over,
            List<Paint> under) {}

    /** A coloured area of a sheet; opacity 0 to 1. */
    public record Paint(Outline area, Colour colour, double opacity) {}

    /** Card that bends between two panels, from one edge to the other; of a panel the side is told by its middle height, mm. */
    public record Bend(Hinge hinge, double on, double turns, Colour colour) {}

    /** Something that moves on the card. */
    public record Mover(Id owner, double rest, Track way) {}

    /** How much room something takes: to the right, up, to the front. */
    public record Room(Length wide, Length high, Length deep) {}

    /** The room that the card takes as it is given. */
    public Room room() {
        double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
        double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Sheet sheet : sheets) {
            Rigid place = panels.get(sheet.panel).at(shown);
            for (Point p : sheet.outline.outer().flattened()) {
                for (double z : new double[] {sheet.bottom, sheet.top}) {
                    Vec at = place.at(new Vec(p.x(), p.y(), z));
                    double[] axes = {at.x(), at.y(), at.z()};
                    for (int i = 0; i < 3; i++) {
                        low[i] = Math.min(low[i], axes[i]);
                        high[i] = Math.max(high[i], axes[i]);
                    }
                }
            }
        }
        return new Room(Mm.length(high[0] - low[0]), Mm.length(high[1] - low[1]), Mm.length(high[2] - low[2]));
    }

    public static SpaceView of(Build build) {
        return new Maker(build, Shown.ALL).view();
    }

    /** Only some of it, in its place. */
    static SpaceView of(Build build, Shown shown) {
        return new Maker(build, shown).view();
    }

    /** With more of the same card, lifted so far off its panels, mm. */
    SpaceView with(SpaceView more, double lifted) {
        List<Sheet> all = new ArrayList<>(sheets);
        more.sheets.forEach(s -> all.add(new Sheet(
                s.owner,
                s.substance,
                s.colour,
                s.outline,
                s.bottom + lifted,
                s.top + lifted,
                s.panel,
                s.mover,
                s.over,
                s.under)));
        return new SpaceView(standing, shown, all, bends, panels, movers);
    }

    /**
     * What of a card is there.
     *
     * @param filled the pieces whose filling is in
     */
    record Shown(Predicate<PartId> parts, Predicate<Id> filled) {
        static final Shown ALL = new Shown(p -> true, f -> true);
    }

    /** Puts it together. */
    private static final class Maker {
        private final Build build;
        private final Space space;
        private final Shown shown;
        private final Map<SlabId, Integer> movers = new HashMap<>();
        private final List<Sheet> sheets = new ArrayList<>();

        Maker(Build build, Shown shown) {
            this.build = build;
            this.shown = shown;
            this.space = new Space(build);
            List<Motion> motions = build.mechanics().motions();
            Links links = new Links(build);
            for (int i = 0; i < motions.size(); i++) {
                int mover = i;
                links.carriedBy(motions.get(i).moving()).forEach(s -> movers.put(s, mover));
            }
        }

        SpaceView view() {
            Unfolding unfolding = build.mechanics().unfolding();
            space.bodies().stream().filter(b -> isThere(b.level().slab().id())).forEach(b -> sheets.add(sheet(b)));
            build.chambers().stream().filter(c -> shown.filled.test(c.owner())).forEach(this::filling);
            build.mechanics().cords().stream()
                    .filter(c -> shown.parts.test(c.part()))
                    .forEach(this::cord);
            List<Mover> moving = build.mechanics().motions().stream()
                    .map(m -> new Mover(m.owner(), m.restShare(), space.way(m)))
                    .toList();
            return new SpaceView(
                    unfolding.standing(), unfolding.shownShare(), sheets, bends(unfolding), space.panels(), moving);
        }

        private Sheet sheet(Space.Body body) {
            Level level = body.level();
            Part part = build.part(level.slab().part()).orElseThrow();
            Optional<Face> under = turned(part);
            List<Paint> seen = new SheetPaint(build).on(level, body.copy(), body.outline());
            return new Sheet(
                    part.owner(),
                    substance(part.material()),
                    colour(part.material()),
                    body.outline(),
                    Mm.of(level.bottom()),
                    Mm.of(level.top()),
                    body.panel(),
                    movers.getOrDefault(level.slab().id(), -1),
                    under.isPresent() ? List.of() : seen,
                    under.map(f -> back(f, seen)).orElse(List.of()));
        }

        /** The side that looks away on which a piece lies, if it does. */
        private Optional<Face> turned(Part part) {
            return build.spec()
                    .piece(part.owner())
                    .filter(Depicted.class::isInstance)
                    .flatMap(p -> build.face(((Depicted) p).on()))
                    .filter(Face::isUnder);
        }

        private static List<Paint> back(Face face, List<Paint> seen) {
            return seen.stream()
                    .map(p -> new Paint(face.seen(p.area), p.colour, p.opacity))
                    .toList();
        }

        private static Substance substance(Material material) {
            if (material instanceof Foam) {
                return Substance.FOAM;
            }
            return material instanceof Film ? Substance.CLEAR : Substance.CARD;
        }

        private static Colour colour(Material material) {
            return material.tint().orElse(material instanceof Foam ? FOAM : FILM);
        }

        /** What tumbles lies behind its film, in the lower part of each window. */
        private void filling(Chamber chamber) {
            Optional<Space.Body> film = space.bodies().stream()
                    .filter(b -> b.level().slab().part().equals(chamber.film()))
                    .findFirst();
            film.ifPresent(f -> {
                double top = Mm.of(f.level().bottom());
                int mover = movers.getOrDefault(f.level().slab().id(), -1);
                for (Cutout window : chamber.apertures()) {
                    for (Outline piece : new FillingPile(chamber, window.onFace()).pieces()) {
                        sheets.add(new Sheet(
                                chamber.owner(),
                                Substance.LOOSE,
                                chamber.filling().colour(),
                                piece,
                                top - LOOSE,
                                top,
                                f.panel(),
                                mover,
                                List.of(),
                                List.of()));
                    }
                }
            });
        }

        /** A thread is drawn as flat strips, as wide as it is thick; what of it goes far beyond the card is left out. */
        private void cord(Cord cord) {
            Part thread = build.part(cord.part()).orElseThrow();
            double thick = Math.max(0.4, Mm.of(thread.material().thickness()));
            double end = build.face().bounds().top() + build.face().bounds().height() * BEYOND;
            space.bodies().stream()
                    .filter(b -> b.level().slab().id().equals(cord.on()))
                    .findFirst()
                    .ifPresent(b -> {
                        double top = Mm.of(b.level().top());
                        int mover = movers.getOrDefault(cord.on(), -1);
                        for (int i = 0; i + 1 < cord.line().size(); i++) {
                            Point from = cord.line().get(i);
                            Point to = cord.line().get(i + 1);
                            if (Math.max(from.y(), to.y()) < end && from.distanceTo(to) > 0) {
                                sheets.add(new Sheet(
                                        thread.owner(),
                                        Substance.CORD,
                                        colour(thread.material()),
                                        strip(from, to, thick),
                                        top,
                                        top + thick,
                                        b.panel(),
                                        mover,
                                        List.of(),
                                        List.of()));
                            }
                        }
                    });
        }

        private static Outline strip(Point from, Point to, double wide) {
            double l = from.distanceTo(to);
            double x = (to.y() - from.y()) / l * wide / 2;
            double y = (from.x() - to.x()) / l * wide / 2;
            return Outline.ofCorners(List.of(from.plus(x, y), to.plus(x, y), to.plus(-x, -y), from.plus(-x, -y)));
        }

        private List<Bend> bends(Unfolding unfolding) {
            return unfolding.hinges().stream()
                    .filter(h -> h.on() != Hinge.BOARD)
                    .filter(h -> isThere(unfolding.panels().get(h.on()).slab())
                            && isThere(unfolding.panels().get(h.turns()).slab()))
                    .map(h -> new Bend(h, middle(unfolding, h.on()), middle(unfolding, h.turns()), card(unfolding, h)))
                    .toList();
        }

        private boolean isThere(SlabId slab) {
            return build.partAt(slab).filter(p -> shown.parts.test(p.id())).isPresent();
        }

        private double middle(Unfolding unfolding, int panel) {
            return build.level(unfolding.panels().get(panel).slab())
                    .map(l -> Mm.of(l.bottom().plus(l.top()).half()))
                    .orElse(0.0);
        }

        private Colour card(Unfolding unfolding, Hinge h) {
            return build.partAt(unfolding.panels().get(h.on()).slab())
                    .map(p -> colour(p.material()))
                    .orElse(FOAM);
        }
    }
}
