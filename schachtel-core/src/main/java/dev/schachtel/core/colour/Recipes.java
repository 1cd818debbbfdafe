package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.stream.Stream;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Shade;

/**
 * Finds the shades of a drawer that shade an area: of all ways to choose a dark, a middle and a light one whose lightness L*
 * rises by 8 to 15 each time, the one with the least sum of CIEDE2000 to the wanted ramp; if there is none, steps of 4 to 25
 * count, then two tones, then one. Under 4 a step can't be seen, over 25 it breaks: handbook chapter 11. All tones are of the
 * target's hue, to 40 degrees; greys go with any.
 *
 * <p>The ramp is the target, darker and lighter by {@value #STEP}; where the ground can't be lighter or ink darker, the target
 * is its end. Each tone is judged as it looks on the ground.
 */
public final class Recipes {
    /** Between the tones of the wanted ramp, L*: the middle of what is even. */
    static final double STEP = 11.5;

    static final double DARKEST = 8;
    /** On what is darker, L*, no shadow is seen: one tone does. */
    static final double NIGHT = 20;

    private static final double SAME_HUE = 40;
    /** A chroma under which a colour has no hue to speak of. */
    private static final double GREY = 6;

    private static final Window EVEN = new Window(8, 15);
    private static final Window WIDE = new Window(4, 25);
    /** A mixture is looked for when all single ones are further away, CIEDE2000. */
    private static final double FAR = 5;
    /** By so much a mixture, or what is used up, must be better than what is there. */
    private static final double BETTER = 1;
    /** Mixtures that are nearest by the plain distance in Lab are measured exactly. */
    private static final int MEASURED = 24;

    /** A step of lightness. */
    record Window(double least, double most) {
        boolean holds(double step) {
            return step >= least && step <= most;
        }
    }

    /** A shade as it looks on the ground. */
    private record Laid(Shade shade, Colour colour, Lab lab) {}

    private record Mixed(Laid first, Laid then, Colour colour, Lab lab) {}

    private final Lab ground;
    private final List<Laid> there;
    private final List<Laid> gone;
    private final List<Mixed> mixtures = new ArrayList<>();

    /** Of these shades on a ground; those that are empty are only named where they would be better. */
    public Recipes(List<Shade> shades, Colour ground) {
        this.ground = ground.lab();
        List<Laid> all = shades.stream()
                .map(s -> new Laid(s, s.on(ground), s.on(ground).lab()))
                .sorted(Comparator.comparingDouble((Laid l) -> l.lab.lightness())
                        .thenComparing(l -> l.shade.id().value()))
                .toList();
        this.there = all.stream().filter(l -> !l.shade.isEmpty()).toList();
        this.gone = all.stream().filter(l -> l.shade.isEmpty()).toList();
    }

    /** The best recipe for a target in three tones; in two where the area is narrow, in one where it is nearly black. */
    public Recipe of(Colour target, boolean narrow) {
        Lab wanted = target.lab();
        List<Lab> ramp = ramp(wanted, wanted.lightness() < NIGHT ? 1 : narrow ? 2 : 3);
        for (int many = ramp.size(); many > 1; many--) {
            List<Lab> asked = many == ramp.size() ? ramp : ramp(wanted, many);
            List<Laid> tones =
                    there.stream().filter(l -> isOneHue(l.lab, wanted)).toList();
            double[][] apart = apart(tones, asked);
            for (Window window : List.of(EVEN, WIDE)) {
                List<Laid> found = best(tones, apart, window);
                if (!found.isEmpty()) {
                    Recipe.Steps steps = window == EVEN ? Recipe.Steps.EVEN : Recipe.Steps.WIDE;
                    return recipe(target, asked, found, steps);
                }
            }
        }
        List<Laid> one = there.stream().min(Comparator.comparingDouble(l -> l.lab.differenceTo(wanted))).stream()
                .toList();
        return recipe(target, List.of(wanted), one, Recipe.Steps.SINGLE);
    }

