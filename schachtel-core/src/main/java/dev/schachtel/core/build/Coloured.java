package dev.schachtel.core.build;

import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.colour.Recipe;
import dev.schachtel.core.colour.Shading;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.shape.Outline;

/**
 * An area of a picture that is coloured by hand.
 *
 * @param region what the picture calls it
 * @param recipe its shades; no tones where the card itself has the colour, or nothing is owned
 * @param shading where which tone lies, in the part's own coordinates
 * @param narrow whether it is too narrow for three tones
 * @param darkFirst whether the dark tone goes down first, else the light one
 */
public record Coloured(
        PartId part, String picture, String region, Recipe recipe, Shading shading, boolean narrow, boolean darkFirst) {
    /** What the pens go over on one copy. */
    public Area area() {
        return new Area(shading.tones().stream()
                .flatMap(List::stream)
                .mapToDouble(o -> o.area().squareMillimetres())
                .sum());
    }

    /** Whether the card is left as it is there. */
    public boolean isBare() {
        return recipe.tones().isEmpty();
    }

    /** Its tones in the order in which they go down, without those of which nothing is seen; 0 is the darkest. */
    public List<Integer> strokes() {
        int tones = recipe.tones().size();
        List<List<Outline>> areas = shading.tones(Math.max(1, tones));
        return IntStream.range(0, tones)
                .map(i -> darkFirst ? i : tones - 1 - i)
                .filter(i -> !areas.get(i).isEmpty())
                .boxed()
                .toList();
    }

    /** The colour of each tone as it looks, the darkest first; the target where nothing is laid. */
    public List<Colour> looks() {
        return isBare()
                ? List.of(recipe.target())
                : recipe.tones().stream().map(Recipe.Tone::result).toList();
    }
}
