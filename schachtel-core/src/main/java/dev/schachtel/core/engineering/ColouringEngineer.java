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
import dev.schachtel.core.colour.Thrift;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
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
    private static final Lately<List<Object>, List<Shade>> FEW = new Lately<>(40);
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
        draft.afterwards(() -> draft.afterwards(() -> colour(colouring, way, draft)));
    }

    /** When all that is inked lies: some areas are to look like that. */
    private static void colour(Colouring colouring, Technique way, BuildDraft draft) {
        List<Shade> owned = draft.workshop().shades().stream()
                .filter(s -> s.medium() == colouring.medium())
                .toList();
        List<Shade> tones = owned.stream().filter(s -> !s.isBlender()).toList();
        Palettes palettes = Palettes.of(colouring, draft);
        List<Shade> taken = colouring.few()
                ? FEW.get(List.of(palettes.asks(), tones), k -> Thrift.few(palettes.asks(), tones))
                : tones;
        List<Coloured> all = new ArrayList<>();
        draft.arts().paint(art -> {
            List<Coloured> areas = palettes.canColour(art) ? areas(art, palettes, taken, draft) : List.of();
            all.addAll(areas);
            return areas.isEmpty() ? art : painted(art, areas);
        });
        Optional<Shade> veil = colouring.veil() instanceof Colouring.Veil.Of of
                ? draft.workshop().shade(of.shade())
                : Optional.empty();
        Optional<Shade> blender =
                owned.stream().filter(s -> s.isBlender() && !s.isEmpty()).findFirst();
        List<Inking> strokes =
                new Strokes(colouring.id(), way, palettes.isDarkFirst(), all, draft::perCard).all(blender, veil);
        draft.inks().colour(all, strokes);
    }

    private static List<Coloured> areas(Art art, Palettes palettes, List<Shade> shades, BuildDraft draft) {
        Part part = draft.part(art.part()).orElseThrow();
        Colour card = ((Cardstock) part.material()).colour();
        Recipes drawer = DRAWERS.get(List.of(shades, card), k -> new Recipes(shades, card));
        List<Art.Tint> tints = art.tints();
        List<Recipe> recipes = new ArrayList<>();
        for (Art.Tint tint : tints) {
            Colour target = palettes.target(art, tint);
            boolean slim = Palettes.isNarrow(tint);
            recipes.add(RECIPES.get(List.of(drawer, target, slim), k -> recipe(drawer, target, card, slim)));
        }
        List<Integer> tones = recipes.stream().map(r -> r.tones().size()).toList();
        Point toward = palettes.light().toward(part.at().get(0).turn());
        List<Outline> above = palettes.above(part);
        List<Shading> shadings =
                SHADINGS.get(List.of(tints, above, toward, tones), k -> shadings(tints, above, toward, tones));
        List<Coloured> all = new ArrayList<>();
        for (int i = 0; i < tints.size(); i++) {
            all.add(new Coloured(
                    part.id(),
                    part.name(),
                    tints.get(i).name(),
                    recipes.get(i),
                    shadings.get(i),
                    Palettes.isNarrow(tints.get(i)),
                    palettes.isDarkFirst()));
        }
        return all;
    }

    private static Recipe recipe(Recipes drawer, Colour target, Colour card, boolean narrow) {
        return Palettes.isBare(target, card)
                ? new Recipe(target, List.of(), Recipe.Steps.BARE, Optional.empty())
                : drawer.of(target, narrow);
    }

    private static List<Shading> shadings(
            List<Art.Tint> tints, List<Outline> above, Point toward, List<Integer> tones) {
        List<Shading> all = new ArrayList<>();
        for (int i = 0; i < tints.size(); i++) {
            List<Outline> over = tints.subList(i + 1, tints.size()).stream()
                    .flatMap(t -> t.areas().stream())
                    .toList();
            all.add(Shading.of(tints.get(i).areas(), over, above, toward, tones.get(i)));
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
