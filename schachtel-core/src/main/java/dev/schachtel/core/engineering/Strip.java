package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

/**
 * A strip in a fold, creased along that: tab, two panels, tab, its creases all mountains seen from outside. Shut, both panels lie on each other beyond the feet, so
 * that foot on the page + first panel = foot on the leaf + second panel.
 */
final class Strip {
    /** A panel that leans by more than three degrees looks crooked: their tangent, our own estimate. */
    private static final double LEAN = 0.052;

    /** Nearer to the fold a tab would stop it: our own estimate. */
    private static final Length FOLD_FREE = Length.ofMillimetres(1);

    private final Sizes sizes;
    private final Inputs inputs;
    private final Look look;
    private final Valley valley;
    private final BuildDraft draft;
    private final Tabbed sheet;
    private final SlabId front;
    private final SlabId top;
    private final Length from;
    private final Length to;

    /**
     * Measured across the fold.
     *
     * @param page from the fold to where it stands on the page
     * @param leaf from the fold to where it is glued to the leaf
     * @param front of the panel that stands on the page
     * @param wide along the fold
     * @param off its middle from that of the fold
     */
    record Sizes(Length page, Length leaf, Length front, Length tab, Length wide, Length off) {
        /** Of the panel that goes on to the leaf. */
        Length top() {
            return far().minus(leaf);
        }

        /** From the fold to the crease between both, when shut. */
        Length far() {
            return page.plus(front);
        }

        Length whole() {
            return tab.times(2).plus(front).plus(top());
        }
    }

    /** Which inputs give these. */
    record Inputs(String page, String leaf, String front) {}

    /**
     * How it is called.
     *
     * @param frontFace of the first panel, which looks to whoever looks in
     */
    record Look(String name, Id owner, Id frontFace, Id topFace, MaterialId card) {}

    Strip(BuildDraft draft, Valley valley, Look look, Sizes sizes, Inputs inputs) {
        this.sizes = sizes;
        this.inputs = inputs;
        this.look = look;
        this.valley = valley;
        this.draft = draft;
        Cardstock card = new Materials(draft).card(look.card, new Source(look.owner, "card"));
        this.sheet = Tabbed.of(draft, valley, look.owner, card);
        this.front = sheet.named("front");
        this.top = sheet.named("top");
        this.from = valley.along().half().plus(sizes.off).minus(sizes.wide.half());
        this.to = from.plus(sizes.wide);
    }

    void lay() {
        cut();
        Length far = sizes.far();
        Outline tab = lies(sizes.page.minus(sizes.tab), sizes.page);
        Outline upper = lies(sizes.leaf.minus(sizes.tab), sizes.leaf);
        String called = Tabbed.called(look.owner, look.name);
        sheet.slab(sheet.tab(), called + " tab", tab);
        sheet.slab(sheet.upperTab(), called + " upper tab", upper);
        sheet.slab(front, called + " front", lies(sizes.page, far));
        sheet.slab(top, called + " top", lies(sizes.leaf, far));
        stick(tab.overlaps(upper));
        stand();
        limits();
        sheet.looksToFront(look.topFace, top, lies(sizes.leaf, far));
        sheet.looksAway(look.frontFace, front, lies(sizes.page, far));
    }

    private Outline lies(Length near, Length end) {
        return valley.sheet(from, to, near, end);
    }

    private void cut() {
        Length t = sizes.tab;
        Length length = sizes.whole();
        CreasedSheet strip = new CreasedSheet(valley, from, to, sizes.page.minus(t), length);
        draft.folded(strip.part(sheet.part(), Tabbed.called(look.owner, look.name), sheet.card()));
        for (Length crease : List.of(t, t.plus(sizes.front), length.minus(t))) {
            draft.fold(strip.crease(sheet.part(), crease, Fold.Crease.MOUNTAIN));
        }
    }

    /** Between the tabs both panels lie on each other when the card is shut. */
    private void stick(boolean tabsMeet) {
        Material glue = sheet.glue(WorkKind.SET_TAB);
        draft.joint(new Joint(top, front, Joint.Hold.MEETS, sheet.card(), Length.ZERO));
        if (tabsMeet) {
            draft.joint(new Joint(sheet.upperTab(), sheet.tab(), Joint.Hold.MEETS, sheet.card(), Length.ZERO));
        }
        draft.workings().popUps().tab(sheet.upperTab());
        sheet.closes(top);
        sheet.liesOver(front, valley.page().slab(), glue.thickness());
        draft.workings().fit(square());
    }

