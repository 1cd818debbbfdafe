package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Folded;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/** Where engineers put what they worked out. Lives for one call of {@link Engineering#engineer}. */
public final class BuildDraft {
    private final CardSpec spec;
    private final Workshop workshop;
    private final Map<PartId, Part> parts = new LinkedHashMap<>();
    private final Map<SlabId, Slab> slabs = new LinkedHashMap<>();
    private final Faces faces = new Faces();
    private final Map<Id, List<Aperture>> apertures = new LinkedHashMap<>();
    private final Workings workings = new Workings();
    private final List<Joint> joints = new ArrayList<>();
    private final List<Fold> folds = new ArrayList<>();
    private final List<Zone> zones = new ArrayList<>();
    private final List<Chamber> chambers = new ArrayList<>();
    private final List<Lettering> letterings = new ArrayList<>();
    private final Arts arts;
    private final Inks inks = new Inks();
    private final List<Work> works = new ArrayList<>();
    private final List<Derivation> derivations = new ArrayList<>();
    private final List<Fault> faults = new ArrayList<>();
    /** Small pieces with what they lie on, which get their foam when all lie. */
    private final Map<PartId, SlabId> propped = new LinkedHashMap<>();

    private final List<Runnable> afterwards = new ArrayList<>();
    private final Set<Id> begun = new LinkedHashSet<>();
    private final Set<Id> done = new LinkedHashSet<>();
    private Outline face = Outline.sheet(Length.ofMillimetres(1), Length.ofMillimetres(1));

    BuildDraft(CardSpec spec, Workshop workshop) {
        this.spec = spec;
        this.workshop = workshop;
        this.arts = new Arts(workshop);
    }

    CardSpec spec() {
        return spec;
    }

    Workshop workshop() {
        return workshop;
    }

    /** Engineers a piece unless that was done already. */
    void engineer(Piece piece) {
        if (begun.add(piece.id())) {
            Engineering.engineer(piece, this);
            done.add(piece.id());
        }
    }

    Build finish() {
        for (int i = 0; i < afterwards.size(); i++) {
            afterwards.get(i).run();
        }
        List<Joint> all = new Stacking(slabs, parts, joints, propped.keySet(), spec)
                .solve(workings.mechanics().motions(), chambers);
        new Propping(this, all).prop(propped, new Heights(slabs, all).solve());
        return new Build(
                spec,
                face,
                faces.all(),
                parts.values().stream().map(this::asChosen).map(this::stitched).toList(),
                new Heights(slabs, all).solve(),
                folds,
                all,
                zones,
                chambers,
                letterings,
                arts.all(),
                inks.surfaces(),
                inks.coloured(),
                inks.inkings(),
                works,
                derivations,
                faults,
                workings.mechanics());
    }

    /** Cut the way the maker decided, if that was said. */
    private Part asChosen(Part part) {
        return spec.cut(part.id().toString())
                .flatMap(CutChoice::method)
                .map(part::cutBy)
                .orElse(part);
    }

    /** What a stitching die of the register cuts is stitched. */
    private Part stitched(Part part) {
        Optional<Die> die = part.method() == CutMethod.DIE ? part.form().die(workshop.dies()) : Optional.empty();
        return die.filter(d -> d.stitched().isPositive())
                .map(d -> part.stitched(d.stitched()))
                .orElse(part);
    }

    /** 1 for a part that is not there. */
    int perCard(PartId id) {
        return part(id).map(Part::perCard).orElse(1);
    }

    void face(Outline outline) {
        face = outline;
    }

    /** A part which is one slab of its own thickness, its footprints where it is placed. */
    void part(Part part) {
        part(part, part.footprints());
    }

    /** A part whose footprint differs from its flat outline, such as a bent strip. */
    void part(Part part, List<Outline> footprints) {
        folded(part);
        slab(new Slab(
                SlabId.of(part.id()),
                part.id(),
                part.name(),
                part.material().thickness().times(part.stacked()),
                footprints));
    }

    /** A part whose slabs are added one by one. */
    void folded(Part part) {
        parts.put(part.id(), part);
    }

    void slab(Slab slab) {
        slabs.put(slab.id(), slab);
    }

    Collection<Slab> slabs() {
        return slabs.values();
    }

    void joint(Joint joint) {
        joints.add(joint);
    }

    /** Replaces joints once everything is engineered. */
    void rejoin(UnaryOperator<Joint> change) {
        joints.replaceAll(change);
    }

    List<Joint> joints() {
        return List.copyOf(joints);
    }

    /** Lays upper on lower with this fixing; its own thickness counts between them. */
    void lay(SlabId upper, SlabId lower, Material fixing) {
        joint(new Joint(upper, lower, Joint.Hold.RESTS, fixing, fixing.thickness()));
    }

    /** A small piece that may need foam, which is worked out when all pieces lie. */
    void prop(PartId piece, SlabId ground) {
        propped.put(piece, ground);
    }

    void fold(Fold fold) {
        folds.add(fold);
    }

    void zone(Zone zone) {
        zones.add(zone);
    }

    List<Zone> zones() {
        return List.copyOf(zones);
    }

    /** Work that follows from no part, joint or motion. */
    void work(Work work) {
        works.add(work);
    }

    void chamber(Chamber chamber) {
        chambers.add(chamber);
    }

    Arts arts() {
        return arts;
    }

    void letter(Lettering lettering) {
        letterings.add(lettering);
    }

    void derive(Derivation derivation) {
        derivations.add(derivation);
    }

