package dev.schachtel.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Workshop;

/**
 * Shades of one hue on one part, from light to dark: steps under 4 look the same, over 25 they jump (CIEDE2000). Hues within
 * 40 degrees are one; greys go with any.
 */
final class ShadeCheck implements Check {
    private static final double CLOSE = 4;
    private static final double FAR = 25;
    private static final double SAME_HUE = 40;
    private static final double GREY = 5;

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        Map<List<Object>, List<Surface>> alike = new LinkedHashMap<>();
        for (Surface s : build.surfaces()) {
            if (s.technique().kind().inks()) {
                alike.computeIfAbsent(List.of(s.part(), s.technique().kind()), k -> new ArrayList<>())
                        .add(s);
            }
        }
        alike.values().forEach(shades -> steps(shades, report));
    }

    private static void steps(List<Surface> shades, Report report) {
        shades.sort(Comparator.comparingDouble(s -> -s.colour().lightness()));
        for (int i = 1; i < shades.size(); i++) {
            Surface light = shades.get(i - 1);
            Surface dark = shades.get(i);
            Lab a = light.colour().lab();
            Lab b = dark.colour().lab();
            double step = a.differenceTo(b);
            if (sameHue(a, b) && (step < CLOSE || step > FAR)) {
                report.on(step < CLOSE ? RuleId.SHADES_CLOSE : RuleId.SHADES_FAR, dark.owner())
                        .parts(dark.part())
                        .names(light.colour().hex(), dark.colour().hex())
                        .measured(new Amount.Count((int) Math.round(step)), new Amount.Count((int)
                                (step < CLOSE ? CLOSE : FAR)))
                        .watch();
            }
        }
    }

    private static boolean sameHue(Lab a, Lab b) {
        boolean grey = Math.hypot(a.a(), a.b()) < GREY || Math.hypot(b.a(), b.b()) < GREY;
        double apart = Math.abs(Math.toDegrees(Math.atan2(a.b(), a.a()) - Math.atan2(b.b(), b.a())));
        return grey || Math.min(apart, 360 - apart) <= SAME_HUE;
    }
}
