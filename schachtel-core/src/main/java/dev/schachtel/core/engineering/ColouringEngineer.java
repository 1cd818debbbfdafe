package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Coloured;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Inking;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Colouring;
import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.colour.Recipes;
import dev.schachtel.core.colour.Shading;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.patience.Lately;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * Colours every picture of the card, area by area: which shades, where they are dark, middle and light, and in which order
 * the pens are taken. The pictures are drawn as they look then.
 */
@AutoService(Engineer.class)
public final class ColouringEngineer implements Engineer<Colouring> {
    /** What differs less from the card is left as it is: CIEDE2000 under which steps can't be seen. */
    private static final double SAME = 4;

    private static final Lately<List<Object>, Recipes> DRAWERS = new Lately<>(40);
    private static final Lately<List<Object>, Recipe> RECIPES = new Lately<>(4_000);
    private static final Lately<List<Object>, List<Shading>> SHADINGS = new Lately<>(400);

    @Override
    public Class<Colouring> engineers() {
        return Colouring.class;
    }

    @Override
    public void engineer(Colouring colouring, BuildDraft draft) {
        Technique way = new Materials(draft).technique(colouring.way(), new Source(colouring.id(), "way"));
        if (draft.inks().isColoured()) {
            draft.fault(Fault.mend(RuleId.COLOURED_TWICE, new Source(colouring.id(), "way"), way.name()));
            return;
        }
        draft.inks().claim();
        draft.afterwards(() -> colour(colouring, way, draft));
    }

    private static void colour(Colouring colouring, Technique way, BuildDraft draft) {
        List<Shade> shades = of(draft.workshop().shades(), colouring.medium());
        List<Coloured> all = new ArrayList<>();
        draft.arts().paint(art -> {
            List<Coloured> areas = draft.part(art.part())
                    .filter(part -> !art.isWords() && part.material() instanceof Cardstock)
                    .map(part -> areas(art, part, shades, colouring, draft))
                    .orElse(List.of());
            all.addAll(areas);
            return areas.isEmpty() ? art : painted(art, areas);
        });
        Optional<Shade> veil = colouring.veil() instanceof Colouring.Veil.Of of
                ? draft.workshop().shade(of.shade())
                : Optional.empty();
        List<Inking> strokes = new Strokes(colouring, way, all, draft::perCard).all(veil);
        draft.inks().colour(all, strokes);
    }

    private static List<Shade> of(List<Shade> shades, Medium medium) {
        return shades.stream().filter(s -> s.medium() == medium).toList();
    }

    private static List<Coloured> areas(Art art, Part part, List<Shade> shades, Colouring colouring, BuildDraft draft) {
        Colour card = ((Cardstock) part.material()).colour();
        Recipes drawer = DRAWERS.get(List.of(shades, card), k -> new Recipes(shades, card));
        String name = part.name();
        List<Art.Tint> tints = art.tints();
        List<Boolean> narrow = tints.stream().map(ColouringEngineer::isNarrow).toList();
        List<Recipe> recipes = new ArrayList<>();
        for (int i = 0; i < tints.size(); i++) {
            Colour target = tints.get(i).colour();
            boolean slim = narrow.get(i);
            recipes.add(RECIPES.get(List.of(drawer, target, slim), k -> recipe(drawer, target, card, slim)));
        }
        List<Integer> tones = recipes.stream().map(r -> r.tones().size()).toList();
        Point toward = colouring.light().toward(part.at().get(0).turn());
        List<Shading> shadings = SHADINGS.get(List.of(tints, toward, tones), k -> shadings(tints, toward, tones));
        List<Coloured> all = new ArrayList<>();
        for (int i = 0; i < tints.size(); i++) {
            all.add(new Coloured(
                    part.id(),
                    name,
                    tints.get(i).name(),
                    recipes.get(i),
                    shadings.get(i),
                    narrow.get(i),
                    colouring.isDarkFirst()));
        }
        return all;
    }

    private static Recipe recipe(Recipes drawer, Colour target, Colour card, boolean narrow) {
        return target.lab().differenceTo(card.lab()) < SAME
                ? new Recipe(target, List.of(), Recipe.Steps.BARE, Optional.empty())
                : drawer.of(target, narrow);
    }

    private static boolean isNarrow(Art.Tint tint) {
        return tint.areas().stream().allMatch(a -> a.isNarrower(Shading.NARROW));
    }

    private static List<Shading> shadings(List<Art.Tint> tints, Point toward, List<Integer> tones) {
        List<Shading> all = new ArrayList<>();
        for (int i = 0; i < tints.size(); i++) {
            List<Outline> over = tints.subList(i + 1, tints.size()).stream()
                    .flatMap(t -> t.areas().stream())
                    .toList();
            all.add(Shading.of(tints.get(i).areas(), over, toward, tones.get(i)));
        }
        return all;
    }

    private static Art painted(Art art, List<Coloured> areas) {
        List<Art.Tint> tints = new ArrayList<>();
        for (Coloured area : areas) {
            List<Colour> looks = area.looks();
            List<List<Outline>> tones = area.shading().tones(looks.size());
            for (int i = 0; i < looks.size(); i++) {
                if (!tones.get(i).isEmpty()) {
                    tints.add(new Art.Tint(area.region(), looks.get(i), tones.get(i)));
                }
            }
        }
        return new Art(art.part(), art.picture(), art.mirrored(), tints);
    }
}
