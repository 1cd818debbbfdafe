package dev.schachtel.core.assembly;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;

/** What the structure of a card asks of the order. Ids and reasons: handbook chapter 3; the words are the application's. */
enum BuildOrder implements OrderRule {
    /** A part is cut before it is used. */
    CUT_BEFORE_USE((a, b, build) -> a.kind().cuts()
            && !b.kind().cuts()
            && !b.kind().isSurface()
            && b.kind() != OpKind.LAYOUT
            && b.parts().stream().anyMatch(a::handles)),
    /** Windows are die cut in panels that were trimmed to size first. */
    TRIM_BEFORE_DIE((a, b, build) -> a.kind() == OpKind.TRIM
            && (b.kind() == OpKind.DIE_CUT || b.kind() == OpKind.KNIFE_CUT || b.kind() == OpKind.PUNCH)),
    /** The punch reaches a hole only while the sheet lies alone; outlines and windows come first, holes in them after. */
    HOLE_BEFORE_FOAM((a, b, build) -> a.kind() == OpKind.PUNCH && b.kind().sticks()),
    SCORE_BEFORE_FOLD((a, b, build) -> a.kind() == OpKind.SCORE && b.kind() == OpKind.FOLD),
    /** The base is traced, lined and covered when it has its fold. */
    FOLD_BEFORE_USE((a, b, build) -> a.kind() == OpKind.FOLD
            && !b.kind().cuts()
            && !b.kind().isSurface()
            && b.kind() != OpKind.SCORE
            && b.kind() != OpKind.LAYOUT
            && b.kind() != OpKind.CLOSE
            && b.parts().stream().anyMatch(a::handles)),
    /** A crease is pressed before anything is laid on it. */
    CREASE_BEFORE_LOAD((a, b, build) -> a.kind() == OpKind.FOLD
            && (b.kind() == OpKind.LAYOUT
                    || b.kind() == OpKind.CLOSE && b.parts().stream().anyMatch(a::handles))),
    /** What overhangs is trimmed when its glue holds. */
    TRIM_AFTER_GLUE((a, b, build) -> b.kind() == OpKind.TRIM_OVERHANG
            && a.kind() == OpKind.ATTACH
            && a.parts().get(0).equals(b.parts().get(1))),
    /** The trimmer can't cut the thick card. */
    TRIM_BEFORE_BASE((a, b, build) -> a.kind() == OpKind.TRIM_OVERHANG
            && (b.kind() == OpKind.CLOSE || b.kind() == OpKind.ATTACH)
            && b.parts().get(0).equals(a.parts().get(0))),
    LAYOUT_BEFORE_GLUE((a, b, build) -> a.kind() == OpKind.LAYOUT && b.kind().sticks()),
    /** Marks guide the hand only while nothing lies there. */
    MARK_BEFORE_GLUE((a, b, build) -> a.kind() == OpKind.MARK && b.kind().sticks()),
    /** What is to be laid out is cut. */
    CUT_BEFORE_LAYOUT((a, b, build) ->
            b.kind() == OpKind.LAYOUT && a.kind().cuts() && a.kind() != OpKind.SNIP_FOAM && a.kind() != OpKind.PUNCH),
    TRACE_BEFORE_FILM((a, b, build) -> a.kind() == OpKind.TRACE && b.kind() == OpKind.FIX_FILM && sameOwner(a, b)),
    FILM_CURED_BEFORE_DAM(
            (a, b, build) -> a.kind() == OpKind.FIX_FILM && b.kind() == OpKind.LAY_DAM && sameOwner(a, b)),
    SEAL_BEFORE_FILL((a, b, build) -> (a.kind() == OpKind.LAY_DAM || a.kind() == OpKind.WRAP)
            && (b.kind() == OpKind.FILL || b.kind() == OpKind.ANTI_STATIC)
            && sameOwner(a, b)),
    ANTISTATIC_BEFORE_FILL(
            (a, b, build) -> a.kind() == OpKind.ANTI_STATIC && b.kind() == OpKind.FILL && sameOwner(a, b)),
    FILL_BEFORE_CLOSE((a, b, build) ->
            a.kind() == OpKind.FILL && (b.kind() == OpKind.SEAL ? sameOwner(a, b) : closes(a, b, build))),
    /** A pouch is shut before anything lies on it, and before its panel goes down. */
    POUCH_BEFORE_USE((a, b, build) -> a.kind() == OpKind.SEAL
            && (b.kind() == OpKind.ATTACH || b.kind() == OpKind.CLOSE)
            && b.parts().stream().anyMatch(a::handles)),
    /** Foam goes on the panel before the panel goes down. */
    FOAM_BEFORE_CLOSE((a, b, build) -> a.kind() == OpKind.LAY_FOAM
            && b.kind() == OpKind.CLOSE
            && a.parts().get(0).equals(b.parts().get(0))),
    /** Sheets become one before anything is stuck on them or they on anything. */
    SHEETS_BEFORE_USE((a, b, build) -> a.kind() == OpKind.STACK
            && b.kind().sticks()
            && b.parts().contains(a.parts().get(0))),
    /** Filled chambers are closed at once: whatever else goes on the back is there before the filling. */
    FOAM_BEFORE_FILL((a, b, build) -> a.kind() == OpKind.LAY_FOAM && b.kind() == OpKind.FILL),
    INSIDE_BEFORE_FRONT(
            (a, b, build) -> a.kind() == OpKind.LINE && (b.kind() == OpKind.CLOSE || b.kind() == OpKind.FILL)),
    /** Raised pieces on the front would make a panel rock while its back is worked on. */
    BACK_BEFORE_FRONT(
            (a, b, build) -> (a.kind() == OpKind.CLOSE || a.kind() == OpKind.LAY_FOAM || a.kind() == OpKind.FIX_FILM)
                    && b.kind() == OpKind.ATTACH
                    && b.parts().size() > 1
                    && b.parts().get(1).equals(a.parts().get(a.kind() == OpKind.FIX_FILM ? 1 : 0))),
    /** A piece of layers is put together before it goes on the card. */
    STACK_BEFORE_MOUNT((a, b, build) -> a.kind() == OpKind.ATTACH
            && b.kind() == OpKind.ATTACH
            && sameOwner(a, b)
            && a.parts().size() > 1
            && a.parts().get(1).equals(b.parts().get(0))
            && !movesAtAll(a, build)),
    /** A connector goes on its retainer before both go through the slot. */
    CONNECTOR_BEFORE_INSERT((a, b, build) -> a.kind() == OpKind.ATTACH
            && b.kind() == OpKind.INSERT
            && sameOwner(a, b)
            && a.parts().get(1).equals(b.parts().get(0))),
    /** What is larger than the slot goes on when the connector is through it. */
    INSERT_BEFORE_FACE((a, b, build) -> a.kind() == OpKind.INSERT
            && b.kind() == OpKind.ATTACH
            && sameOwner(a, b)
            && !a.parts().get(0).equals(b.parts().get(1))),
    /** The channel's sides lie before the strip goes in between. */
    RAILS_BEFORE_INSERT((a, b, build) -> a.kind() == OpKind.GLUE_BEHIND
            && b.kind() == OpKind.INSERT
            && sameOwner(a, b)
            && a.parts().get(1).equals(b.parts().get(1))),
    /** A stop bar would not let the strip in. */
    INSERT_BEFORE_STOP((a, b, build) -> a.kind() == OpKind.INSERT
            && b.kind() == OpKind.GLUE_BEHIND
            && sameOwner(a, b)
            && b.parts().get(1).equals(a.parts().get(0))),
    MOVE_BEFORE_TRY((a, b, build) -> b.kind() == OpKind.TRY_MOTION
            && sameOwner(a, b)
            && (a.kind() == OpKind.INSERT || a.kind() == OpKind.ATTACH || a.kind() == OpKind.GLUE_BEHIND)),
    /** Once the panel is down nothing behind it can be reached. */
    RIDER_BEFORE_CLOSE((a, b, build) -> moves(a) && runsIn(a, b, build) && !liesOnFrontOf(a, b)),
    /** Filled chambers are closed at once: what moves in the same panel is in place before. */
    RIDER_BEFORE_FILL((a, b, build) -> moves(a) && b.kind() == OpKind.FILL && movesAtAll(a, build)),
    THREAD_BEFORE_MOUNT((a, b, build) ->
            a.kind() == OpKind.THREAD && (b.kind() == OpKind.ATTACH ? sameOwner(a, b) : runsIn(a, b, build))),
    /** What lies on another mat waits until that lies. */
    LOWER_BEFORE_UPPER((a, b, build) -> a.kind().sticks()
            && b.kind() == OpKind.ATTACH
            && a.kind() == OpKind.ATTACH
            && !sameOwner(a, b)
            && b.parts().size() > 1
            && b.parts().get(1).equals(a.parts().get(0))),
    /** A band goes round the finished card. */
    BAND_LAST((a, b, build) -> b.kind() == OpKind.SLIP_ON && a.kind().sticks()),
    /** Shakers are tried when they are closed, while other things still dry. */
    CLOSE_BEFORE_TRY((a, b, build) -> b.kind() == OpKind.TRY && (a.kind() == OpKind.CLOSE || a.kind() == OpKind.LINE)),
    DRY_BEFORE_CLOSE((a, b, build) -> b.kind() == OpKind.ENVELOPE);