    /** Tones wanted, dark to light: the target is the second, or the first or last where there is no room beside it. */
    List<Lab> ramp(Lab target, int many) {
        double span = (many - 1) * STEP;
        double first = Math.min(target.lightness() - Math.min(1, many - 1) * STEP, ground.lightness() - span);
        List<Lab> tones = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            tones.add(target.at(Math.max(DARKEST, first) + i * STEP));
        }
        return tones;
    }

    /** How far each shade is from each tone. */
    private static double[][] apart(List<Laid> shades, List<Lab> ramp) {
        return ramp.stream()
                .map(tone -> shades.stream()
                        .mapToDouble(l -> l.lab.differenceTo(tone))
                        .toArray())
                .toArray(double[][]::new);
    }

    /** By dynamic programming over the shades in order of lightness: the best way to end on each, tone by tone. */
    private static List<Laid> best(List<Laid> there, double[][] apart, Window window) {
        int n = there.size();
        double[][] cost = new double[apart.length][n];
        int[][] from = new int[apart.length][n];
        for (int tone = 0; tone < apart.length; tone++) {
            for (int i = 0; i < n; i++) {
                cost[tone][i] = tone == 0 ? apart[0][i] : Double.MAX_VALUE;
                for (int k = i - 1; tone > 0 && k >= 0; k--) {
                    double step =
                            there.get(i).lab.lightness() - there.get(k).lab.lightness();
                    if (step > window.most) {
                        break;
                    }
                    if (step >= window.least
                            && cost[tone - 1][k] < Double.MAX_VALUE
                            && cost[tone - 1][k] + apart[tone][i] < cost[tone][i]) {
                        cost[tone][i] = cost[tone - 1][k] + apart[tone][i];
                        from[tone][i] = k;
                    }
                }
            }
        }
        return back(there, cost[apart.length - 1], from);
    }

    private static List<Laid> back(List<Laid> there, double[] cost, int[][] from) {
        int at = -1;
        for (int i = 0; i < cost.length; i++) {
            at = cost[i] < Double.MAX_VALUE && (at < 0 || cost[i] < cost[at]) ? i : at;
        }
        List<Laid> found = new ArrayList<>();
        for (int tone = from.length - 1; tone >= 0 && at >= 0; tone--) {
            found.add(0, there.get(at));
            at = from[tone][at];
        }
        return found;
    }

    /** Whether two colours are tones of one hue. */
    static boolean isOneHue(Lab one, Lab other) {
        double apart = Math.abs(one.hue() - other.hue());
        return one.chroma() < GREY || other.chroma() < GREY || Math.min(apart, 360 - apart) <= SAME_HUE;
    }

    private Recipe recipe(Colour target, List<Lab> ramp, List<Laid> found, Recipe.Steps steps) {
        List<Recipe.Tone> tones = new ArrayList<>();
        for (int i = 0; i < found.size(); i++) {
            Laid laid = found.get(i);
            Lab wanted = ramp.get(i);
            double apart = laid.lab.differenceTo(wanted);
            Optional<Shade> empty = gone.stream()
                    .filter(g -> g.lab.differenceTo(wanted) + BETTER < apart)
                    .min(Comparator.comparingDouble(g -> g.lab.differenceTo(wanted)))
                    .map(Laid::shade);
            tones.add(new Recipe.Tone(laid.shade, laid.colour, apart, empty));
        }
        Recipe plain = new Recipe(target, tones, steps, Optional.empty());
        return plain.nearest() > FAR ? new Recipe(target, tones, steps, mixture(target.lab(), plain.nearest())) : plain;
    }

    /** Of all pairs of one medium laid over each other. */
    private Optional<Recipe.Mixture> mixture(Lab target, double single) {
        return nearest(target).stream()
                .min(Comparator.comparingDouble(m -> m.lab.differenceTo(target)))
                .filter(m -> m.lab.differenceTo(target) + BETTER < single)
                .map(m -> new Recipe.Mixture(m.first.shade, m.then.shade, m.colour, m.lab.differenceTo(target)));
    }

    /** Those that are nearest by the plain distance in Lab, in one go through all, of which there are tens of thousands. */
    private List<Mixed> nearest(Lab target) {
        PriorityQueue<Near> kept =
                new PriorityQueue<>(Comparator.comparingDouble(Near::apart).reversed());
        for (Mixed m : mixtures()) {
            double apart = m.lab.apart(target);
            if (kept.size() < MEASURED) {
                kept.add(new Near(m, apart));
            } else if (apart < kept.element().apart) {
                kept.poll();
                kept.add(new Near(m, apart));
            }
        }
        return kept.stream().map(Near::mixed).toList();
    }

    private record Near(Mixed mixed, double apart) {}

    /** All there are; worked out when the first is asked for. */
    private synchronized List<Mixed> mixtures() {
        if (mixtures.isEmpty()) {
            for (int i = 0; i < there.size(); i++) {
                for (int k = 0; k < i; k++) {
                    mixed(there.get(i), there.get(k)).forEach(mixtures::add);
                }
            }
        }
        return mixtures;
    }

    private static Stream<Mixed> mixed(Laid one, Laid other) {
        if (one.shade.medium() != other.shade.medium()) {
            return Stream.empty();
        }
        Colour colour = one.colour.blendedWith(other.colour);
        return Stream.of(new Mixed(one, other, colour, colour.lab()));
    }
}
