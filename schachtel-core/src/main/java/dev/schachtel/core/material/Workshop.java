package dev.schachtel.core.material;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.house.WorkTime;
import dev.schachtel.core.learning.Accuracy;
import dev.schachtel.core.measure.Length;

/** Everything the maker has to work with. Lists are in the order in which pages offer them. */
public record Workshop(
        List<Material> materials,
        List<Filling> fillings,
        List<Sheet> sheets,
        List<Roll> rolls,
        List<Die> dies,
        List<Envelope> envelopes,
        List<Technique> techniques,
        List<WorkTime> times,
        List<Picture> pictures,
        List<Shade> shades,
        List<Pairing> pairings,
        List<MediumUse> media,
        List<Measured> measured,
        Tools tools,
        HouseRules house) {
    public Workshop {
        materials = List.copyOf(materials);
        fillings = List.copyOf(fillings);
        sheets = List.copyOf(sheets);
        rolls = List.copyOf(rolls);
        dies = List.copyOf(dies);
        envelopes = List.copyOf(envelopes);
        techniques = List.copyOf(techniques);
        times = List.copyOf(times);
        pictures = List.copyOf(pictures);
        shades = List.copyOf(shades);
        pairings = List.copyOf(pairings);
        media = List.copyOf(media);
        measured = List.copyOf(measured);
    }

    /** The same workshop with another drawer. */
    public Workshop with(List<Sheet> otherSheets, List<Roll> otherRolls, Tools otherTools) {
        return changed(c -> {
            c.sheets = otherSheets;
            c.rolls = otherRolls;
            c.tools = otherTools;
        });
    }

    /** The same workshop with other dies. */
    public Workshop with(List<Die> otherDies) {
        return changed(c -> c.dies = otherDies);
    }

    /** The same workshop with other ways of doing things. */
    public Workshop with(List<Technique> book, HouseRules rules) {
        return changed(c -> {
            c.techniques = book;
            c.house = rules;
        });
    }

    /** The same workshop with other times. */
    public Workshop timed(List<WorkTime> other) {
        return changed(c -> c.times = other);
    }

    /** The same workshop with other pictures in the box. */
    public Workshop pictured(List<Picture> other) {
        return changed(c -> c.pictures = other);
    }

    /** The same workshop with other materials. */
    public Workshop stocked(List<Material> other) {
        return changed(c -> c.materials = other);
    }

    /** The same workshop with other pens, inks and powders. */
    public Workshop shaded(List<Shade> other) {
        return changed(c -> c.shades = other);
    }

    /** The same workshop with another table of what goes on what. */
    public Workshop paired(List<Pairing> other) {
        return changed(c -> c.pairings = other);
    }

    /** The same workshop with another way of working with a medium. */
    public Workshop using(MediumUse other) {
        List<MediumUse> all = new ArrayList<>(
                media.stream().filter(m -> m.medium() != other.medium()).toList());
        all.add(other);
        return changed(c -> c.media = all);
    }

    /** The same workshop with other pieces measured. */
    public Workshop measuring(List<Measured> other) {
        return changed(c -> c.measured = other);
    }

    /** How exactly this maker works in a way: by the book and by what was measured. */
    public Accuracy accuracy(Method way) {
        return Accuracy.of(
                millimetres(way.sigma()),
                measured.stream()
                        .filter(m -> m.way() == way)
                        .map(m -> millimetres(m.off()))
                        .toList());
    }

    /** Where the trimmer's stop is set so that a piece of this size comes out: shorter by what it is known to cut too long, where that is wanted. */
    public Length stop(Length size) {
        return tools.offset()
                ? size.minus(
                        Length.ofMicrometres(Math.round(accuracy(Method.TRIMMER).bias() * 1000)))
                : size;
    }

    private static double millimetres(Length length) {
        return length.nanometres() / 1e6;
    }

    /** How this maker works with a medium; as usual where nothing was said. */
    public MediumUse use(Medium medium) {
        return media.stream().filter(m -> m.medium() == medium).findFirst().orElseGet(() -> MediumUse.usual(medium));
    }

    private Workshop changed(Consumer<Copy> change) {
        Copy copy = new Copy(this);
        change.accept(copy);
        return new Workshop(
                copy.materials,
                fillings,
                copy.sheets,
                copy.rolls,
                copy.dies,
                envelopes,
                copy.techniques,
                copy.times,
                copy.pictures,
                copy.shades,
                copy.pairings,
                copy.media,
                copy.measured,
                copy.tools,
                copy.house);
    }

    /** What may be another in the next workshop. */
    private static final class Copy {
        private List<Material> materials;
        private List<Sheet> sheets;
        private List<Roll> rolls;
        private List<Die> dies;
        private List<Technique> techniques;
        private List<WorkTime> times;
        private List<Picture> pictures;
        private List<Shade> shades;
        private List<Pairing> pairings;
        private List<MediumUse> media;
        private List<Measured> measured;
        private Tools tools;
        private HouseRules house;

        Copy(Workshop of) {
            materials = of.materials;
            sheets = of.sheets;
            rolls = of.rolls;
            dies = of.dies;
            techniques = of.techniques;
            times = of.times;
            pictures = of.pictures;
            shades = of.shades;
            pairings = of.pairings;
            media = of.media;
            measured = of.measured;
            tools = of.tools;
            house = of.house;
        }
    }

    public Optional<Shade> shade(MaterialId id) {
        return shades.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Optional<Picture> picture(MaterialId id) {
        return pictures.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<Technique> technique(MaterialId id) {
        return techniques.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    public Optional<Material> material(MaterialId id) {
        return materials.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** The material under this id if it is of the type asked for. */
    public <M extends Material> Optional<M> find(MaterialId id, Class<M> type) {
        return material(id).filter(type::isInstance).map(type::cast);
    }

    public <M extends Material> List<M> all(Class<M> type) {
        return materials.stream().filter(type::isInstance).map(type::cast).toList();
    }

    public Optional<Filling> filling(MaterialId id) {
        return fillings.stream().filter(f -> f.id().equals(id)).findFirst();
    }

    public Optional<Envelope> envelope(MaterialId id) {
        return envelopes.stream().filter(e -> e.id().equals(id)).findFirst();
    }

    public List<Roll> rollsOf(MaterialId material) {
        return rolls.stream().filter(r -> r.material().equals(material)).toList();
    }

    public List<Sheet> sheetsOf(MaterialId material) {
        return sheets.stream().filter(s -> s.material().equals(material)).toList();
    }
}
