package dev.schachtel.core.assembly;

import java.util.function.Predicate;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** What the structure of a card asks of the order. Ids and reasons: handbook chapter 3; the words are the application's. */
enum BuildOrder implements OrderRule {
    /** A part is cut before it is used. */
    CUT_BEFORE_USE(
            a -> a.kind().cuts(),
            (a, b, shop) -> !b.kind().cuts()
                    && (!b.kind().isSurface() || b.kind().has(Trait.FOLLOWS_EDGES))
                    && !b.is(WorkKind.LAYOUT)
                    && !b.is(WorkKind.BACK)
                    && b.parts().stream().anyMatch(a::handles)),
    /** Adhesive sheet goes on while the card is larger than its part: what is cut afterwards has it up to every edge. */
    BACK_BEFORE_CUT(a -> a.is(WorkKind.BACK), (a, b, shop) -> b.kind().cuts() && b.handles(a.main())),
    /** Windows are die cut in panels that were trimmed to size first. */
    TRIM_BEFORE_DIE(
            a -> a.is(WorkKind.TRIM),
            (a, b, shop) -> (b.is(WorkKind.DIE_CUT) || b.is(WorkKind.KNIFE_CUT) || b.is(WorkKind.PUNCH))),
    /** The punch reaches a hole only while the sheet lies alone; outlines and windows come first, holes in them after. */
    HOLE_BEFORE_FOAM(a -> a.is(WorkKind.PUNCH), (a, b, shop) -> b.kind().has(Trait.STICKS)),
    SCORE_BEFORE_FOLD(a -> a.is(WorkKind.SCORE), (a, b, shop) -> b.is(WorkKind.FOLD)),
    /** The base is traced, lined and covered when it has its fold. */
    FOLD_BEFORE_USE(
            a -> a.is(WorkKind.FOLD),
            (a, b, shop) -> !b.kind().cuts()
                    && !b.kind().isSurface()
                    && !b.is(WorkKind.SCORE)
                    && !b.is(WorkKind.BACK)
                    && !b.is(WorkKind.LAYOUT)
                    && !b.is(WorkKind.CLOSE)
                    && b.parts().stream().anyMatch(a::handles)),
    /** A crease is pressed before anything is laid on it. */
    CREASE_BEFORE_LOAD(
            a -> a.is(WorkKind.FOLD),
            (a, b, shop) -> (b.is(WorkKind.LAYOUT)
                    || b.is(WorkKind.CLOSE) && b.parts().stream().anyMatch(a::handles))),
    /** What overhangs is trimmed when its glue holds. */
    TRIM_AFTER_GLUE(
            a -> a.kind().attaches(),
            (a, b, shop) -> b.is(WorkKind.TRIM_OVERHANG) && a.main().equals(b.onto())),
    /** The trimmer can't cut the thick card. */
    TRIM_BEFORE_BASE(a -> a.is(WorkKind.TRIM_OVERHANG), (a, b, shop) -> b.kind().has(Trait.PLACES) && b.lays(a.main())),
    LAYOUT_BEFORE_GLUE(a -> a.is(WorkKind.LAYOUT), (a, b, shop) -> b.kind().has(Trait.STICKS)),
    /** Marks and strips guide the hand only while nothing lies there. */
    MARK_BEFORE_GLUE(a -> a.is(WorkKind.MARK) || a.is(WorkKind.CUT_SPACERS), (a, b, shop) -> b.kind()
            .has(Trait.STICKS)),
    /** What is to be laid out is cut. */
    CUT_BEFORE_LAYOUT(
            a -> a.kind().cuts() && !a.is(WorkKind.SNIP_FOAM) && !a.is(WorkKind.PUNCH),
            (a, b, shop) -> b.is(WorkKind.LAYOUT)),
    TRACE_BEFORE_FILM(a -> a.is(WorkKind.TRACE), (a, b, shop) -> b.is(WorkKind.FIX_FILM) && sameOwner(a, b)),
    FILM_CURED_BEFORE_DAM(a -> a.is(WorkKind.FIX_FILM), (a, b, shop) -> b.is(WorkKind.LAY_DAM) && sameOwner(a, b)),
    SEAL_BEFORE_FILL(
            a -> a.is(WorkKind.LAY_DAM) || a.is(WorkKind.WRAP),
            (a, b, shop) -> (b.kind().has(Trait.FILLS) || b.is(WorkKind.ANTI_STATIC)) && sameOwner(a, b)),
    ANTISTATIC_BEFORE_FILL(
            a -> a.is(WorkKind.ANTI_STATIC), (a, b, shop) -> b.kind().has(Trait.FILLS) && sameOwner(a, b)),
    FILL_BEFORE_CLOSE(
            a -> a.kind().has(Trait.FILLS),
            (a, b, shop) -> b.is(WorkKind.SEAL) ? sameOwner(a, b) : closes(a, b, shop.build())),
    /** A pouch is shut before anything lies on it, and before its panel goes down. */
    POUCH_BEFORE_USE(
            a -> a.is(WorkKind.SEAL),
            (a, b, shop) -> b.kind().has(Trait.PLACES) && b.parts().stream().anyMatch(a::handles)),
    /** What goes on the back of a sheet, or through it from behind, goes there before the sheet goes down. */
    BACK_BEFORE_DOWN(a -> a.joins().isPresent(), (a, b, shop) -> a.joins()
            .filter(Joining::isBehind)
            .filter(behind -> b.joins()
                    .filter(j -> !j.isBehind())
                    .filter(j -> j.laid().contains(shop.partOf(behind.onto())))
                    .isPresent())
            .isPresent()),
    /** What lies under another piece goes down before that. */
    UNDER_BEFORE_OVER(a -> !a.effect().laid().isEmpty(), (a, b, shop) -> shop.covers(b, a)),
    /** What goes under an edge comes when that edge lies, open. */
    EDGE_BEFORE_TUCK(a -> a.is(WorkKind.ATTACH_OPEN), (a, b, shop) -> b.is(WorkKind.TUCK) && b.handles(a.main())),
    /** An edge is glued down over what goes under it. */
    TUCK_BEFORE_GLUE(a -> a.is(WorkKind.TUCK), (a, b, shop) -> b.is(WorkKind.PRESS_EDGE) && b.handles(a.main())),
    /** Sheets become one before anything is stuck on them or they on anything. */
    SHEETS_BEFORE_USE(
            a -> a.is(WorkKind.STACK),
            (a, b, shop) ->
                    b.kind().has(Trait.STICKS) && b.parts().contains(a.parts().get(0))),
    /** Filled chambers are closed at once: whatever else goes on the back is there before the filling. */
    FOAM_BEFORE_FILL(
            a -> a.is(WorkKind.LAY_FOAM), (a, b, shop) -> b.kind().has(Trait.FILLS) && goesDownFilled(a, b, shop)),
    /** Whatever lies inside is there before anything raised makes the front rock. */
    INSIDE_BEFORE_FRONT((a, b, shop) -> shop.house().inside() == HouseRules.Inside.BEFORE_FRONT
            && shop.isInside(a)
            && !shop.isInside(b)
            && (b.is(WorkKind.CLOSE) || b.kind().has(Trait.FILLS) || shop.isOnLeaf(b))),
    /** House rule: the inside waits for the front. */
    FRONT_BEFORE_INSIDE((a, b, shop) -> shop.house().inside() == HouseRules.Inside.LAST
            && !shop.isInside(a)
            && shop.isInside(b)
            && (a.is(WorkKind.CLOSE) || shop.isOnLeaf(a))),
    /**
     * Raised pieces on the front would make a panel rock while its back is worked on; those whose overhang is trimmed must
     * be there before.
     */
    BACK_BEFORE_FRONT(
            a -> a.is(WorkKind.CLOSE) || a.is(WorkKind.LAY_FOAM) || a.is(WorkKind.FIX_FILM),
            (a, b, shop) -> isPiece(b)
                    && !shop.isTurnedBehind(b.main())
                    && b.onto().equals(a.is(WorkKind.CLOSE) ? a.main() : a.onto())
                    && b.parts().stream().limit(1).noneMatch(shop.trimmed()::contains)),
    /** A piece of layers is put together before it goes on the card. */
    STACK_BEFORE_MOUNT(
            BuildOrder::isPiece,
            (a, b, shop) -> isPiece(b) && sameOwner(a, b) && a.onto().equals(b.main()) && !movesAtAll(a, shop.build())),
    /** A connector goes on its retainer before both go through the slot. */
    CONNECTOR_BEFORE_INSERT(
            BuildOrder::isPiece,
            (a, b, shop) -> b.is(WorkKind.INSERT) && sameOwner(a, b) && a.onto().equals(b.main())),
    /** What is larger than the slot goes on when the connector is through it. */
    INSERT_BEFORE_FACE(
            a -> a.is(WorkKind.INSERT),
            (a, b, shop) -> isPiece(b) && sameOwner(a, b) && !a.main().equals(b.onto())),
    /** The channel's sides lie before the strip goes in between. */
    RAILS_BEFORE_INSERT(
            a -> a.is(WorkKind.GLUE_BEHIND),
            (a, b, shop) -> b.is(WorkKind.INSERT) && sameOwner(a, b) && a.onto().equals(b.onto())),
    /** A stop bar would not let the strip in. */
    INSERT_BEFORE_STOP(
            a -> a.is(WorkKind.INSERT),
            (a, b, shop) ->
                    b.is(WorkKind.GLUE_BEHIND) && sameOwner(a, b) && b.onto().equals(a.main())),
    MOVE_BEFORE_TRY(
            a -> a.is(WorkKind.INSERT) || isPiece(a) || a.is(WorkKind.GLUE_BEHIND),
            (a, b, shop) -> b.is(WorkKind.TRY_MOTION) && sameOwner(a, b)),
    /** Once the panel is down nothing behind it can be reached. */
    RIDER_BEFORE_CLOSE(BuildOrder::moves, (a, b, shop) -> runsIn(a, b, shop.build()) && !liesOnFrontOf(a, b)),
    /** Filled chambers are closed at once: what moves in the same panel is in place before. */
    RIDER_BEFORE_FILL(BuildOrder::moves, (a, b, shop) -> b.kind().has(Trait.FILLS) && movesAtAll(a, shop.build())),
    /** What lies on another mat waits until that lies. */
    LOWER_BEFORE_UPPER(
            a -> isPiece(a) || a.is(WorkKind.LINE),
            (a, b, shop) -> (isPiece(b) || b.is(WorkKind.HINGE))
                    && (!sameOwner(a, b) || b.is(WorkKind.HINGE))
                    && b.onto().equals(a.main())),
    /** What stands up in a fold is fixed on the page before the card is closed on its other tab. */
    TAB_BEFORE_CLOSE(
            BuildOrder::setsTab,
            (a, b, shop) -> b.is(WorkKind.CLOSE_ON_TAB) && sameOwner(a, b)
                    || b.is(WorkKind.FOLD_ON_TAB) && (sameOwner(a, b) || b.handles(a.main()))),
    /** What stands on a panel is pressed on that as long as it can be laid down: before its own other tab is glued. */
    INNER_TAB_FIRST(
            a -> a.is(WorkKind.FOLD_ON_TAB),
            (a, b, shop) -> (b.is(WorkKind.CLOSE_ON_TAB) || b.is(WorkKind.FOLD_ON_TAB))
                    && !sameOwner(a, b)
                    && a.parts().get(1).equals(b.main())),
    /** A sheet stands on its supports when it is set on the page. */
    SUPPORTS_FIRST(a -> a.is(WorkKind.GLUE_SUPPORT), (a, b, shop) -> b.is(WorkKind.SET_LAYER) && sameOwner(a, b)),
    /** What lies on a strip is stuck on while that lies alone. */
    PIECES_BEFORE_ROW(
            a -> a.joins().isPresent(), (a, b, shop) -> b.is(WorkKind.SET_ROW) && shop.liesOn(a.main(), b.main())),
    /** On a wall that lies open, strips are set from the back of the box: each one lies over those behind it. */
    ROWS_FROM_BEHIND(
            a -> a.is(WorkKind.SET_ROW), (a, b, shop) -> b.is(WorkKind.SET_ROW) && shop.meets(b.main(), a.main())),
    /** All strips stand on one wall, and that hangs together with the other, before it is folded over them. */
    ROWS_BEFORE_FOLD(
            a -> a.is(WorkKind.SET_ROW) || a.is(WorkKind.JOIN_STRIP),
            (a, b, shop) -> b.is(WorkKind.FOLD_ON_ROWS) || b.is(WorkKind.CLOSE_BOX)),
    /** Between walls that are glued together no hand can lay anything flat. */
    INSIDE_BEFORE_BOX((a, b, shop) -> b.is(WorkKind.CLOSE_BOX) && (a.is(WorkKind.FOLD_ON_ROWS) || shop.isInside(a))),
    /** A band goes round the finished card. */
    BAND_LAST(a -> a.kind().has(Trait.JOINS), (a, b, shop) -> b.is(WorkKind.SLIP_ON)),
    /** Shakers are tried when they are closed, while other things still dry. */
    CLOSE_BEFORE_TRY(
            a -> a.is(WorkKind.CLOSE) || a.is(WorkKind.LINE) || a.is(WorkKind.SEAL),
            (a, b, shop) -> b.is(WorkKind.TRY)),
    DRY_BEFORE_CLOSE((a, b, shop) -> b.is(WorkKind.ENVELOPE));

