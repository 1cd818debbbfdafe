package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.Optional;

import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.work.Trait;
import dev.schachtel.core.work.WorkKind;

/** What surface work asks of the order. Ids: handbook chapter 3; house rules decide where makers differ. */
enum SurfaceOrder implements OrderRule {
    /** A surface is worked on when its sheet is trimmed. */
    TRIM_BEFORE_SURFACE(
            Strength.WARNS, (a, b, shop) -> a.is(WorkKind.TRIM) && b.kind().isSurface() && works(b, a)),
    /** The brush bends delicate edges: ink first, then cut. House rule. */
    INK_BEFORE_FINE_CUT(
            Strength.WARNS,
            (a, b, shop) -> shop.house().edges() == HouseRules.InkOrCut.INK_FIRST
                    && worksBeforeCut(a)
                    && !isLaidOut(a)
                    && !isDrawn(a, shop)
                    && cutsFine(b)
                    && works(a, b)),
    /** Edges stay white when the cut comes first. House rule. */
    CUT_BEFORE_INK(
            Strength.WARNS,
            (a, b, shop) -> shop.house().edges() == HouseRules.InkOrCut.CUT_FIRST
                    && cutsFine(a)
                    && worksBeforeCut(b)
                    && works(b, a)),
    /** Clear embossing keeps ink off. */
    RESIST_BEFORE_INK(
            Strength.FORBIDS,
            (a, b, shop) -> samePart(a, b)
                    && sort(a) == Surfacing.RESIST
                    && sort(b) != Surfacing.RESIST
                    && (inks(b) || melts(b))),
    /** Powder sticks to anything damp. */
    DRY_BEFORE_POWDER(
            Strength.FORBIDS, (a, b, shop) -> wetBeforePowder(a, b) && sort(a) != Surfacing.WASH && listed(a, b, shop)),
    /** Stray powder melts where it lies. */
    ANTISTATIC_BEFORE_EMBOSS(
            Strength.FORBIDS, (a, b, shop) -> a.is(WorkKind.PREPARE) && b.is(WorkKind.POWDER) && sameWork(a, b)),
    POWDER_BEFORE_HEAT(
            Strength.FORBIDS, (a, b, shop) -> a.is(WorkKind.POWDER) && b.is(WorkKind.HEAT) && sameWork(a, b)),
    /** Film warps, foam shrinks, glue softens. */
    HEAT_BEFORE_FILM_FOAM(
            Strength.FORBIDS, (a, b, shop) -> a.is(WorkKind.HEAT) && b.kind().has(Trait.STICKS)),
    /** Vapour burns. That heat and solvents never overlap at all is the scheduler's. */
    ALCOHOL_DRY_BEFORE_HEAT(
            Strength.FORBIDS, (a, b, shop) -> wetBeforePowder(a, b) && sort(a) == Surfacing.WASH && listed(a, b, shop)),
    /** Lighter colours first, or darker ones. House rule. */
    LIGHT_TO_DARK(
            Strength.ADVISES,
            (a, b, shop) -> shop.house().shades() == HouseRules.Shades.LIGHT_TO_DARK
                    && shades(a, b)
                    && lightness(a) > lightness(b)),
    DARK_TO_LIGHT(
            Strength.ADVISES,
            (a, b, shop) -> shop.house().shades() == HouseRules.Shades.DARK_TO_LIGHT
                    && shades(a, b)
                    && lightness(a) < lightness(b)),
    /** Pens never over ink that runs in them: what spoils the other only when it comes later comes first. */
    NO_BLEEDING(Strength.FORBIDS, (a, b, shop) -> samePart(a, b) && !sameWork(a, b) && spoilsLater(a, b, shop)),
    /** The outline shows where the colour goes, or lies clean on top. House rule. */
    OUTLINE_BEFORE_COLOUR(
            Strength.ADVISES,
            (a, b, shop) -> shop.house().outlines() == HouseRules.Outlines.BEFORE_COLOUR && outline(a, b)),
    COLOUR_BEFORE_OUTLINE(
            Strength.ADVISES,
            (a, b, shop) -> shop.house().outlines() == HouseRules.Outlines.AFTER_COLOUR && outline(b, a)),
    /** Work on one part goes in the order in which the maker listed it, unless another rule turns it. */
    AS_LISTED(
            Strength.ADVISES,
            (a, b, shop) -> samePart(a, b)
                    && !sameWork(a, b)
                    && !a.is(WorkKind.COLOUR_IN)
                    && !b.is(WorkKind.COLOUR_IN)
                    && listed(a, b, shop)
                    && !turned(a, b, shop)),
    BACKGROUND_FIRST(
            Strength.ADVISES,
            (a, b, shop) -> shop.house().ground() == HouseRules.Ground.BACKGROUND_FIRST
                    && background(a, shop)
                    && image(b, shop)),
    IMAGES_FIRST(
            Strength.ADVISES,
            (a, b, shop) ->
                    shop.house().ground() == HouseRules.Ground.IMAGES_FIRST && image(a, shop) && background(b, shop)),
    /** A stencil is washed before the paste sets. */
    WASH_STENCIL_SOON(
            Strength.FORBIDS, (a, b, shop) -> a.is(WorkKind.PASTE) && b.kind().has(Trait.WASHES) && sameWork(a, b)) {
        @Override
        public boolean dry() {
            return false;
        }

        @Override
        public Optional<Duration> within(Op a) {
            return a.surface().map(s -> Duration.ofMinutes(s.technique().washWithin()));
        }
    },
    /** The pieces show where ink is needed, and are cleared away. */
    PLAN_BEFORE_SURFACE(Strength.FORBIDS, (a, b, shop) -> a.is(WorkKind.PLAN_LAYOUT) && isLaidOut(b)),
    /** Surfaces are worked on while their part lies alone and flat. */
    SURFACE_BEFORE_USE(
            Strength.WARNS,
            (a, b, shop) -> liesAlone(a)
                    && !a.is(WorkKind.HEAT)
                    && (layOut(a, b) || b.kind().has(Trait.JOINS) && works(a, b))
                    && !frontGoesOn(a, b)),
    /** The inside is stamped and inked while the base lies flat. */
    INSIDE_DRY_BEFORE_FRONT(Strength.WARNS, (a, b, shop) -> liesAlone(a) && frontGoesOn(a, b)),
    /** What lies wet on top comes last: it smears. */
    COVER_WET_LAST(
            Strength.FORBIDS,
            (a, b, shop) -> b.is(WorkKind.GLOSS)
                    && !a.is(WorkKind.GLOSS)
                    && !a.kind().has(Trait.WASHES)
                    && !a.is(WorkKind.ENVELOPE)
                    && !a.is(WorkKind.TRY));