    void fault(RuleId rule, Source source, String about) {
        fault(Fault.mend(rule, source, about));
    }

    void fault(Fault fault) {
        if (!faults.contains(fault)) {
            faults.add(fault);
        }
    }

    /** The lever that an input of this card is, if it is one. */
    Optional<Lever> lever(Source source) {
        return Lever.at(spec, source);
    }

    /** Runs when all pieces are engineered: for what must keep off everything else. */
    void afterwards(Runnable work) {
        afterwards.add(work);
    }

    Faces faces() {
        return faces;
    }

    void ground(Id name, Ground ground) {
        faces.add(name, ground);
    }

    void aperture(Id window, Aperture aperture) {
        apertures.computeIfAbsent(window, k -> new ArrayList<>()).add(aperture);
        cut(aperture.in(), aperture.cutout());
    }

    /** Cuts an opening into what the ground is of; its slab gets the same hole. */
    void cut(Ground in, Cutout cutout) {
        Part old = parts.get(in.part());
        if (old != null) {
            parts.put(old.id(), old.with(cutout, in.openedOut(cutout.onFace())));
        }
        slabs.computeIfPresent(
                in.slab(),
                (id, slab) -> slab.with(slab.footprints().stream()
                        .map(f -> f.without(cutout.onFace()))
                        .toList()));
    }

    /** Makes a slab higher by what is done to it. */
    void raise(SlabId id, Length by) {
        slabs.computeIfPresent(
                id, (k, s) -> new Slab(s.id(), s.part(), s.name(), s.thickness().plus(by), s.footprints()));
    }

    /** 0 for none of that name. */
    Length thickness(SlabId id) {
        Slab slab = slabs.get(id);
        return slab == null ? Length.ZERO : slab.thickness();
    }

    /** Opens a slab without taking anything out of its part, as behind a door. */
    void open(SlabId id, Outline hole) {
        slabs.computeIfPresent(
                id,
                (k, slab) -> slab.with(
                        slab.footprints().stream().map(f -> f.without(hole)).toList()));
    }

    /** The ground whose slab this is. */
    Optional<Ground> groundOf(SlabId slab) {
        return faces.of(slab);
    }

    /** Lays a slab as high as another lies, once everything else is in place, without sticking it to anything. */
    void levelWith(SlabId slab, SlabId other) {
        afterwards(() -> joints().stream()
                .filter(j -> j.upper().equals(other))
                .filter(j -> j.hold() == Joint.Hold.RESTS || j.hold() == Joint.Hold.MEETS)
                .forEach(j -> joint(new Joint(slab, j.lower(), Joint.Hold.MEETS, j.by(), j.thickness()))));
    }

    /** Hangs a slab from another by a thread; its sheets are stuck together round that. */
    void tie(SlabId slab, SlabId from, Material by) {
        levelWith(slab, from);
        joint(new Joint(from, slab, Joint.Hold.TIED, by, Length.ZERO));
    }

    /** Replaces a part by what it becomes, such as with a slit. */
    void change(PartId id, UnaryOperator<Part> change) {
        parts.computeIfPresent(id, (k, part) -> change.apply(part));
    }

    Optional<Part> part(PartId id) {
        return Optional.ofNullable(parts.get(id));
    }

    Workings workings() {
        return workings;
    }

    /** The heights as far as everything is engineered; for what depends on the finished card. */
    List<Level> levels() {
        return new Heights(slabs, joints).solve();
    }

    List<Aperture> apertures() {
        return apertures.values().stream().flatMap(List::stream).toList();
    }

    Collection<Part> parts() {
        return List.copyOf(parts.values());
    }

    /** What the piece named by source's component lies on; engineered first if need be. */
    Optional<Ground> ground(Id name, Source asker) {
        return first(name, asker, () -> faces.ground(name));
    }

    /** The side of this name that looks away from the front, if it is one; its piece engineered first. */
    Optional<Reverse> reverse(Id name) {
        spec.offering(name).filter(p -> p instanceof Folded).ifPresent(this::engineer);
        return faces.reverse(name);
    }

    /** The sheet that is worked on when one works on a piece: that of a ground, else the last of card that it is made of. */
    Optional<Slab> sheet(Id name, Source asker) {
        return first(name, asker, () -> {
            Ground ground = faces.ground(name);
            if (ground != null) {
                return slabs.get(ground.slab());
            }
            Slab last = null;
            for (Slab slab : slabs.values()) {
                Part part = parts.get(slab.part());
                boolean own = part != null && part.owner().equals(name) && part.material() instanceof Cardstock;
                last = own ? slab : last;
            }
            return last;
        });
    }

    Inks inks() {
        return inks;
    }

    /** The first opening made by a window; engineered first if need be. */
    Optional<Aperture> aperture(Id window, Source asker) {
        return first(window, asker, () -> {
            List<Aperture> all = apertures.get(window);
            return all == null ? null : all.get(0);
        });
    }

    /** Whatever offers something of this name is engineered before what asks for it. */
    void offered(Id name) {
        spec.offering(name).ifPresent(this::engineer);
    }

    private <T> Optional<T> first(Id name, Source asker, Supplier<@Nullable T> look) {
        offered(name);
        Optional<T> found = Optional.ofNullable(look.get());
        if (found.isEmpty()) {
            boolean circle = begun.contains(name) && !done.contains(name);
            fault(circle ? RuleId.GROUND_CIRCLE : RuleId.GROUND_MISSING, asker, name.value());
        }
        return found;
    }
}