    private final String id;
    private final Test test;

    BuildOrder(Test test) {
        this.id = OrderRule.id(this);
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
    public boolean applies(Op a, Op b, Shop shop) {
        boolean trimmed = this == BACK_BEFORE_FRONT
                && !b.parts().isEmpty()
                && shop.trimmed().contains(b.parts().get(0));
        return !trimmed && test.before(a, b, shop.build());
    }

    private static boolean sameOwner(Op a, Op b) {
        return a.owner().equals(b.owner());
    }

    private static boolean movesAtAll(Op op, Build build) {
        return build.mechanics().motions().stream().anyMatch(m -> m.owner().equals(op.owner()));
    }

    private static boolean moves(Op op) {
        return op.kind() == OpKind.INSERT
                || op.kind() == OpKind.GLUE_BEHIND
                || op.kind() == OpKind.TRY_MOTION
                || op.kind() == OpKind.ATTACH;
    }

    /** b lays the panel down in which a's movement runs, or through whose window it shows. */
    private static boolean runsIn(Op a, Op b, Build build) {
        return b.kind() == OpKind.CLOSE
                && !sameOwner(a, b)
                && build.mechanics().motions().stream()
                        .filter(m -> m.owner().equals(a.owner()))
                        .anyMatch(m -> m.keeping().guides().stream()
                                        .anyMatch(g -> ofPart(g, b.parts().get(0), build))
                                || m.keeping().guides().isEmpty());
    }

    /** a sticks something on the front of the panel that b lays down: that can be reached afterwards. */
    private static boolean liesOnFrontOf(Op a, Op b) {
        return a.kind() == OpKind.ATTACH
                && a.parts().size() > 1
                && a.parts().get(1).equals(b.parts().get(0));
    }

    private static boolean ofPart(SlabId slab, PartId part, Build build) {
        return build.level(slab).filter(l -> l.slab().part().equals(part)).isPresent();
    }

    /** b lays the panel down that has a's window in it. */
    private static boolean closes(Op a, Op b, Build build) {
        return b.kind() == OpKind.CLOSE
                && build.chambers().stream()
                        .filter(c -> c.owner().equals(a.owner()))
                        .anyMatch(c -> build.part(b.parts().get(0)).stream()
                                .flatMap(p -> p.cutouts().stream())
                                .anyMatch(cut -> c.behind(cut.owner())));
    }

    private interface Test {
        boolean before(Op a, Op b, Build build);
    }
}
