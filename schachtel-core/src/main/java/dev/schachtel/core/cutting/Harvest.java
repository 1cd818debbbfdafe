package dev.schachtel.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.CutChoice;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/**
 * The covered middles of mats and shadow layers: where one flat uncut piece lies on another and hides all of it but a
 * border, the middle may be cut out and used, with 6 mm of overlap left to glue on at each side.
 */
public final class Harvest {
    /** Left under the upper piece at each side to glue it on: 6 mm, handbook chapter 2. */
    static final Length OVERLAP = Length.ofMillimetres(6);
    /** Smaller middles are not worth the cut. */
    private static final Length LEAST = Length.ofMillimetres(25);

    private Harvest() {}

    /** Those middles that the maker has decided to use. */
    static List<Sheet> chosen(Build build) {
        return of(build.parts(), build, part -> build.spec()
                .cut(part.id().toString())
                .filter(CutChoice::middle)
                .isPresent());
    }

    /** One sheet kind a part, as many as there are of the part in all cards. */
    public static List<Sheet> of(Build build) {
        return of(build.parts(), build, part -> true);
    }

    /** The card with the middles of all its parts that have one used, or none. */
    public static CardSpec choosing(CardSpec spec, Build build, boolean use) {
        CardSpec now = spec;
        for (Part part : build.parts()) {
            if (has(build, part)) {
                String id = part.id().toString();
                Optional<CutChoice> old = now.cut(id);
                now = CardEdit.of(now)
                        .cut(new CutChoice(
                                id,
                                old.flatMap(CutChoice::method),
                                old.flatMap(CutChoice::from),
                                use,
                                old.map(CutChoice::spares).orElse(0)));
            }
        }
        return now;
    }

    /** Whether a part has a covered middle worth cutting out. */
    public static boolean has(Build build, Part part) {
        return !of(List.of(part), build, p -> true).isEmpty();
    }

    private static List<Sheet> of(List<Part> parts, Build build, Predicate<Part> which) {
        List<Sheet> all = new ArrayList<>();
        for (Part part : parts.stream().filter(which).toList()) {
            boolean plain = part.material() instanceof Cardstock
                    && !part.owner().equals(Id.BASE)
                    && part.cutouts().isEmpty()
                    && part.slits().isEmpty()
                    && part.at().size() == 1;
            List<SlabId> on = build.lyingOn(SlabId.of(part.id()));
            if (plain && on.size() == 1 && flat(build, on.get(0))) {
                build.level(on.get(0)).ifPresent(upper -> middle(part, upper, build, all));
            }
        }
        return all;
    }

    /** Glued or taped flat, not on foam, and whole where it covers. */
    private static boolean flat(Build build, SlabId upper) {
        boolean glued = build.joints().stream()
                .filter(j -> j.upper().equals(upper) && j.hold() == Joint.Hold.RESTS)
                .allMatch(j -> j.by() instanceof dev.schachtel.core.material.Adhesive);
        return glued && build.partAt(upper).filter(p -> p.cutouts().isEmpty()).isPresent();
    }

    private static void middle(Part part, Level upper, Build build, List<Sheet> all) {
        if (upper.slab().footprints().size() != 1
                || upper.slab()
                                .footprints()
                                .get(0)
                                .area()
                                .shareOf(box(upper.slab().bounds()))
                        < 0.999) {
            return;
        }
        Box box = upper.slab().bounds();
        Length w = Mm.length(box.width()).minus(OVERLAP.times(2));
        Length h = Mm.length(box.height()).minus(OVERLAP.times(2));
        if (w.isBelow(LEAST) || h.isBelow(LEAST)) {
            return;
        }
        String id = ("middle-" + part.id()).replaceAll("[^a-z0-9-]", "-");
        all.add(new Sheet(
                new MaterialId(id.length() > 40 ? id.substring(0, 40) : id),
                part.material().id(),
                w,
                h,
                part.grain() == Grain.NONE ? Grain.UP : part.grain(),
                false,
                part.perCard() * build.spec().brief().cards(),
                Sheet.Origin.MIDDLE,
                0));
    }

    private static dev.schachtel.core.measure.Area box(Box box) {
        return dev.schachtel.core.measure.Area.of(box.wide(), box.high());
    }
}
