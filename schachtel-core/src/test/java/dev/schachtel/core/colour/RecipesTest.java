package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Recipes are the best of all ways to choose: every triple, every pair is tried here. */
class RecipesTest {
    private static final Colour WHITE = new Colour(0xffffff);

    private static Shade shade(int number, Colour colour, Shade.Level level) {
        return new Shade(new MaterialId("s-" + number), "shade " + number, Medium.ALCOHOL_PEN, colour, level, "", 0);
    }

    private static List<Shade> drawer(Random random, int many) {
        List<Shade> all = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            all.add(shade(
                    i,
                    new Colour(random.nextInt(0x1000000)),
                    random.nextInt(8) == 0 ? Shade.Level.EMPTY : Shade.Level.FULL));
        }
        return all;
    }

    /** Any colour on which shadows can be seen. */
    private static Colour visible(Random random) {
        Colour colour = new Colour(random.nextInt(0x1000000));
        return colour.lab().lightness() < 20 ? visible(random) : colour;
    }

    private static boolean isOneHue(Lab one, Lab other) {
        double a = Math.toDegrees(Math.atan2(one.b(), one.a()));
        double b = Math.toDegrees(Math.atan2(other.b(), other.a()));
        double apart = Math.abs(Math.IEEEremainder(a - b, 360));
        return Math.hypot(one.a(), one.b()) < 6 || Math.hypot(other.a(), other.b()) < 6 || apart <= 40;
    }

    /** The least sum over all triples of the target's hue whose steps lie in the window; infinite if none does. */
    private static double best(List<Shade> shades, Colour ground, List<Lab> ramp, double least, double most) {
        double best = Double.MAX_VALUE;
        List<Lab> labs = shades.stream()
                .filter(s -> !s.isEmpty())
                .map(s -> s.on(ground).lab())
                .filter(l -> isOneHue(l, ramp.get(0)))
                .toList();
        for (Lab dark : labs) {
            for (Lab middle : labs) {
                double first = middle.lightness() - dark.lightness();
                if (first < least || first > most) {
                    continue;
                }
                for (Lab light : labs) {
                    double second = light.lightness() - middle.lightness();
                    if (second >= least && second <= most) {
                        best = Math.min(
                                best,
                                dark.differenceTo(ramp.get(0))
                                        + middle.differenceTo(ramp.get(1))
                                        + light.differenceTo(ramp.get(2)));
                    }
                }
            }
        }
        return best;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void noTripleIsBetter(long seed) {
        Random random = new Random(seed);
        List<Shade> shades = drawer(random, 40);
        Colour ground = random.nextBoolean() ? WHITE : new Colour(0xf6ecd3);
        Recipes recipes = new Recipes(shades, ground);
        int even = 0;
        for (int i = 0; i < 12; i++) {
            Colour target = visible(random);
            Recipe recipe = recipes.of(target, false);
            List<Lab> ramp = recipes.ramp(target.lab(), 3);
            double best = best(shades, ground, ramp, 8, 15);
            double wide = best(shades, ground, ramp, 4, 25);
            double sum = recipe.tones().stream().mapToDouble(Recipe.Tone::apart).sum();
            if (best < Double.MAX_VALUE) {
                even++;
                assertThat(recipe.steps()).isEqualTo(Recipe.Steps.EVEN);
                assertThat(sum).isCloseTo(best, within(1e-9));
            } else if (wide < Double.MAX_VALUE) {
                assertThat(recipe.steps()).isEqualTo(Recipe.Steps.WIDE);
                assertThat(sum).isCloseTo(wide, within(1e-9));
            }
            assertThat(recipe.tones()).noneMatch(t -> t.shade().isEmpty());
        }
        assertThat(even).isPositive();
    }

    /** Of two tones too; and where only one is owned, that one, however far it is. */
    @Test
    void narrowAreasTakeTwoTonesAndOnePenTakesOne() {
        Random random = new Random(7);
        List<Shade> shades = drawer(random, 40);
        Recipes recipes = new Recipes(shades, WHITE);
        for (int i = 0; i < 20; i++) {
            Colour target = visible(random);
            Recipe recipe = recipes.of(target, true);
            assertThat(recipe.tones()).hasSizeBetween(1, 2);
            List<Lab> ramp = recipes.ramp(target.lab(), 2);
            double best = Double.MAX_VALUE;
            for (Shade dark : shades) {
                for (Shade light : shades) {
                    Lab a = dark.on(WHITE).lab();
                    Lab b = light.on(WHITE).lab();
                    double step = b.lightness() - a.lightness();
                    boolean own = isOneHue(a, ramp.get(0)) && isOneHue(b, ramp.get(0));
                    if (!dark.isEmpty() && !light.isEmpty() && own && step >= 8 && step <= 15) {
                        best = Math.min(best, a.differenceTo(ramp.get(0)) + b.differenceTo(ramp.get(1)));
                    }
                }
            }
            if (recipe.steps() == Recipe.Steps.EVEN) {
                assertThat(recipe.tones().stream()
                                .mapToDouble(Recipe.Tone::apart)
                                .sum())
                        .isCloseTo(best, within(1e-9));
            } else {
                assertThat(best).isEqualTo(Double.MAX_VALUE);
            }
        }
        Recipe single = new Recipes(List.of(shade(0, new Colour(0x205020), Shade.Level.LOW)), WHITE)
                .of(new Colour(0xff0000), false);
        assertThat(single.steps()).isEqualTo(Recipe.Steps.SINGLE);
        assertThat(single.reaches()).isFalse();
        Recipe none = new Recipes(List.of(), WHITE).of(new Colour(0xff0000), false);
        assertThat(none.tones()).isEmpty();
        assertThat(none.reaches()).isFalse();
    }

    /** The ramp: the target in the middle; on white card nothing is lighter than the card, and ink is never darker than 8. */
    @ParameterizedTest
    @CsvSource({"50,38.5,50,61.5", "95,77,88.5,100", "99,77,88.5,100", "5,8,19.5,31"})
    void theTargetIsTheMiddleWhereThereIsRoom(double target, double dark, double middle, double light) {
        List<Lab> ramp = new Recipes(List.of(), WHITE).ramp(new Lab(target, 10, 20), 3);
        assertThat(ramp.get(0).lightness()).isCloseTo(dark, within(0.01));
        assertThat(ramp.get(1).lightness()).isCloseTo(middle, within(0.01));
        assertThat(ramp.get(2).lightness()).isCloseTo(light, within(0.01));
        assertThat(ramp).allMatch(l -> l.a() == 10 && l.b() == 20);
    }

    /** The usual drawer: plum has its three; the leaf green is used up, and the recipe says so. */
    @Test
    void theUsualDrawerShadesPlumAndMissesLeaf() {
        List<Shade> pens = TestCards.WORKSHOP.shades().stream()
                .filter(s -> s.medium() == Medium.ALCOHOL_PEN)
                .toList();
        Recipes recipes = new Recipes(pens, WHITE);
        Recipe plum = recipes.of(new Colour(0x7a4663), false);
        assertThat(plum.tones()).extracting(t -> t.shade().name()).containsExactly("plum deep", "plum", "plum pale");
        Recipe leaf = recipes.of(new Colour(0x557f4f), false);
        assertThat(leaf.tones().get(1).shade().name()).isNotEqualTo("leaf");
        assertThat(leaf.tones())
                .anyMatch(t -> t.empty().filter(s -> s.name().equals("leaf")).isPresent());
    }

    /** Yellow over blue is green: densities add. The mixture is the nearest of all pairs among those near in plain Lab. */
    @Test
    void twoPensMixWhereNoneIsNear() {
        Shade yellow = shade(1, new Colour(0xf4dd30), Shade.Level.FULL);
        Shade blue = shade(2, new Colour(0x3fa3d8), Shade.Level.FULL);
        Colour green = yellow.colour().blendedWith(blue.colour());
        Recipe recipe = new Recipes(List.of(yellow, blue), WHITE).of(green, false);
        assertThat(recipe.mixture()).isPresent();
        assertThat(recipe.mixture().orElseThrow().apart()).isLessThan(0.01);
        assertThat(green.lab().hue()).as("a green").isBetween(110.0, 180.0);
        Random random = new Random(3);
        List<Shade> shades = drawer(random, 12);
        for (int i = 0; i < 20; i++) {
            Colour target = new Colour(random.nextInt(0x1000000));
            new Recipes(shades, WHITE).of(target, false).mixture().ifPresent(m -> {
                double best = shades.stream()
                        .filter(s -> !s.isEmpty())
                        .flatMap(a -> shades.stream()
                                .filter(s -> !s.isEmpty() && s != a)
                                .map(b -> a.colour().blendedWith(b.colour())))
                        .map(c -> c.lab().differenceTo(target.lab()))
                        .min(Comparator.naturalOrder())
                        .orElseThrow();
                assertThat(m.apart()).isCloseTo(best, within(1e-9));
            });
        }
    }
}
