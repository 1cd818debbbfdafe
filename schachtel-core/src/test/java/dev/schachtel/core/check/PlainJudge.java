package dev.schachtel.core.check;

import java.util.Set;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.material.Workshop;

/**
 * What would have to be mended on a card, by brute force over the JDK's areas and by closed formulas from the handbook. It
 * says {@code doubt} where a figure is so near its limit that rounding decides. Shares no code with the checks.
 */
final class PlainJudge {
    /** The rules that are judged. */
    static final Set<RuleId> JUDGED = Set.of(
            RuleId.MARGIN_EDGE,
            RuleId.MARGIN_WEB,
            RuleId.RETAINED,
            RuleId.LOCKS,
            RuleId.WINDOW_FILLED,
            RuleId.DAM_CLOSED,
            RuleId.DEPTH,
            RuleId.FLAT_PIECES,
            RuleId.FILM_OVERLAP,
            RuleId.DAMS_OVERLAP,
            RuleId.OVERHANG,
            RuleId.LEAF_PAST,
            RuleId.LONG_THREAD,
            RuleId.SMALL_PARTS,
            RuleId.CLEARANCE,
            RuleId.PLATE,
            RuleId.WRITING,
            RuleId.FILM_HIDDEN,
            RuleId.FOAM_HIDDEN,
            RuleId.OPENING_BACKED,
            RuleId.ENVELOPE_SIZE,
            RuleId.SHEET_SIZE,
            RuleId.TIPS,
            RuleId.GUSSET,
            RuleId.FLAP_GAP,
            RuleId.FLAPS_COLLIDE,
            RuleId.GLUE_FREE,
            RuleId.REST_INSIDE,
            RuleId.DEPTH_BEHIND);

    private final Verdicts verdicts = new Verdicts();

    PlainJudge(Build build, Workshop workshop) {
        new PlainOpenings(build, verdicts).judge();
        new PlainMotions(build, verdicts).judge();
        new PlainShakers(build, verdicts).judge();
        PlainEdges edges = new PlainEdges(build, verdicts);
        edges.edges();
        edges.child();
        edges.plates(workshop);
        new PlainSheets(build, verdicts).judge(workshop);
        new PlainFolds(build, verdicts).judge();
        new PlainStand(build, verdicts).judge();
    }

    Set<String> mends() {
        return verdicts.mends();
    }

    Set<String> doubts() {
        return verdicts.doubts();
    }
}
