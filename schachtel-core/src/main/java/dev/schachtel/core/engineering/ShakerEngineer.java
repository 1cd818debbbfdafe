package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Levers;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.DamMake;
import dev.schachtel.core.card.Shaker;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Filling;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

/**
 * Film = window + 2 x overlap; a dam set back from the window's edge; filling n = cover x area of the chamber over the
 * area of one piece. The film lies on the dam when it reaches over any of it, else it hangs from the panel beside it.
 */
@AutoService(Engineer.class)
public final class ShakerEngineer implements Engineer<Shaker> {
    /** Wider foam buckles when it is bent round: 3 mm, handbook chapter 2. */
    private static final Length WIDEST_BENT = Length.ofMillimetres(3);

    private static final Length CLEAR = Length.ofMillimetres(1);

    @Override
    public Class<Shaker> engineers() {
        return Shaker.class;
    }

    @Override
    public void engineer(Shaker shaker, BuildDraft draft) {
        Source asker = new Source(shaker.id(), "window");
        draft.aperture(shaker.window(), asker).ifPresent(aperture -> {
            if (aperture.in().isLast()) {
                draft.fault(RuleId.GROUND_MISSING, asker, shaker.window().value());
            } else {
                lay(shaker, aperture, draft);
            }
        });
    }

    private void lay(Shaker shaker, Aperture aperture, BuildDraft draft) {
        Materials materials = new Materials(draft);
        Foam foam = materials.foam(shaker.foam(), new Source(shaker.id(), "foam"));
        Dam dam = way(shaker, aperture, draft)
                .make(new Dam.Request(shaker, aperture.opening(), aperture.middle(), draft.workshop()));
        PartId film = film(shaker, aperture, draft);
        front(shaker, aperture, draft, film);
        derive(shaker, aperture, draft, dam);
        boolean onFilm = shaker.overlap().isAbove(shaker.setback());
        Material fixing = materials.adhesive(shaker.filmFixing(), new Source(shaker.id(), "filmFixing"));
        for (Dam.Wall wall : dam.walls()) {
            SlabId slab = wall(shaker, wall, foam, draft);
            rest(draft, slab, aperture.in().under(), foam);
            rest(draft, onFilm ? SlabId.of(film) : aperture.in().slab(), slab, foam);
        }
        draft.joint(new Joint(
                aperture.in().slab(),
                SlabId.of(film),
                onFilm ? Joint.Hold.RESTS : Joint.Hold.HANGS,
                fixing,
                fixing.thickness()));
        draft.zone(new Zone(
                Zone.Use.KEEP_OFF,
                shaker.id(),
                aperture.in().under(),
                dam.outside().grown(CLEAR)));
        draft.zone(new Zone(
                Zone.Use.TRACE,
                shaker.id(),
                aperture.in().under(),
                aperture.cutout().onFace()));
        chamber(shaker, aperture, draft, dam, film);
        work(shaker, aperture, draft, dam, film);
    }

    /** What is seen of the film can carry a scene of its own. */
    private static void front(Shaker shaker, Aperture aperture, BuildDraft draft, PartId film) {
        Box window = aperture.cutout().onFace().bounds();
        Placement corner = Placement.at(Mm.length(window.left()), Mm.length(window.bottom()));
        Outline.Size size = new Outline.Size(window.wide(), window.high());
        draft.ground(
                shaker.id(),
                Ground.of(film, SlabId.of(film), corner, size, Ground.Edge.NONE)
                        .on(aperture.in().under())
                        .shaped(aperture.cutout().onFace()));
    }

    /** The window is traced on what lies behind, film and dam go on the panel's back, then it is filled from there. */
    private static void work(Shaker shaker, Aperture aperture, BuildDraft draft, Dam dam, PartId film) {
        Materials materials = new Materials(draft);
        Material fixing = materials.adhesive(shaker.filmFixing(), new Source(shaker.id(), "filmFixing"));
        Foam foam = materials.foam(shaker.foam(), new Source(shaker.id(), "foam"));
        SlabId under = aperture.in().under();
        SlabId panel = aperture.in().slab();
        List<PartId> walls = dam.walls().stream()
                .map(w -> new PartId(shaker.id(), w.which()))
                .toList();
        int pieces = dam.walls().stream().mapToInt(w -> w.at().size()).sum() * shaker.layers();
        draft.work(Work.of(WorkKind.TRACE, shaker.id(), under, panel));
        draft.work(
                Work.laying(WorkKind.FIX_FILM, shaker.id(), new Work.Laying(List.of(film), fixing, true, true), panel));
        draft.work(Work.laying(WorkKind.LAY_DAM, shaker.id(), new Work.Laying(walls, foam, true, false), panel)
                .times(pieces));
        draft.work(Work.of(WorkKind.ANTI_STATIC, shaker.id(), SlabId.of(film)).with(Caution.DUST));
        draft.work(Work.of(WorkKind.FILL, shaker.id(), under).with(Caution.SMALL_PARTS));
    }

