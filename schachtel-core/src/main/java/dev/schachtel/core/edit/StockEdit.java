package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Die;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Roll;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/**
 * Changes to what is in the drawer, by text as the maker types it. Every method answers the workshop as it is then.
 *
 * <p>Sizes are 1 mm to 3 m (kerf, squaring up and smallest offcut may be 0, plates and mat where there are none), rolls up to 500 m, counts 0 to 100 000, prices
 * 0 to 1 000 000 hundredths.
 */
public final class StockEdit {
    private static final Length LEAST = Length.ofMillimetres(1);
    /** Along what lies in the drawer, rolls aside. */
    public static final Length MOST = Length.ofMillimetres(3_000);

    public static final Length LONGEST_ROLL = Length.ofMillimetres(500_000);
    public static final int MOST_COUNTED = 100_000;
    public static final int DEAREST = 1_000_000;

    private static final Length LARGEST_GEM = Length.ofMillimetres(30);
    /** Grams of a square metre of plastic gems: estimate. */
    private static final int USUAL_WEIGHT = 2000;

    private final Workshop workshop;
    private final Units units;

    private StockEdit(Workshop workshop, Units units) {
        this.workshop = workshop;
        this.units = units;
    }

    /** Plain numbers are taken in these units. */
    public static StockEdit of(Workshop workshop, Units units) {
        return new StockEdit(workshop, units);
    }

    /**
     * What a page calls something in the drawer.
     *
     * @throws RefusedException if nothing can be called so
     */
    public static MaterialId id(String text) {
        if (!text.matches(MaterialId.PATTERN)) {
            throw new RefusedException("drawer", "holds nothing of this name; load the page again");
        }
        return new MaterialId(text);
    }

    /**
     * One component of a sheet, roll or the tools ("tools"); of a card its finish, of gems and the like how many are left.
     *
     * @throws RefusedException with what was typed and what is allowed
     */
    public Workshop set(MaterialId id, String component, String text) {
        if (id.value().equals("tools")) {
            return with(workshop.sheets(), workshop.rolls(), changed(workshop.tools(), component, text));
        }
        if (workshop.material(id).isPresent()) {
            return workshop.stocked(workshop.materials().stream()
                    .map(m -> m.id().equals(id) ? material(m, component, text) : m)
                    .toList());
        }
        if (workshop.sheets().stream().noneMatch(s -> s.id().equals(id))
                && workshop.rolls().stream().noneMatch(r -> r.id().equals(id))) {
            throw new RefusedException(id.value(), "is not in the drawer");
        }
        return with(
                workshop.sheets().stream()
                        .map(s -> s.id().equals(id) ? changed(s, component, text) : s)
                        .toList(),
                workshop.rolls().stream()
                        .map(r -> r.id().equals(id) ? changed(r, component, text) : r)
                        .toList(),
                workshop.tools());
    }

    /** A new kind of sheet or an offcut. */
    public Workshop addSheet(MaterialId material, String width, String height, Sheet.Origin origin) {
        Material of = material(material);
        if (of.fromRoll() || of.isCounted() || of instanceof Adhesive) {
            throw new RefusedException("material", "'" + of.name() + "' is not kept in sheets");
        }
        Grain grain = of instanceof Cardstock ? Grain.UP : Grain.NONE;
        String stem = material + (origin == Sheet.Origin.OFFCUT ? "-offcut" : "-sheet");
        Sheet sheet = new Sheet(
                free(stem), material, length("width", width), length("height", height), grain, false, 1, origin, 0);
        return with(plus(workshop.sheets(), sheet), workshop.rolls(), workshop.tools());
    }

    /** A full roll. */
    public Workshop addRoll(MaterialId material, String width, String full) {
        Length whole = length("full", full);
        Roll roll =
                new Roll(free(material + "-roll"), material(material).id(), length("width", width), whole, whole, 0);
        return with(workshop.sheets(), plus(workshop.rolls(), roll), workshop.tools());
    }

    /**
     * A new sort of gems, pearls, eyes or sequins.
     *
     * @param colour as {@code #dfe8ee}
     */
    public Workshop addEmbellishment(String name, Embellishment.Sort sort, String width, String height, String colour) {
        String called = name.strip();
        if (called.isEmpty() || called.length() > 60) {
            throw new RefusedException("name", "must have 1 to 60 letters");
        }
        if (!colour.matches(Colour.PATTERN)) {
            throw new RefusedException("colour", "'" + colour + "' must be six hex digits after #");
        }
        Embellishment fresh = new Embellishment(
                free(Scalars.kebab(sort.name())),
                called,
                sort,
                small("width", width),
                small("height", height),
                USUAL_WEIGHT,
                Colour.parse(colour),
                0);
        return workshop.stocked(plus(workshop.materials(), fresh));
    }

    private Length small(String component, String text) {
        Length length = length(component.equals("height") ? "width" : component, text);
        if (length.isAbove(LARGEST_GEM)) {
            throw new RefusedException(component, "'" + text.strip() + "' is too large; 30 mm is the most");
        }
        return length;
    }

