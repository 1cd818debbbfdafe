package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Inked;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Aim;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.colour.Light;
import dev.schachtel.core.colour.Shading;
import dev.schachtel.core.colour.Thrift;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/** How the areas of a card's pictures should look, and what throws its shadow on them. */
record Palettes(Colouring colouring, BuildDraft draft, List<Level> levels) {
    /** What differs less from the card is left as it is: CIEDE2000 under which steps can't be seen. */
    private static final double SAME = 4;

    /** When all lies: heights are asked for once. */
    static Palettes of(Colouring colouring, BuildDraft draft) {
        return new Palettes(colouring, draft, draft.levels());
    }

    static boolean isBare(Colour target, Colour card) {
        return target.lab().differenceTo(card.lab()) < SAME;
    }

    static boolean isNarrow(Art.Tint tint) {
        return tint.areas().stream().allMatch(a -> a.isNarrower(Shading.NARROW));
    }

    Light light() {
        return colouring.light();
    }

    boolean isDarkFirst() {
        return colouring.isDarkFirst(draft.workshop().use(colouring.medium()).darkFirst());
    }

    boolean canColour(Art art) {
        return !art.isWords()
                && draft.part(art.part())
                        .filter(p -> p.material() instanceof Cardstock)
                        .isPresent();
    }

    /** All areas that take colour. */
    List<Thrift.Ask> asks() {
        return draft.arts().all().stream()
                .filter(this::canColour)
                .flatMap(art -> {
                    Colour card =
                            ((Cardstock) draft.part(art.part()).orElseThrow().material()).colour();
                    return art.tints().stream().map(t -> new Thrift.Ask(target(art, t), card, isNarrow(t)));
                })
                .filter(a -> !isBare(a.target(), a.ground()))
                .distinct()
                .toList();
    }

    /** As the maker wants it on this card, else as the picture has it. */
    Colour target(Art art, Art.Tint tint) {
        return colouring.aims().stream()
                .filter(a -> a.isAbout(art.picture(), tint.name()))
                .findFirst()
                .flatMap(a -> wanted(a.wanted()))
                .orElse(tint.colour());
    }

    private Optional<Colour> wanted(Aim.Wanted wanted) {
        if (wanted instanceof Aim.Wanted.Plain p) {
            return Optional.of(p.colour());
        } else if (wanted instanceof Aim.Wanted.LikePaper p) {
            return draft.workshop().find(p.paper(), Cardstock.class).map(Cardstock::colour);
        }
        return sheet(((Aim.Wanted.LikeSheet) wanted).sheet());
    }

    /** The colour of a sheet as it is inked. */
    private Optional<Colour> sheet(Id name) {
        Ground ground = draft.faces().ground(name);
        return draft.slabs().stream()
                .filter(s -> ground != null
                        ? s.id().equals(ground.slab())
                        : s.part().owner().equals(name))
                .filter(s -> card(s).isPresent())
                .reduce((a, b) -> b)
                .map(s -> Inked.of(
                        draft.inks().surfaces().stream()
                                .filter(i -> i.slab().equals(s.id()))
                                .toList(),
                        s.footprints(),
                        card(s).orElseThrow().colour()));
    }

    private boolean isElement(Id owner) {
        return draft.spec().find(owner, Element.class).isPresent();
    }

    private Optional<Cardstock> card(Slab slab) {
        return draft.part(slab.part())
                .map(Part::material)
                .filter(Cardstock.class::isInstance)
                .map(Cardstock.class::cast);
    }

    /** Pieces of the scene that lie over one and throw their shadow on it, in its own coordinates; only where there is one copy. */
    List<Outline> above(Part part) {
        if (part.at().size() != 1 || !isElement(part.owner())) {
            return List.of();
        }
        Optional<Level> own = levels.stream()
                .filter(l -> l.slab().id().equals(SlabId.of(part.id())))
                .findFirst();
        Placement at = part.at().get(0);
        Point back = new Point(-Mm.of(at.across()), -Mm.of(at.up()));
        Angle turn = new Angle(-at.turn().microdegrees());
        return own.stream()
                .flatMap(o -> levels.stream()
                        .filter(l -> !l.bottom().isBelow(o.top())
                                && isElement(l.slab().part().owner())
                                && card(l.slab()).isPresent())
                        .flatMap(l -> l.slab().footprints().stream())
                        .filter(f -> o.slab().footprints().stream().anyMatch(f::overlaps)))
                .map(f -> f.moved(back).turned(Point.ORIGIN, turn))
                .toList();
    }
}