    private static Dam.Maker way(Shaker shaker, Aperture aperture, BuildDraft draft) {
        Shapes window = Shapes.of(aperture.opening(), draft.workshop());
        Source make = new Source(shaker.id(), "make");
        boolean round = window.form().sort() == Form.Sort.ROUND;
        boolean straight =
                window.form().sort() == Form.Sort.RECTANGLE || window.form().sort() == Form.Sort.ROUNDED;
        DamMake wish = shaker.make();
        if (wish == DamMake.BENT_STRIP) {
            if (shaker.foamWidth().isAbove(WIDEST_BENT)) {
                draft.fault(Fault.mend(RuleId.BEND_WIDTH, make, shaker.foamWidth(), WIDEST_BENT)
                        .watch()
                        .remedy(Levers.onePiece(draft.spec(), draft.workshop(), shaker.id())));
            }
            return new RingDam(true);
        }
        if (wish == DamMake.STRIPS && straight) {
            return new PinwheelDam();
        }
        if (wish != DamMake.ONE_PIECE && round) {
            return new StripDam(wish == DamMake.MITRED_STRIPS);
        }
        if (wish != DamMake.ONE_PIECE) {
            draft.fault(Fault.mend(RuleId.STRIPS_FOLLOW, make, "")
                    .watch()
                    .remedy(Levers.onePiece(draft.spec(), draft.workshop(), shaker.id())));
        }
        return new RingDam(false);
    }

    private static PartId film(Shaker shaker, Aperture aperture, BuildDraft draft) {
        Film film = new Materials(draft).film(shaker.film(), new Source(shaker.id(), "film"));
        Shapes shape = Shapes.grown(aperture.opening(), shaker.overlap(), draft.workshop());
        PartId id = new PartId(shaker.id(), "film");
        boolean square = shape.form().sort() == Form.Sort.RECTANGLE;
        draft.part(Part.of(id, "Film", film, shape.form(), shape.outline())
                .at(aperture.middle())
                .cutBy(square ? CutMethod.TRIMMER : CutMethod.DIE));
        return id;
    }

    private static SlabId wall(Shaker shaker, Dam.Wall wall, Foam foam, BuildDraft draft) {
        PartId id = new PartId(shaker.id(), wall.which());
        Part part = Part.of(id, wall.name(), foam, wall.cut().form(), wall.cut().flat())
                .at(wall.at())
                .stacked(shaker.layers())
                .cutBy(wall.cut().method());
        draft.part(part, wall.footprints());
        return SlabId.of(id);
    }

    private static void rest(BuildDraft draft, SlabId upper, SlabId lower, Foam by) {
        draft.joint(new Joint(upper, lower, Joint.Hold.RESTS, by, Length.ZERO));
    }

    private static void chamber(Shaker shaker, Aperture aperture, BuildDraft draft, Dam dam, PartId film) {
        Foam foam = new Materials(draft).foam(shaker.foam(), new Source(shaker.id(), "foam"));
        Filling filling = new Materials(draft).filling(shaker.filling(), new Source(shaker.id(), "filling"));
        Length depth = foam.thickness().times(shaker.layers());
        Fillings fill = new Fillings(shaker.id(), filling, dam.clear().area(), shaker.cover(), depth);
        draft.chamber(new Chamber(
                shaker.id(),
                Chamber.Sort.DAM,
                List.of(aperture.cutout()),
                dam.clear(),
                dam.outside(),
                aperture.in().under(),
                film,
                dam.walls().stream()
                        .map(w -> new PartId(shaker.id(), w.which()))
                        .toList(),
                dam.seams(draft.workshop()),
                depth,
                filling,
                fill.pieces()));
        derive(shaker, draft, foam);
        fill.derive(Chamber.Sort.DAM).forEach(draft::derive);
    }

    private static void derive(Shaker shaker, BuildDraft draft, Foam foam) {
        Length depth = foam.thickness().times(shaker.layers());
        draft.derive(new Derivation(
                shaker.id(),
                "Chamber, deep",
                new Amount.Thick(depth),
                "",
                List.of(new Derivation.Term(
                        shaker.layers(),
                        "foam",
                        new Amount.Thick(foam.thickness()),
                        new Source(shaker.id(), "layers")))));
    }

    private static void derive(Shaker shaker, Aperture aperture, BuildDraft draft, Dam dam) {
        Dam.Request r = new Dam.Request(shaker, aperture.opening(), aperture.middle(), draft.workshop());
        Derivation.Term overlap = Dam.Request.term(2, "overlap", shaker.overlap(), new Source(shaker.id(), "overlap"));
        Length both = shaker.overlap().times(2);
        Length w = r.opening().width();
        Length h = r.opening().height();
        draft.derive(
                r.round()
                        ? r.derive("Film", Amount.of(w.plus(both)), "", List.of(r.window(), overlap))
                        : r.derive(
                                "Film",
                                Amount.of(w.plus(both), h.plus(both)),
                                "",
                                List.of(
                                        new Derivation.Term(
                                                1, "window", Amount.of(w, h), new Source(shaker.window(), "*")),
                                        overlap)));
        dam.derivations().forEach(draft::derive);
    }
}