    /** A die of its own or of a nested set. */
    public Workshop addDie(Die.Shape shape, String width, String height, String set) {
        Length wide = length("width", width);
        Length high = height.isBlank() ? wide : length("height", height);
        if (set.length() > 60) {
            throw new RefusedException("set", "is longer than 60 letters");
        }
        String word = Scalars.kebab(shape.name());
        Die die = new Die(free("die-" + word), word + " die", shape, wide, high, set.strip(), Length.ZERO);
        return workshop.with(plus(workshop.dies(), die));
    }

    /** Without the sheet, roll, die or small things of this name. */
    public Workshop remove(MaterialId id) {
        Workshop rest = workshop.with(
                workshop.dies().stream().filter(d -> !d.id().equals(id)).toList());
        Workshop fewer = rest.stocked(rest.materials().stream()
                .filter(m -> !(m.isCounted() && m.id().equals(id)))
                .toList());
        return fewer.with(
                workshop.sheets().stream().filter(s -> !s.id().equals(id)).toList(),
                workshop.rolls().stream().filter(r -> !r.id().equals(id)).toList(),
                workshop.tools());
    }

    /** With all sheets, rolls and offcuts replaced, as from a list that was read. */
    public Workshop replaced(List<Sheet> sheets, List<Roll> rolls) {
        sheets.forEach(s -> material(s.material()));
        rolls.forEach(r -> material(r.material()));
        return with(sheets, rolls, workshop.tools());
    }

    private Material material(Material of, String component, String text) {
        boolean may = of instanceof Cardstock && component.equals("finish")
                || of instanceof Embellishment && component.equals("owned");
        if (!may) {
            throw new RefusedException(component, "of '" + of.name() + "' can't be changed here");
        }
        return changed(of, component, text);
    }

    private Material material(MaterialId id) {
        return workshop.material(id)
                .orElseThrow(() -> new RefusedException("material", "'" + id + "' is not in the workshop"));
    }

    private static <T> List<T> plus(List<T> list, T more) {
        List<T> all = new ArrayList<>(list);
        all.add(more);
        return all;
    }

    private MaterialId free(String stem) {
        String root = stem.length() > 34 ? stem.substring(0, 34) : stem;
        return Stream.iterate(1, i -> i + 1)
                .map(i -> new MaterialId(root + "-" + i))
                .filter(id -> workshop.sheets().stream().noneMatch(s -> s.id().equals(id)))
                .filter(id -> workshop.rolls().stream().noneMatch(r -> r.id().equals(id)))
                .filter(id -> workshop.dies().stream().noneMatch(d -> d.id().equals(id)))
                .filter(id -> workshop.material(id).isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private Workshop with(List<Sheet> sheets, List<Roll> rolls, Tools tools) {
        return workshop.with(sheets, rolls, tools);
    }

    private <T> T changed(T record, String component, String text) {
        RecordType recordType = RecordType.of(record.getClass());
        RecordType.Component field = recordType
                .component(component)
                .filter(b -> !b.name().equals("id"))
                .orElseThrow(() -> new RefusedException(component, "is nothing that can be changed here"));
        Function<String, Object> read = field.content() == Length.class
                ? t -> length(component, t)
                : field.content() == int.class
                        ? t -> whole(component, t)
                        : t -> Scalars.read(field, t, units, component);
        @SuppressWarnings("unchecked")
        T now = (T) recordType.with(record, field, read.apply(text), component);
        return now;
    }

    private Length length(String component, String text) {
        Length value = Scalars.readLength(text, units, component);
        boolean roll = component.equals("left") || component.equals("full");
        boolean may0 = List.of(
                        "kerf",
                        "squareUp",
                        "keep",
                        "left",
                        "plateWidth",
                        "plateLength",
                        "matWidth",
                        "matHeight",
                        "pressWidth",
                        "pressHeight")
                .contains(component);
        Length least = may0 ? Length.ZERO : component.equals("width") ? Length.ofMicrometres(100) : LEAST;
        Length most = roll ? LONGEST_ROLL : MOST;
        if (value.isBelow(least) || value.isAbove(most)) {
            throw new RefusedException(
                    component,
                    "'" + text.strip() + "' is too " + (value.isBelow(least) ? "small" : "large") + "; between "
                            + Units.MM.show(least) + " and " + Units.MM.show(most) + " mm can be kept");
        }
        return value;
    }

    /** 0.95 or 3; halves of a hundredth are refused. */
    private static int hundredths(String text) {
        String allowed = "'" + text + "' must be a sum such as 0.95, 10 000 at most";
        if (!text.matches("\\d{1,5}([.,]\\d{1,2})?")) {
            throw new RefusedException("price", allowed);
        }
        int sum = new java.math.BigDecimal(text.replace(',', '.'))
                .movePointRight(2)
                .intValueExact();
        if (sum > DEAREST) {
            throw new RefusedException("price", allowed);
        }
        return sum;
    }

    private static int whole(String component, String text) {
        if (component.equals("price")) {
            return hundredths(text.strip());
        }
        int most = MOST_COUNTED;
        String plain = text.strip();
        if (!plain.matches("\\d{1,7}") || Integer.parseInt(plain) > most) {
            throw new RefusedException(component, "'" + plain + "' must be a whole number, 0 to " + most);
        }
        return Integer.parseInt(plain);
    }
}
