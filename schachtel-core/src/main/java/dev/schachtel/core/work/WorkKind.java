package dev.schachtel.core.work;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import dev.schachtel.core.house.WorkTime;

/**
 * A kind of operation.
 *
 * @param id as files, words and stored runs call it: {@code fix-film}
 * @param tool the one tool of its sort that it holds
 * @param setUp once, before the first thing; a practised maker's estimate unless the workshop's book says otherwise
 * @param each for each thing worked on, likewise
 */
public record WorkKind(
        String id, Set<Trait> traits, Optional<Tool> tool, Optional<Caution> caution, Duration setUp, Duration each) {
    public static final WorkKind TRIM = cut("trim", 240, 40).with(Tool.TRIMMER).with(Caution.TRIMMER);
    public static final WorkKind DIE_CUT =
            cut("die-cut", 240, 60).with(Tool.ROLLER_MACHINE).with(Caution.ROLLER_MACHINE);
    public static final WorkKind ELECTRONIC_CUT =
            cut("electronic-cut", 180, 60).with(Tool.CUTTER).with(Caution.BLADE);
    public static final WorkKind KNIFE_CUT = cut("knife-cut", 120, 45).with(Caution.BLADE);
    public static final WorkKind PUNCH = cut("punch", 20, 15);
    public static final WorkKind SNIP_FOAM = cut("snip-foam", 60, 15).with(Caution.BLADE);
    public static final WorkKind SCORE = of("score", 60, 45).with(Tool.SCORING_BOARD);
    public static final WorkKind FOLD = of("fold", 0, 60);
    public static final WorkKind LAYOUT = of("layout", 60, 120, Trait.WHOLE);
    /** Laying out for the eye alone, to see where ink is needed; everything is taken off again. */
    public static final WorkKind PLAN_LAYOUT = of("plan-layout", 60, 120, Trait.WHOLE);
    /** Marking where pieces lie, one after the other. */
    public static final WorkKind MARK = of("mark", 30, 20);
    /** Cutting strips as wide as a border, to lay pieces against. */
    public static final WorkKind CUT_SPACERS =
            of("cut-spacers", 60, 60, Trait.ASIDE).with(Tool.TRIMMER).with(Caution.TRIMMER);

    /** Sticking adhesive on the whole back of a card, before that is cut. */
    public static final WorkKind BACK = of("back", 60, 40);

    public static final WorkKind TRACE = of("trace", 30, 120);
    public static final WorkKind FIX_FILM = of("fix-film", 60, 150, Trait.JOINS, Trait.STICKS, Trait.PRESSED);
    public static final WorkKind LAY_DAM = sticks("lay-dam", 60, 25);
    public static final WorkKind LAY_FOAM = sticks("lay-foam", 30, 30);
    /** A piece of foam that holds nothing up, such as a stop bar. */
    public static final WorkKind STICK_FOAM = sticks("stick-foam", 20, 45);
    /** Several sheets of the same part glued into one. */
    public static final WorkKind STACK = of("stack", 60, 45, Trait.STICKS);

    public static final WorkKind WRAP = sticks("wrap", 60, 120);
    public static final WorkKind SEAL = of("seal", 20, 40);
    public static final WorkKind GLUE_BEHIND = sticks("glue-behind", 30, 60);
    /** Put in so that it moves: held by nothing but its shape. */
    public static final WorkKind INSERT = of("insert", 20, 60, Trait.JOINS);

    public static final WorkKind THREAD = of("thread", 30, 60, Trait.JOINS);
    /** Pieces and their mirrors glued together round the thread that they hang from. */
    public static final WorkKind HANG = sticks("hang", 45, 90);
    /** The leaves of a base glued to the strip that hinges them. */
    public static final WorkKind HINGE = sticks("hinge", 30, 120);

    /** A strip of a base that is made of several, stuck to the one before it. */
    public static final WorkKind JOIN_STRIP = sticks("join-strip", 30, 90);
    /** A strip between two walls, on the first of them. */
    public static final WorkKind SET_ROW = placed("set-row", 30, 90);
    /** A wall folded over strips, on their other tabs. */
    public static final WorkKind FOLD_ON_ROWS = of("fold-on-rows", 30, 120, Trait.STICKS);
    /** Walls that become a box when the last one is glued to the first. */
    public static final WorkKind CLOSE_BOX = of("close-box", 30, 90, Trait.STICKS);

    public static final WorkKind ANTI_STATIC = of("anti-static", 30, 60);
    public static final WorkKind FILL = of("fill", 60, 120, Trait.FILLS);
    /** Filling a pouch through its open side. */
    public static final WorkKind FILL_POUCH = of("fill-pouch", 60, 120, Trait.FILLS);
    /** A panel laid down over what it closes. */
    public static final WorkKind CLOSE = placed("close", 30, 240);

    public static final WorkKind ATTACH = placed("attach", 30, 90);
    /** With an edge left open, under which others go. */
    public static final WorkKind ATTACH_OPEN = placed("attach-open", 30, 90);
    /** Slipped under an edge that was left open. */
    public static final WorkKind TUCK = placed("tuck", 30, 60);
    /** Gluing down an edge over what lies under it. */
    public static final WorkKind PRESS_EDGE = of("press-edge", 20, 30, Trait.STICKS);
    /** A piece on foam that closes nothing. */
    public static final WorkKind RAISE = placed("raise", 20, 60);

    public static final WorkKind LINE = placed("line", 30, 120);
    /** A piece on a strip that is folded later. */
    public static final WorkKind STICK_FLAT = sticks("stick-flat", 30, 90);
    /** A tab of what stands up in a fold, on the page. */
    public static final WorkKind SET_TAB = placed("set-tab", 30, 90);
    /** A tab at a slant to the fold, folded under what it is a tab of. */
    public static final WorkKind SET_SLANTED = placed("set-slanted", 30, 120);
    /** A support under a sheet that lies over both pages. */
    public static final WorkKind GLUE_SUPPORT = sticks("glue-support", 30, 60);
    /** A sheet on its supports, on the page. */
    public static final WorkKind SET_LAYER = placed("set-layer", 30, 120);
    /** The tab on its other side, by closing the card on it. */
    public static final WorkKind CLOSE_ON_TAB = of("close-on-tab", 30, 60, Trait.STICKS);
    /** The same where a panel that stands up takes the card's place. */
    public static final WorkKind FOLD_ON_TAB = of("fold-on-tab", 30, 60, Trait.STICKS);

    public static final WorkKind TRY_MOTION = of("try-motion", 0, 30);
    public static final WorkKind SLIP_ON = of("slip-on", 30, 60, Trait.JOINS);
    public static final WorkKind TRY = of("try", 0, 60);
    public static final WorkKind ENVELOPE = of("envelope", 30, 60);
    /** Cutting off what stands over the edge of its panel. */
    public static final WorkKind TRIM_OVERHANG =
            of("trim-overhang", 30, 45).with(Tool.TRIMMER).with(Caution.TRIMMER);

    public static final WorkKind INK = surface("ink", 60, 120);
    public static final WorkKind STENCIL = surface("stencil", 90, 90);
    public static final WorkKind PASTE = surface("paste", 60, 90);
    /** Washing a stencil. */
    public static final WorkKind CLEAN = of("clean", 0, 120, Trait.SURFACE, Trait.OWN_TIMES, Trait.WASHES);

    public static final WorkKind STAMP = surface("stamp", 90, 40);
    /** Taking the cling off before powder. */
    public static final WorkKind PREPARE =
            of("prepare", 20, 15, Trait.SURFACE, Trait.OWN_TIMES).with(Caution.DUST);

    public static final WorkKind POWDER = of("powder", 120, 90, Trait.SURFACE).with(Caution.DUST);
    public static final WorkKind HEAT = of("heat", 60, 30, Trait.SURFACE, Trait.OWN_TIMES, Trait.WETS)
            .with(Tool.HEAT_TOOL)
            .with(Caution.HEAT);
    public static final WorkKind COLOUR = surface("colour", 30, 240);
    /** Colouring all pictures with one pen, before the next is taken. */
    public static final WorkKind COLOUR_IN = surface("colour-in", 30, 240);

    public static final WorkKind SPLATTER = surface("splatter", 60, 30);
    /** Ink run with alcohol. */
    public static final WorkKind WASH = surface("wash", 120, 90).with(Caution.SOLVENT);

    public static final WorkKind GLOSS = surface("gloss", 20, 40);
    /** Pressing a sheet in an embossing folder. */
    public static final WorkKind FOLDER =
            of("folder", 60, 45, Trait.SURFACE).with(Tool.ROLLER_MACHINE).with(Caution.ROLLER_MACHINE);
    /** Curling petals and edges up, when they are cut. */
    public static final WorkKind CURL = of("curl", 10, 45, Trait.SURFACE, Trait.FOLLOWS_EDGES);
    /** Laying a mask on, for a while. */
    public static final WorkKind MASK = of("mask", 20, 30, Trait.PEELS);
    /** Peeling it off again. */
    public static final WorkKind UNMASK = of("unmask", 10, 15, Trait.PEELS);
    /** Sticking on gems, pearls, eyes or sequins. */
    public static final WorkKind STICK_ON = placed("stick-on", 30, 20);
    /** Stamping or drawing pictures where they will be seen on a part that moves. */
    public static final WorkKind DRAW = of("draw", 60, 60, Trait.SURFACE, Trait.FOLLOWS_EDGES);
    /** Stamping or writing the words of a strip. */
    public static final WorkKind LETTER = of("letter", 60, 40, Trait.SURFACE, Trait.FOLLOWS_EDGES);

    private static final List<WorkKind> ALL = List.of(
            TRIM,
            DIE_CUT,
            ELECTRONIC_CUT,
            KNIFE_CUT,
            PUNCH,
            SNIP_FOAM,
            SCORE,
            FOLD,
            PLAN_LAYOUT,
            LAYOUT,
            MARK,
            CUT_SPACERS,
            BACK,
            TRACE,
            FIX_FILM,
            LAY_DAM,
            LAY_FOAM,
            STICK_FOAM,
            STACK,
            WRAP,
            SEAL,
            GLUE_BEHIND,
            INSERT,
            THREAD,
            HANG,
            HINGE,
            JOIN_STRIP,
            SET_ROW,
            FOLD_ON_ROWS,
            CLOSE_BOX,
            ANTI_STATIC,
            FILL,
            FILL_POUCH,
            CLOSE,
            ATTACH,
            ATTACH_OPEN,
            TUCK,
            PRESS_EDGE,
            RAISE,
            LINE,
            STICK_FLAT,
            SET_TAB,
            SET_SLANTED,
            GLUE_SUPPORT,
            SET_LAYER,
            CLOSE_ON_TAB,
            FOLD_ON_TAB,
            TRY_MOTION,
            SLIP_ON,
            TRY,
            ENVELOPE,
            TRIM_OVERHANG,
            INK,
            STENCIL,
            PASTE,
            CLEAN,
            STAMP,
            PREPARE,
            POWDER,
            HEAT,
            COLOUR,
            COLOUR_IN,
            SPLATTER,
            WASH,
            GLOSS,
            FOLDER,
            CURL,
            MASK,
            UNMASK,
            STICK_ON,
            DRAW,
            LETTER);

    public WorkKind {
        traits = Set.copyOf(traits);
        if (setUp.isNegative() || each.isNegative()) {
            throw new IllegalArgumentException("times of '" + id + "' (" + setUp + ", " + each + ") must be 0 or more");
        }
    }

    /** All that the craft knows, in the order of the work. */
    public static List<WorkKind> all() {
        return ALL;
    }

    private static WorkKind of(String id, int setUpSeconds, int eachSeconds, Trait... traits) {
        return new WorkKind(
                id,
                Set.of(traits),
                Optional.empty(),
                Optional.empty(),
                Duration.ofSeconds(setUpSeconds),
                Duration.ofSeconds(eachSeconds));
    }

    private static WorkKind cut(String id, int setUpSeconds, int eachSeconds) {
        return of(id, setUpSeconds, eachSeconds, Trait.CUTS, Trait.WHOLE);
    }

    private static WorkKind sticks(String id, int setUpSeconds, int eachSeconds) {
        return of(id, setUpSeconds, eachSeconds, Trait.JOINS, Trait.STICKS);
    }

    private static WorkKind placed(String id, int setUpSeconds, int eachSeconds) {
        return of(id, setUpSeconds, eachSeconds, Trait.JOINS, Trait.STICKS, Trait.PLACES);
    }

    private static WorkKind surface(String id, int setUpSeconds, int eachSeconds) {
        return of(id, setUpSeconds, eachSeconds, Trait.SURFACE, Trait.WETS);
    }

    private WorkKind with(Tool one) {
        return new WorkKind(id, traits, Optional.of(one), caution, setUp, each);
    }

    private WorkKind with(Caution one) {
        return new WorkKind(id, traits, tool, Optional.of(one), setUp, each);
    }

    /** With the times that the workshop's book has for it. */
    public WorkKind timed(List<WorkTime> book) {
        return book.stream()
                .filter(t -> t.work().equals(id))
                .findFirst()
                .map(t -> new WorkKind(
                        id, traits, tool, caution, Duration.ofSeconds(t.setUp()), Duration.ofSeconds(t.each())))
                .orElse(this);
    }

    /** The times that hold until the book says otherwise. */
    public WorkTime usual() {
        WorkKind plain = ALL.stream().filter(this::is).findFirst().orElse(this);
        return new WorkTime(id, (int) plain.setUp.toSeconds(), (int) plain.each.toSeconds());
    }

    /** Whether it is this kind, whatever times the book has for it. Rules ask this a million times; a hash is kept. */
    public boolean is(WorkKind other) {
        return id.hashCode() == other.id.hashCode() && id.equals(other.id);
    }

    public boolean has(Trait trait) {
        return traits.contains(trait);
    }

    /** Lays a single piece flat on something. */
    public boolean attaches() {
        return is(ATTACH) || is(ATTACH_OPEN) || is(TUCK);
    }

    public boolean cuts() {
        return has(Trait.CUTS);
    }

    public boolean isSurface() {
        return has(Trait.SURFACE);
    }
}
