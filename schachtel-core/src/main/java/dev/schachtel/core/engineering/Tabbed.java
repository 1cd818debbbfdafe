package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.TurnedOver;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/**
 * A sheet in a fold, with a tab on each page.
 *
 * @param tab on the page that lies
 * @param upperTab on the leaf that opens
 */
record Tabbed(BuildDraft draft, Valley valley, Cardstock card, PartId part, SlabId tab, SlabId upperTab) {
    /** What lies nearer to the edge of the shut card can be seen there: our own estimate. */
    static final Length HIDDEN = Length.ofMillimetres(3);

    static Tabbed of(BuildDraft draft, Valley valley, Id owner, Cardstock card) {
        PartId part = new PartId(owner, "");
        return new Tabbed(draft, valley, card, part, SlabId.of(part), SlabId.of(new PartId(owner, "upper-tab")));
    }

    /** What a maker calls it: by the name given to it, else by its kind and number. */
    static String called(Id id, String kind) {
        boolean own = !id.value().startsWith(kind.toLowerCase(Locale.ROOT).replace(' ', '-'));
        String words = id.words();
        return own
                ? words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1)
                : kind + words.substring(kind.length());
    }

    SlabId named(String which) {
        return SlabId.of(new PartId(part.owner(), which));
    }

    void slab(SlabId id, String name, Outline lies) {
        draft.slab(new Slab(id, part, name, card.thickness(), List.of(lies)));
    }

    /** A panel that looks to the front while the card is shut: what lies on it names this face. */
    void looksToFront(Id name, SlabId slab, Outline lies) {
        Outline.Size size = new Outline.Size(lies.bounds().wide(), lies.bounds().high());
        draft.ground(
                name,
                Ground.of(part, slab, corner(lies), size, Ground.Edge.NONE).shaped(lies));
    }

    /** One that looks away from the front, turned over along the fold to be looked at. */
    void looksAway(Id name, SlabId slab, Outline lies) {
        Point middle = lies.bounds().centre();
        TurnedOver over =
                valley.upright() ? TurnedOver.aside(Mm.length(middle.x())) : TurnedOver.upwards(Mm.length(middle.y()));
        draft.faces().add(name, new Reverse(part, slab, over.back(lies), over));
        draft.workings().popUps().faceDown(slab);
    }

    /** Where the corner of a sheet lies on the shut card. */
    static Placement corner(Outline lies) {
        return Placement.at(
                Mm.length(lies.bounds().left()), Mm.length(lies.bounds().bottom()));
    }

    /** When all lies, a panel lies on this slab, on what rests on that under it, and on what is stuck between. */
    void liesOver(SlabId panel, SlabId under, Length least) {
        draft.afterwards(() -> {
            PopUps all = draft.workings().popUps();
            Length between = Length.max(least, all.between(draft.joints(), draft));
            for (SlabId lower : Resting.on(draft, under)) {
                if (lower.equals(under) || Resting.overlap(draft, panel, lower)) {
                    draft.joint(new Joint(panel, lower, Joint.Hold.MEETS, card, between));
                }
            }
        });
    }

    /**
     * Glued to the page, and then to the leaf by closing the card on it.
     *
     * @param set how it is set on the page
     */
    Material glue(WorkKind set) {
        Material glue = new Materials(draft).glue(new Source(part.owner(), "tab"));
        SlabId leaf = valley.leaf().slab();
        draft.lay(tab, valley.page().slab(), glue);
        draft.joint(new Joint(leaf, upperTab, Joint.Hold.HANGS, glue, glue.thickness()));
        draft.work(Work.laying(
                set,
                part.owner(),
                new Work.Laying(List.of(part), glue, false, true),
                valley.page().slab()));
        draft.work(closing(part.owner()));
        return glue;
    }

    /** What closes on the last tab: the card, or the panel that takes its place. */
    Work closing(Id owner) {
        SlabId leaf = valley.leaf().slab();
        return Work.of(isOfBase(leaf) ? WorkKind.CLOSE_ON_TAB : WorkKind.FOLD_ON_TAB, owner, tab, leaf);
    }

    /** So wide, and so far off the middle, it is no longer than the fold on either side. */
    void keepsOnFold(Length wide, Length off) {
        Length over = off.abs().plus(wide.half()).minus(valley.along().half());
        if (over.isPositive()) {
            Source at = new Source(part.owner(), "off");
            Length back = off.isNegative() ? over : over.negated();
            Optional<Lever> along = wide.isAbove(valley.along()) ? Optional.empty() : draft.lever(at);
            Optional<Lever> less = draft.lever(new Source(part.owner(), "wide"));
            draft.fault(Fault.mend(RuleId.POP_UP_ALONG, at, over, Length.ZERO)
                    .remedy(along.flatMap(l -> l.by(back)))
                    .remedy(less.flatMap(l -> l.by(over.times(-2)))));
        }
    }

    /** What lies highest of it when all is shut: the leaf, or the panel that is one, lies over that. */
    void closes(SlabId highest) {
        SlabId leaf = valley.leaf().slab();
        if (isOfBase(leaf)) {
            draft.workings().popUps().between(highest);
        } else {
            liesOver(leaf, highest, Length.ZERO);
        }
    }

    private boolean isOfBase(SlabId slab) {
        return draft.workings()
                .popUps()
                .fold(Id.BASE)
                .filter(v -> v.leaf().slab().equals(slab))
                .isPresent();
    }
}
