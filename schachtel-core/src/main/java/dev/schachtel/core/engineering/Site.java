package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Trouble;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;

/** Where engineers put what they worked out. Lives for one call of {@link Engineering#engineer}. */
public final class Site {
    private final CardSpec spec;
    private final Workshop workshop;
    private final Map<PartId, Part> parts = new LinkedHashMap<>();
    private final Map<SlabId, Slab> slabs = new LinkedHashMap<>();
    private final Map<Id, Ground> grounds = new LinkedHashMap<>();
    private final Map<Id, Aperture> apertures = new LinkedHashMap<>();
    private final List<Joint> joints = new ArrayList<>();
    private final List<Fold> folds = new ArrayList<>();
    private final List<Zone> zones = new ArrayList<>();
    private final List<Chamber> chambers = new ArrayList<>();
    private final List<Derivation> derivations = new ArrayList<>();
    private final List<Trouble> troubles = new ArrayList<>();
    private final List<Runnable> afterwards = new ArrayList<>();
    private final Set<Id> begun = new LinkedHashSet<>();
    private final Set<Id> done = new LinkedHashSet<>();
    private Outline face = Outline.sheet(Length.ofMillimetres(1), Length.ofMillimetres(1));

    Site(CardSpec spec, Workshop workshop) {
        this.spec = spec;
        this.workshop = workshop;
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
        return new Build(
                spec,
                face,
                List.copyOf(parts.values()),
                new Heights(slabs, joints).solve(),
                folds,
                joints,
                zones,
                chambers,
                derivations,
                troubles);
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

    void joint(Joint joint) {
        joints.add(joint);
    }

    List<Joint> joints() {
        return List.copyOf(joints);
    }

    /** Lays upper on lower with this fixing; its own thickness counts between them. */
    void lay(SlabId upper, SlabId lower, Material fixing) {
        joint(new Joint(upper, lower, Joint.Hold.RESTS, fixing, fixing.thickness()));
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

    void chamber(Chamber chamber) {
        chambers.add(chamber);
    }

    void derive(Derivation derivation) {
        derivations.add(derivation);
    }

    void trouble(Trouble.Sort sort, Source source, String about) {
        trouble(new Trouble(sort, source, about, Length.ZERO, Length.ZERO));
    }

    void trouble(Trouble trouble) {
        if (!troubles.contains(trouble)) {
            troubles.add(trouble);
        }
    }

    /** Runs when all pieces are engineered: for what must keep off everything else. */
    void afterwards(Runnable work) {
        afterwards.add(work);
    }

    void ground(Id name, Ground ground) {
        grounds.put(name, ground);
    }

    void aperture(Id window, Aperture aperture) {
        apertures.put(window, aperture);
        Cutout cutout = aperture.cutout();
        Part old = parts.get(aperture.in().part());
        if (old != null) {
            Part cut = old.with(cutout);
            parts.put(cut.id(), cut);
        }
        Slab slab = slabs.get(aperture.in().slab());
        List<Outline> holed =
                slab.footprints().stream().map(f -> f.without(cutout.onFace())).toList();
        slabs.put(slab.id(), new Slab(slab.id(), slab.part(), slab.name(), slab.thickness(), holed));
    }

    /** What the piece named by source's component lies on; engineered first if need be. */
    Optional<Ground> ground(Id name, Source asker) {
        return first(name, asker, () -> grounds.get(name));
    }

    /** The opening made by a window; engineered first if need be. */
    Optional<Aperture> aperture(Id window, Source asker) {
        return first(window, asker, () -> apertures.get(window));
    }

    private <T> Optional<T> first(Id name, Source asker, Supplier<T> look) {
        spec.piece(name).ifPresent(this::engineer);
        Optional<T> found = Optional.ofNullable(look.get());
        if (found.isEmpty()) {
            boolean circle = begun.contains(name) && !done.contains(name);
            trouble(circle ? Trouble.Sort.CIRCLE : Trouble.Sort.NO_GROUND, asker, name.value());
        }
        return found;
    }
}
