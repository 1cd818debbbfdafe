package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import dev.schachtel.core.card.Stepper;
import dev.schachtel.core.measure.Length;

/**
 * A stepper folded flat with its wall forward: positions on a line, where a rise goes back by its length and a tread on
 * by its own, from 0 at the front edge. Exact.
 *
 * <p>Example (mm): stairs of three rises 38.1 and treads 25.4 beside plain reach from -63.5 to 76.2: 139.7 long; with
 * rises 30 and treads 40: 150.
 *
 * @param layers the most layers of card that lie on each other
 */
record FlatSteps(Length least, Length most, int layers) {
    static FlatSteps of(List<Stepper.Zone> zones) {
        Length least = Length.ZERO;
        Length most = Length.ZERO;
        int layers = 1;
        for (Stepper.Zone zone : zones) {
            List<Length> at = positions(zone);
            for (Length x : at) {
                least = Length.min(least, x);
                most = Length.max(most, x);
            }
            layers = Math.max(layers, layers(at));
        }
        return new FlatSteps(least, most, layers);
    }

    private static List<Length> positions(Stepper.Zone zone) {
        List<Length> at = new ArrayList<>(List.of(Length.ZERO));
        for (Stepper.Segment segment : zone.segments()) {
            Length last = at.get(at.size() - 1);
            at.add(segment.rise() ? last.minus(segment.length()) : last.plus(segment.length()));
        }
        return at;
    }

    private static int layers(List<Length> at) {
        int most = 1;
        for (Length left : at) {
            int here = 0;
            for (int i = 1; i < at.size(); i++) {
                boolean covers = !Length.min(at.get(i - 1), at.get(i)).isAbove(left)
                        && Length.max(at.get(i - 1), at.get(i)).isAbove(left);
                here += covers ? 1 : 0;
            }
            most = Math.max(most, here);
        }
        return most;
    }

    Length length() {
        return most.minus(least);
    }
}
