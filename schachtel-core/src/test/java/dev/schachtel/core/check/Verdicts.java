package dev.schachtel.core.check;

import java.util.HashSet;
import java.util.Set;

import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.measure.Length;

import static java.lang.Math.max;
import static java.lang.Math.min;

/** What was judged so far: what must be mended, and what is so near its limit that rounding decides. */
final class Verdicts {
    /** Nearer to a limit than this, in mm, nothing is claimed. */
    static final double NEAR = 0.06;

    private final Set<String> mends = new HashSet<>();
    private final Set<String> doubts = new HashSet<>();

    Set<String> mends() {
        return mends;
    }

    Set<String> doubts() {
        return doubts;
    }

    /** Of several things that run into each other the first that is met is told: any will do. */
    static String key(RuleId rule, Object owner) {
        return rule + " of " + (rule == RuleId.FLAPS_COLLIDE ? "any" : owner);
    }

    void mend(RuleId rule, Object owner) {
        mends.add(key(rule, owner));
    }

    void doubt(RuleId rule, Object owner) {
        doubts.add(key(rule, owner));
    }

    /** Is is below limit. */
    void below(RuleId rule, Object owner, double is, double limit) {
        if (Math.abs(is - limit) < NEAR) {
            doubt(rule, owner);
        } else if (is < limit) {
            mend(rule, owner);
        }
    }

    static double mm(Length length) {
        return length.nanometres() / 1e6;
    }

    static double shareHeight(Level a, Level b) {
        return min(mm(a.top()), mm(b.top())) - max(mm(a.bottom()), mm(b.bottom()));
    }
}
