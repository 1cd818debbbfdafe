package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Changes to the picture box by typed text. */
public record BoxEdit(List<Picture> pictures) {
    /** The most pictures that a box holds. */
    public static final int MOST = 300;

    private static final Set<String> ASKED = Set.of("name", "role", "looks", "stance", "method", "foot", "owned");
    private static final Length SMALLEST = Length.ofMillimetres(1);
    private static final int MOST_OWNED = 999;

    private static final int LONGEST = 60;

    public BoxEdit {
        pictures = List.copyOf(pictures);
    }

    /**
     * One thing about a picture: its name, role, way of looking, stance, way of cutting, foot (mm), or how many there are.
     *
     * @throws RefusedException if there is no such picture or thing, or the text means nothing
     */
    public List<Picture> set(MaterialId id, String what, String text) {
        Picture old = find(id);
        RecordType type = RecordType.of(Picture.class);
        RecordType.Component component = type.component(what)
                .filter(c -> ASKED.contains(c.name()))
                .orElseThrow(() -> new RefusedException(what, "is nothing that is kept of a picture"));
        Object value = Scalars.read(component, text.strip(), Units.MM, what);
        if (value instanceof String name && name.isBlank()) {
            throw new RefusedException(what, "must not be empty");
        }
        if (value instanceof Length foot && (foot.isNegative() || foot.isAbove(old.height()))) {
            throw new RefusedException(what, "must be from 0 mm to the picture's height");
        }
        if (value instanceof Integer owned && owned > MOST_OWNED) {
            throw new RefusedException(what, "must be 0, for as many as wanted, to " + MOST_OWNED);
        }
        return with(old, (Picture) type.with(old, component, value, what));
    }

    /**
     * An area of a picture with another name or colour.
     *
     * @throws RefusedException if there is no such picture or area, or the name is empty or longer than {@value #LONGEST} letters
     */
    public List<Picture> region(MaterialId id, int number, String name, Colour colour) {
        Picture old = find(id);
        if (number < 0 || number >= old.regions().size()) {
            throw new RefusedException("region", "is not in this picture");
        }
        String said = name.strip();
        if (said.isEmpty() || said.length() > LONGEST || said.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedException("region", "needs a name of 1 to " + LONGEST + " letters");
        }
        List<Picture.Region> all = new ArrayList<>(old.regions());
        all.set(number, new Picture.Region(said, colour, all.get(number).path()));
        return with(old, old.coloured(all));
    }

    /** A picture in another real size, by its height in mm; its width and foot follow. */
    public List<Picture> sized(MaterialId id, String height) {
        Picture old = find(id);
        RecordType type = RecordType.of(Picture.class);
        RecordType.Component component = type.component("height").orElseThrow();
        Length high = (Length) Scalars.read(component, height.strip(), Units.MM, "height");
        if (high.isBelow(SMALLEST) || high.isAbove(Scalars.LONGEST)) {
            throw new RefusedException("height", "must be from 1 mm to 3 m");
        }
        return with(old, old.sized(high));
    }

    /** Whether a card has a picture anywhere: as a piece, a rider, a window. */
    public static boolean isUsed(MaterialId id, CardSpec spec) {
        return count(id, spec) > 0;
    }

    /** How often a card has a picture. */
    public static int count(MaterialId id, CardSpec spec) {
        return spec.pieces().mapToInt(p -> count(id, (Object) p)).sum();
    }

    private static int count(MaterialId id, Object record) {
        RecordType type = RecordType.of(record.getClass());
        return type.components().stream()
                .mapToInt(c -> {
                    Object value = type.get(record, c);
                    boolean shows = c.asked().from() == Asked.Choice.PICTURE && id.equals(value);
                    return (shows ? 1 : 0) + (c.isFamily() ? count(id, value) : 0);
                })
                .sum();
    }

    /** A new picture comes first; one of the same id gives way to it. */
    public List<Picture> put(Picture picture) {
        if (pictures.size() >= MOST) {
            throw new RefusedException("box", "holds " + MOST + " pictures; take one out first");
        }
        List<Picture> all = new ArrayList<>(pictures);
        all.removeIf(p -> p.id().equals(picture.id()));
        all.add(0, picture);
        return all;
    }

    public List<Picture> remove(MaterialId id) {
        Picture gone = find(id);
        return pictures.stream().filter(p -> p != gone).toList();
    }

    private List<Picture> with(Picture old, Picture now) {
        return pictures.stream().map(p -> p == old ? now : p).toList();
    }

    private Picture find(MaterialId id) {
        return pictures.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException(id.value(), "is not in the box"));
    }
}
