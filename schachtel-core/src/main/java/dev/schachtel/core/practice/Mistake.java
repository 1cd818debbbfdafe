package dev.schachtel.core.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.work.WorkKind;

/** The kinds of fault that are practised: the rule that finds one, what comes of it, and at which work it is made. */
public enum Mistake {
    DAM_GAPES(RuleId.DAM_CLOSED, Outcome.LEAKS, WorkKind.LAY_DAM, WorkKind.FILL),
    RUNS_INTO(RuleId.CLEARANCE, Outcome.JAMS, WorkKind.INSERT, WorkKind.TRY_MOTION),
    LIES_ACROSS(RuleId.BLOCKED, RuleId.CLEARANCE, Outcome.JAMS, WorkKind.ATTACH, WorkKind.RAISE),
    LOCKS(RuleId.LOCKS, Outcome.JAMS, WorkKind.INSERT, WorkKind.TRY_MOTION),
    TOO_SHALLOW(RuleId.DEPTH_BEHIND, Outcome.JAMS, WorkKind.LAY_FOAM, WorkKind.RAISE),
    FALLS_BACK(RuleId.STANDS, RuleId.TIPS, Outcome.TIPS, WorkKind.SCORE, WorkKind.FOLD),
    SLIPS_DOWN(RuleId.STOP_HEIGHT, RuleId.TIPS, Outcome.TIPS, WorkKind.STICK_FOAM),
    TILTS(RuleId.TILTS, Outcome.TIPS, WorkKind.LAY_FOAM, WorkKind.RAISE),
    FOAM_SEEN(RuleId.FOAM_SEEN, Outcome.SHOWS, WorkKind.LAY_FOAM, WorkKind.SNIP_FOAM),
    FILM_STICKS_OUT(RuleId.FILM_HIDDEN, RuleId.FILM_OVERLAP, Outcome.SHOWS, WorkKind.FIX_FILM),
    EDGE_IN_WINDOW(RuleId.WINDOW_FILLED, Outcome.SHOWS, WorkKind.INSERT, WorkKind.DIE_CUT),
    TOO_LARGE_TO_POST(RuleId.ENVELOPE_SIZE, Outcome.DOES_NOT_FIT, WorkKind.ENVELOPE),
    REACHES_OUT(RuleId.OVERHANG, Outcome.DOES_NOT_FIT, WorkKind.ATTACH, WorkKind.TRIM_OVERHANG),
    STAYS_OPEN(RuleId.STEPS_CLOSE, Outcome.DOES_NOT_FIT, WorkKind.SCORE, WorkKind.FOLD),
    SLIPS_OUT(RuleId.RETAINED, Outcome.COMES_APART, WorkKind.INSERT),
    FILM_COMES_OFF(RuleId.FILM_OVERLAP, Outcome.COMES_APART, WorkKind.FIX_FILM),
    TEARS_AT_EDGE(RuleId.MARGIN_EDGE, Outcome.COMES_APART, WorkKind.DIE_CUT, WorkKind.KNIFE_CUT),
    TEARS_BETWEEN(RuleId.MARGIN_WEB, Outcome.COMES_APART, WorkKind.DIE_CUT, WorkKind.KNIFE_CUT),
    WINDOW_COVERED(RuleId.COVERS_WINDOW, RuleId.MARGIN_EDGE, Outcome.IS_LOST, WorkKind.ATTACH, WorkKind.RAISE),
    NOT_TO_WRITE_ON(RuleId.WRITING, Outcome.IS_LOST, WorkKind.LINE),
    NOT_TO_READ(RuleId.TEXT_CONTRAST, Outcome.IS_LOST, WorkKind.STAMP, WorkKind.LETTER);

    private final RuleId rule;
    private final RuleId near;
    private final Outcome outcome;
    private final List<WorkKind> works;

    Mistake(RuleId rule, Outcome outcome, WorkKind... works) {
        this(rule, rule, outcome, works);
    }

    Mistake(RuleId rule, RuleId near, Outcome outcome, WorkKind... works) {
        this.rule = rule;
        this.near = near;
        this.outcome = outcome;
        this.works = List.of(works);
    }

    public RuleId rule() {
        return rule;
    }

    /** The rule whose proof on a sound card says where such a fault can be made. */
    RuleId near() {
        return near;
    }

    public Outcome outcome() {
        return outcome;
    }

    /** Whether a mishap at this kind of work may have been one of these. */
    public boolean isMadeAt(String work) {
        return works.stream().anyMatch(w -> w.id().equals(work));
    }

    static Optional<Mistake> of(RuleId rule) {
        return Arrays.stream(values()).filter(k -> k.rule == rule).findFirst();
    }
}