    private final Strength strength;
    private final String id;
    private final Test test;

    SurfaceOrder(Strength strength, Test test) {
        this.strength = strength;
        this.id = OrderRule.id(this);
        this.test = test;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public Strength strength() {
        return strength;
    }

    @Override
    public boolean follows(Op a, Op b, Shop shop) {
        return test.before(a, b, shop);
    }

    private static PartId on(Op op) {
        return op.parts().get(0);
    }

    /** Whether the other handles something that the first works on. */
    static boolean works(Op surface, Op other) {
        return surface.is(WorkKind.COLOUR_IN)
                ? surface.parts().stream().anyMatch(other::handles)
                : other.handles(on(surface));
    }

    private static boolean samePart(Op a, Op b) {
        return a.kind().isSurface()
                && b.kind().isSurface()
                && (a.is(WorkKind.COLOUR_IN) || b.is(WorkKind.COLOUR_IN)
                        ? a.parts().stream().anyMatch(b::handles)
                        : on(a).equals(on(b)))
                && !a.kind().has(Trait.WASHES)
                && !b.kind().has(Trait.WASHES);
    }

    private static boolean sameWork(Op a, Op b) {
        return a.owner().equals(b.owner());
    }

    private static Surfacing sort(Op op) {
        return op.surface().map(s -> s.technique().kind()).orElse(Surfacing.COLOUR);
    }

    private static boolean inks(Op op) {
        return op.kind().isSurface() && sort(op).inks();
    }

    private static boolean melts(Op op) {
        return sort(op).melts();
    }

    private static boolean cutsFine(Op op) {
        return op.is(WorkKind.DIE_CUT) || op.is(WorkKind.ELECTRONIC_CUT) || op.is(WorkKind.KNIFE_CUT);
    }

    private static boolean worksBeforeCut(Op op) {
        boolean edge = op.surface().filter(Surface::isOnCutEdge).isPresent();
        return liesAlone(op) && !edge && !op.kind().has(Trait.FOLLOWS_EDGES);
    }

    /** Whether it works on a part before anything else is on that. */
    private static boolean liesAlone(Op op) {
        return op.kind().isSurface() && !op.is(WorkKind.GLOSS) && !op.kind().has(Trait.WASHES);
    }

    private static boolean isLaidOut(Op op) {
        return op.surface().filter(Surface::laidOut).isPresent();
    }

    private static boolean wetBeforePowder(Op a, Op b) {
        return samePart(a, b) && inks(a) && sort(b) == Surfacing.EMBOSS;
    }

    /** The base may lie under the layout and be worked on inside afterwards. */
    private static boolean layOut(Op a, Op b) {
        return (b.is(WorkKind.LAYOUT) || b.is(WorkKind.TRACE)) && !on(a).owner().equals(Id.BASE);
    }

    private static boolean frontGoesOn(Op a, Op b) {
        return b.is(WorkKind.CLOSE) && b.parts().size() > 1 && b.onto().equals(on(a));
    }

    private static boolean shades(Op a, Op b) {
        boolean coloured = a.surface().isPresent() && b.surface().isPresent();
        return coloured
                && samePart(a, b)
                && inks(a)
                && sort(a) == sort(b)
                && !sameWork(a, b)
                && !isLeftOver(a, b)
                && !isLeftOver(b, a);
    }

    /** Whether a is done with what is left of b. */
    private static boolean isLeftOver(Op a, Op b) {
        return RunOrder.leftFrom(a).filter(b.owner()::equals).isPresent();
    }

    private static double lightness(Op op) {
        return op.surface().map(Surface::colour).map(c -> c.lab().lightness()).orElse(0.0);
    }

    /** a stamps, b colours, on one part. */
    private static boolean outline(Op a, Op b) {
        return samePart(a, b) && sort(a) == Surfacing.STAMP && sort(b) == Surfacing.COLOUR;
    }

    /** Whether another rule says which of the two comes first. */
    private static boolean turned(Op a, Op b, Shop shop) {
        boolean one = (sort(a) == Surfacing.RESIST) != (sort(b) == Surfacing.RESIST);
        boolean resist = one && (inks(a) || melts(a)) && (inks(b) || melts(b));
        boolean gloss = a.is(WorkKind.GLOSS) || b.is(WorkKind.GLOSS);
        return resist
                || isLeftOver(a, b)
                || isLeftOver(b, a)
                || gloss
                || wetBeforePowder(a, b)
                || spoilsLater(a, b, shop)
                || spoilsLater(b, a, shop)
                || outline(a, b)
                || outline(b, a)
                || shades(a, b) && lightness(a) != lightness(b);
    }

    /** Whether a must not come after b, and b may come after a. */
    private static boolean spoilsLater(Op a, Op b, Shop shop) {
        Optional<Medium> first = medium(a, shop);
        Optional<Medium> then = medium(b, shop);
        return first.isPresent()
                && then.isPresent()
                && Pairing.spoils(shop.pairings(), first.get(), then.get())
                && !Pairing.spoils(shop.pairings(), then.get(), first.get());
    }

    private static Optional<Medium> medium(Op op, Shop shop) {
        return op.surface().map(s -> shop.build()
                .inking(s)
                .map(i -> i.shade().medium())
                .orElse(s.technique().medium()));
    }

    /** Whether some of the pictures that a pen goes over are drawn where they will be seen, when all is cut. */
    private static boolean isDrawn(Op op, Shop shop) {
        return op.is(WorkKind.COLOUR_IN)
                && shop.build().works().stream()
                        .filter(w -> w.kind().is(WorkKind.DRAW))
                        .anyMatch(
                                w -> op.parts().stream().anyMatch(p -> p.owner().equals(w.owner())));
    }

    private static boolean listed(Op a, Op b, Shop shop) {
        return shop.listed(a.surface()) < shop.listed(b.surface());
    }

    private static boolean image(Op op, Shop shop) {
        return op.is(WorkKind.COLOUR_IN)
                || worksBeforeCut(op)
                        && shop.build()
                                .spec()
                                .find(on(op).owner(), Element.class)
                                .isPresent();
    }

    private static boolean background(Op op, Shop shop) {
        return worksBeforeCut(op) && !image(op, shop);
    }

    private interface Test {
        boolean before(Op a, Op b, Shop shop);
    }
}
