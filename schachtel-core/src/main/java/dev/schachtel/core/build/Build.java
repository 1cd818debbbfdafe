package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

/**
 * The engineered card.
 *
 * @param face the outline of the closed card seen from the front
 * @param faces what pieces can lie on
 * @param levels all slabs from the back to the front
 * @param coloured areas of pictures that are coloured by hand
 * @param inkings what each shade colours, in the order of the strokes
 */
public record Build(
        CardSpec spec,
        Outline face,
        List<Face> faces,
        List<Part> parts,
        List<Level> levels,
        List<Fold> folds,
        List<Joint> joints,
        List<Zone> zones,
        List<Chamber> chambers,
        List<Lettering> letterings,
        List<Art> arts,
        List<Surface> surfaces,
        List<Coloured> coloured,
        List<Inking> inkings,
        List<Work> works,
        List<Derivation> derivations,
        List<Fault> faults,
        Mechanics mechanics) {
    public Build {
        faces = List.copyOf(faces);
        parts = new Indexed<>(parts, Part::id);
        levels = new Indexed<>(levels, l -> l.slab().id());
        folds = List.copyOf(folds);
        joints = List.copyOf(joints);
        zones = List.copyOf(zones);
        chambers = List.copyOf(chambers);
        letterings = List.copyOf(letterings);
        arts = List.copyOf(arts);
        surfaces = List.copyOf(surfaces);
        coloured = List.copyOf(coloured);
        inkings = List.copyOf(inkings);
        works = List.copyOf(works);
        derivations = List.copyOf(derivations);
        faults = List.copyOf(faults);
    }

    /** What could be built of a card, with why the rest could not. */
    public Build of(CardSpec whole, Fault why) {
        List<Fault> all = new ArrayList<>(faults);
        all.add(why);
        return new Build(
                whole,
                face,
                faces,
                parts,
                levels,
                folds,
                joints,
                zones,
                chambers,
                letterings,
                arts,
                surfaces,
                coloured,
                inkings,
                works,
                derivations,
                all,
                mechanics);
    }

    public Optional<Part> part(PartId id) {
        return found(parts, id);
    }

    public Optional<Face> face(Id name) {
        return faces.stream().filter(f -> f.name().equals(name)).findFirst();
    }

    public List<Part> partsOf(Id owner) {
        return parts.stream().filter(p -> p.owner().equals(owner)).toList();
    }

    public Optional<Level> level(SlabId id) {
        return found(levels, id);
    }

    public List<Derivation> derivationsOf(Id owner) {
        return derivations.stream().filter(d -> d.owner().equals(owner)).toList();
    }

    public List<Zone> zones(Zone.Use use) {
        return zones.stream().filter(z -> z.use() == use).toList();
    }

    /** The picture on a part. */
    public Optional<Art> art(PartId id) {
        return arts.stream().filter(a -> a.part().equals(id)).findFirst();
    }

    /** What is done with a pen, if that is what some surface work is. */
    public Optional<Inking> inking(Surface work) {
        return inkings.stream().filter(i -> i.asWork().equals(work)).findFirst();
    }

    /** Whether a part is needed only while the card is made, such as a mask. */
    public boolean isAside(PartId id) {
        return works.stream().anyMatch(w -> w.aside().contains(id));
    }

    /** How many of a picture one card takes that are cut out, not drawn on what moves. */
    public int cutOut(MaterialId picture) {
        return arts.stream()
                .filter(a -> a.picture().equals(picture))
                .filter(a -> works.stream()
                        .noneMatch(w -> w.kind() == WorkKind.DRAW
                                && w.owner().equals(a.part().owner())))
                .flatMap(a -> part(a.part()).stream())
                .mapToInt(Part::perCard)
                .sum();
    }

    /** The piece that the slab with this id is of. */
    public Optional<Part> partAt(SlabId id) {
        return level(id).map(l -> l.slab().part()).flatMap(this::part);
    }

    /** Whether it is a sheet of card, not film, foam, thread or paste. */
    public boolean isCard(Level level) {
        return part(level.slab().part())
                .filter(p -> p.material() instanceof Cardstock)
                .isPresent();
    }

    /** The lowest leaf that closes over the card; empty for a card that lies open. */
    public Optional<Level> front() {
        return mechanics.leaves().stream()
                .flatMap(l -> level(l.slab()).stream())
                .min(Comparator.comparing(Level::bottom));
    }

    /**
     * The colour of a sheet of card as it is seen: that of the card or of the picture on it, with what was blended over all of it laid on like a
     * clear film; empty for what is no card. Stamps, stencils and splatter leave the ground as it is.
     */
    public Optional<Colour> colour(PartId id) {
        return card(id).map(
                        card -> art(id).map(a -> a.mean(part(id).orElseThrow().outline(), card.colour()))
                                .orElse(card.colour()))
                .map(plain -> inked(id, plain));
    }

    /** The colour of a sheet of card on which words are written: as {@link #colour}, without what is drawn on it. */
    public Optional<Colour> ground(PartId id) {
        return card(id).map(card -> inked(id, card.colour()));
    }

    private Optional<Cardstock> card(PartId id) {
        return part(id).map(Part::material).filter(Cardstock.class::isInstance).map(Cardstock.class::cast);
    }

    /** The colour of a sheet in some place of the face, as {@link #ground}. */
    public Optional<Colour> ground(PartId id, Outline where) {
        List<Surface> works = surfaces(id);
        return card(id).map(card -> Inked.of(works, List.of(where), card.colour()));
    }

    private Colour inked(PartId id, Colour plain) {
        List<Surface> works = surfaces(id);
        return works.isEmpty()
                ? plain
                : Inked.of(
                        works,
                        levels.stream()
                                .filter(l -> l.slab().id().equals(works.get(0).slab()))
                                .flatMap(l -> l.slab().footprints().stream())
                                .toList(),
                        plain);
    }

    /** Whether surface work changes the colour of a sheet. */
    public boolean isInked(PartId id) {
        return surfaces(id).stream().anyMatch(s -> s.technique().kind().blends());
    }

    private List<Surface> surfaces(PartId id) {
        return surfaces.stream().filter(s -> s.part().equals(id)).toList();
    }

    /** Thickness of the closed card: the highest top. */
    public Length thickness() {
        return levels.stream().map(Level::top).reduce(Length.ZERO, Length::max);
    }

    /** Of the ways in which it lies flat, the one that needs the smallest envelope. */
    public Flat smallestFlat() {
        Comparator<Flat> longer = Comparator.comparing(f -> Length.max(f.width(), f.height()));
        return mechanics.flats().stream()
                .min(longer.thenComparing(f -> Length.min(f.width(), f.height())))
                .orElseThrow();
    }

    /** Thickness when it lies so: a card without leaves is drawn opened out, and its own layers come on top of each other. */
    public Length thickness(Flat flat) {
        if (!mechanics.leaves().isEmpty()) {
            return thickness();
        }
        Length card = parts.get(0).material().thickness();
        return thickness().plus(card.times(flat.layers() - 1L));
    }

    /** The letters by which drawings and lists call the parts: A to Z without I and O, then AA, AB, ... */
    public Map<PartId, String> letters() {
        Map<PartId, String> letters = new LinkedHashMap<>();
        for (Part part : parts) {
            letters.put(part.id(), letter(letters.size()));
        }
        return letters;
    }

    static String letter(int index) {
        String alphabet = "ABCDEFGHJKLMNPQRSTUVWXYZ";
        int n = alphabet.length();
        return (index < n ? "" : letter(index / n - 1)) + alphabet.charAt(index % n);
    }

    /** The constructor sees to it that both lists are indexed. */
    @SuppressWarnings("unchecked")
    private static <K, V> Optional<V> found(List<V> list, K key) {
        return ((Indexed<K, V>) list).find(key);
    }

    /** What lies directly on a slab: uppers of joints that rest on it. */
    public List<SlabId> lyingOn(SlabId lower) {
        List<SlabId> uppers = new ArrayList<>();
        for (Joint joint : joints) {
            if (joint.lower().equals(lower) && joint.hold() == Joint.Hold.RESTS) {
                uppers.add(joint.upper());
            }
        }
        return uppers;
    }
}