    /** The card closes on the second tab, which suits itself; what is off at the mark or the creases makes the front lean. */
    private Fit square() {
        Length most = Mm.length(Mm.of(sizes.front) * LEAN);
        return Fit.of(
                        Fit.Sort.STANDS_SQUARE,
                        sheet.part(),
                        Fit.Gauge.within(
                                Length.ZERO,
                                most.negated(),
                                most,
                                Share.of(1, new Off.Scored(sheet.part(), 2)),
                                Share.of(-1, new Off.Scored(sheet.part(), 1)),
                                Share.of(-1, new Off.Marked(look.owner, 0))))
                .easedBy(new Source(look.owner, inputs.front()));
    }

    private void stand() {
        PopUps all = draft.workings().popUps();
        int upright = all.panel(panel(front, sizes.page));
        int over = all.panel(panel(top, sizes.leaf));
        String name = look.owner.value();
        all.hinge(Hinge.following(name, valley.page().panel(), upright, valley.line(from, to, sizes.page), -1));
        all.hinge(Hinge.following(name, upright, over, valley.line(from, to, sizes.far()), 1));
        all.hinge(Hinge.following(name, over, valley.leaf().panel(), valley.line(from, to, sizes.leaf), 1));
    }

    private Panel panel(SlabId slab, Length near) {
        return new Panel(look.owner.words(), slab, lies(near, sizes.far()));
    }

    /** In the corner between the page and the first panel. */
    Valley foot() {
        PopUps all = draft.workings().popUps();
        Valley.Side page = new Valley.Side(
                valley.page().slab(),
                valley.page().panel(),
                valley.page().deep().minus(sizes.page));
        return valley.beside(
                page, new Valley.Side(front, all.number(front), sizes.front), sizes.page, from, sizes.wide);
    }

    /** In the corner between the second panel and the leaf. */
    Valley back() {
        PopUps all = draft.workings().popUps();
        Valley.Side leaf = new Valley.Side(
                valley.leaf().slab(),
                valley.leaf().panel(),
                valley.leaf().deep().minus(sizes.leaf));
        return valley.beside(new Valley.Side(top, all.number(top), sizes.top()), leaf, sizes.leaf, from, sizes.wide);
    }

    private void limits() {
        if (!exceeds(inputs.page, sizes.page, valley.page().deep())
                && !exceeds(inputs.leaf, sizes.leaf, valley.leaf().deep())) {
            hidden();
        }
        Source tab = source("tab");
        Length free = Length.min(sizes.page, sizes.leaf).minus(FOLD_FREE);
        if (sizes.tab.isAbove(free)) {
            draft.fault(Fault.mend(RuleId.TAB_ROOM, tab, sizes.tab, free).remedy(by(tab, free.minus(sizes.tab))));
        }
        sheet.keepsOnFold(sizes.wide, sizes.off);
    }

    /** Its foot stands on the panel, and so does what is glued. */
    private boolean exceeds(String input, Length asked, Length there) {
        boolean too = asked.isAbove(there);
        if (too) {
            Source source = source(input);
            draft.fault(Fault.mend(RuleId.POP_UP_GROUND, source, asked, there).remedy(by(source, there.minus(asked))));
        }
        return too;
    }

    private void hidden() {
        Length room = valley.edge().minus(Tabbed.HIDDEN);
        if (sizes.far().isAbove(room)) {
            Length less = room.minus(sizes.far());
            draft.fault(Fault.mend(RuleId.POP_UP_HIDDEN, source(inputs.front), sizes.far(), room)
                    .remedy(by(source(inputs.front), less))
                    .remedy(by(source(inputs.page), less)));
        }
    }

    private Source source(String input) {
        return new Source(look.owner, input);
    }

    private Optional<Remedy> by(Source input, Length more) {
        return draft.lever(input).flatMap(l -> l.by(more));
    }
}
