package dev.schachtel.core.engineering;

import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Remedy;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.FloatingLayer;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;

/**
 * The sizes of a floating layer, why they are so, and what they may be.
 *
 * @param tab how wide each tab is
 * @param free from the fold to the first tabs
 * @param inner from the fold to the inner supports
 * @param wall how long each support is between its tabs: the root of height and distance from the fold, squared
 * @param edge how far the page reaches from the fold
 */
record FloatingLayerSizes(FloatingLayer layer, Length tab, Length free, Length inner, Length wall, Length edge) {
    /** Between a page's edge at the fold and the first tab: our own estimate. */
    private static final Length FOLD_FREE = Length.ofMillimetres(1);

    static FloatingLayerSizes of(FloatingLayer layer, BuildDraft draft, Valley valley) {
        Length tab = Length.min(layer.tab(), room(layer));
        Length free = FOLD_FREE.plus(gusset(draft, valley));
        Length inner = tab.plus(free);
        Length wall = Mm.length(Math.hypot(Mm.of(layer.high()), Mm.of(inner)));
        return new FloatingLayerSizes(layer, tab, free, inner, wall, valley.edge());
    }

    /** From the fold, in the middle of a gusset, to where the page begins. */
    private static Length gusset(BuildDraft draft, Valley valley) {
        return draft.slabs().stream()
                .filter(s -> s.id().equals(valley.page().slab()))
                .map(Slab::bounds)
                .map(b -> valley.upright() ? b.left() - valley.fold() : valley.fold() - b.top())
                .map(off -> Mm.length(Math.max(0, off)))
                .findFirst()
                .orElse(Length.ZERO);
    }

    /** Two tabs beside each other on each page and under each half. */
    private static Length room(FloatingLayer layer) {
        return layer.deep().half();
    }

    /** Of the layer, from the fold, when shut. */
    Length crease() {
        return inner.plus(wall);
    }

    Length end() {
        return crease().plus(layer.deep());
    }

    /** Hidden when shut, and its tabs beside each other. */
    void limits(BuildDraft draft) {
        Source deep = new Source(layer.id(), "deep");
        Length room = edge.minus(Tabbed.HIDDEN);
        if (end().isAbove(room)) {
            draft.fault(Fault.mend(RuleId.POP_UP_HIDDEN, deep, end(), room)
                    .remedy(by(draft, deep, room.minus(end())))
                    .remedy(by(draft, new Source(layer.id(), "high"), room.minus(end()))));
        }
        Source tabs = new Source(layer.id(), "tab");
        if (layer.tab().isAbove(room(layer))) {
            draft.fault(Fault.mend(RuleId.TAB_ROOM, tabs, layer.tab(), room(layer))
                    .remedy(by(draft, tabs, room(layer).minus(layer.tab()))));
        }
    }

    private static Optional<Remedy> by(BuildDraft draft, Source input, Length more) {
        return draft.lever(input).flatMap(l -> l.by(more));
    }

    void derive(BuildDraft draft) {
        Ledger ledger = new Ledger(draft, layer.id());
        ledger.formula(
                "Layer, opened flat",
                Amount.of(layer.deep().times(2), layer.wide()),
                "2 × {0} by {1}",
                ledger.term("half", layer.deep(), "deep"),
                ledger.term("wide", layer.wide(), "wide"));
        ledger.formula(
                "Support, between its tabs",
                Amount.of(wall),
                "√({0}² + {1}²)",
                ledger.term("over the pages", layer.high(), "high"),
                ledger.term("from the fold", inner, "tab"));
        ledger.sum(
                "Inner supports, from the fold",
                inner,
                ledger.term("tab", tab, "tab"),
                ledger.term("free at the fold", free, "tab"));
        ledger.sum(
                "Outer supports, from the inner ones",
                layer.deep().minus(tab),
                ledger.term("half", layer.deep(), "deep"),
                ledger.term(-1, "tab", tab, ledger.source("tab")));
        ledger.sum(
                "Shut, it reaches from the fold",
                end(),
                ledger.term("from the fold", inner, "tab"),
                ledger.term("support", wall, "high"),
                ledger.term("half", layer.deep(), "deep"));
        ledger.formula(
                "Pulls taut at",
                Amount.degrees(180),
                "{0} is longer than {1}: the pages lie flat before it pulls",
                ledger.term("support", wall, "high"),
                ledger.term("from the fold", inner, "tab"));
    }
}