    private final String id;
    private final Predicate<Op> first;
    private final Test test;

    /** A rule that may concern any operation. */
    BuildOrder(Test test) {
        this(a -> true, test);
    }

    BuildOrder(Predicate<Op> first, Test test) {
        this.id = OrderRule.id(this);
        this.first = first;
        this.test = test;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public Strength strength() {
        return this == BACK_BEFORE_FRONT || this == CLOSE_BEFORE_TRY ? Strength.ADVISES : Strength.FORBIDS;
    }

    @Override
    public boolean concerns(Op a) {
        return first.test(a);
    }

    @Override
    public boolean follows(Op a, Op b, Shop shop) {
        return test.before(a, b, shop);
    }

    private static boolean setsTab(Op op) {
        return op.is(WorkKind.SET_TAB) || op.is(WorkKind.SET_SLANTED) || op.is(WorkKind.SET_LAYER);
    }

    private static boolean sameOwner(Op a, Op b) {
        return a.owner().equals(b.owner());
    }

    /** Lays a single piece on something. */
    private static boolean isPiece(Op op) {
        return op.kind().attaches() || op.is(WorkKind.RAISE) || op.is(WorkKind.STICK_FOAM);
    }

    private static boolean movesAtAll(Op op, Build build) {
        return build.mechanics().motions().stream().anyMatch(m -> m.owner().equals(op.owner()));
    }

    private static boolean moves(Op op) {
        return op.is(WorkKind.INSERT)
                || op.is(WorkKind.GLUE_BEHIND)
                || op.is(WorkKind.TRY_MOTION)
                || op.is(WorkKind.HANG)
                || isPiece(op);
    }

    /** The foam goes down on what the filling lies on: both are closed by the same panel, or the filling by an inner one. */
    private static boolean goesDownFilled(Op foam, Op fill, Shop shop) {
        return !shop.isInside(foam) || shop.isInside(fill);
    }

    /** b lays the panel down in which a's movement runs, or through whose window it shows. */
    private static boolean runsIn(Op a, Op b, Build build) {
        return b.is(WorkKind.CLOSE)
                && !sameOwner(a, b)
                && build.mechanics().motions().stream()
                        .filter(m -> m.owner().equals(a.owner()))
                        .anyMatch(m -> m.keeping().guides().stream()
                                        .anyMatch(g -> ofPart(g, b.parts().get(0), build))
                                || m.keeping().guides().isEmpty());
    }

    /** a sticks something on the front of the panel that b lays down: that can be reached afterwards. */
    private static boolean liesOnFrontOf(Op a, Op b) {
        return isPiece(a) && a.onto().equals(b.main());
    }

    private static boolean ofPart(SlabId slab, PartId part, Build build) {
        return build.level(slab).filter(l -> l.slab().part().equals(part)).isPresent();
    }

    /** b lays the panel down that has a's window in it. */
    private static boolean closes(Op a, Op b, Build build) {
        return b.is(WorkKind.CLOSE)
                && build.chambers().stream()
                        .filter(c -> c.owner().equals(a.owner()))
                        .anyMatch(c -> build.part(b.parts().get(0)).stream()
                                .flatMap(p -> p.cutouts().stream())
                                .anyMatch(cut -> c.behind(cut.owner())));
    }

    /** Whether b comes after a, an operation that the rule concerns. */
    private interface Test {
        boolean before(Op a, Op b, Shop shop);
    }
}
