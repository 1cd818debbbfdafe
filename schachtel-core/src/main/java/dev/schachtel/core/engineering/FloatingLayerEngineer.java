package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Fold;
import dev.schachtel.core.build.Hinge;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Panel;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.FloatingLayer;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.work.WorkKind;

/**
 * A roof over the fold, its feet e from that and its slopes s long, and a layer with its crease on the ridge. Each half of the layer keeps parallel to its page,
 * since its outer support is as long as the slope, and as far from it on both. At an opening p the ridge is r = e cos(p / 2) + sqrt(s^2 - (e sin(p / 2))^2) from
 * the fold, and each half r sin(p / 2) over its page: sqrt(s^2 - e^2) when both lie flat. Shut, all lies between the pages, up to e + s + l from the fold.
 */
@AutoService(Engineer.class)
public final class FloatingLayerEngineer implements Engineer<FloatingLayer> {
    /** A half that leans by more than three degrees looks crooked: their tangent, our own estimate. */
    private static final double LEAN = 0.052;

    @Override
    public Class<FloatingLayer> engineers() {
        return FloatingLayer.class;
    }

    @Override
    public void engineer(FloatingLayer layer, BuildDraft draft) {
        Cardstock card = new Materials(draft).card(layer.card(), new Source(layer.id(), "card"));
        draft.workings()
                .popUps()
                .fold(layer.in(), new Source(layer.id(), "in"), draft)
                .ifPresent(valley -> new Laid(layer, draft, valley, card).lay());
    }

    /** One of them in its fold. */
    private static final class Laid {
        private final FloatingLayer layer;
        private final BuildDraft draft;
        private final Valley valley;
        private final Tabbed sheet;
        private final FloatingLayerSizes sizes;
        private final Length from;
        private final Length to;
        /** Over the page that lies. */
        private final SlabId near;

        private final SlabId far;
        /** What lies between the pages so far, from below. */
        private final List<SlabId> solid = new ArrayList<>();

        Laid(FloatingLayer layer, BuildDraft draft, Valley valley, Cardstock card) {
            this.layer = layer;
            this.draft = draft;
            this.valley = valley;
            this.sheet = Tabbed.of(draft, valley, layer.id(), card);
            this.sizes = FloatingLayerSizes.of(layer, draft, valley);
            this.from =
                    valley.along().half().plus(layer.off()).minus(layer.wide().half());
            this.to = from.plus(layer.wide());
            this.near = sheet.tab();
            this.far = sheet.named("far");
        }

        void lay() {
            Outline lies = valley.sheet(from, to, sizes.crease(), sizes.end());
            String called = Tabbed.called(layer.id(), "Floating layer");
            cut(called);
            sheet.slab(near, called + " near half", lies);
            sheet.slab(far, called + " far half", lies);
            draft.joint(new Joint(far, near, Joint.Hold.MEETS, sheet.card(), Length.ZERO));
            sheet.liesOver(far, near, Length.ZERO);
            supports();
            sheet.looksToFront(layer.near(), near, lies);
            sheet.looksAway(layer.far(), far, lies);
            sizes.limits(draft);
            sheet.keepsOnFold(layer.wide(), layer.off());
            sizes.derive(draft);
        }

        private void cut(String called) {
            Length near = sizes.crease().minus(layer.deep());
            CreasedSheet strip =
                    new CreasedSheet(valley, from, to, near, layer.deep().times(2));
            draft.folded(strip.part(sheet.part(), called, sheet.card()));
            draft.fold(strip.crease(sheet.part(), layer.deep(), Fold.Crease.VALLEY));
        }

        private void supports() {
            PopUps all = draft.workings().popUps();
            Material glue = new Materials(draft).glue(new Source(layer.id(), "tab"));
            Length outer = sizes.inner().plus(layer.deep()).minus(sizes.tab());
            Support low = support("outer-support", outer, true);
            Support upper = support("inner-support", sizes.inner(), true);
            Support first = support("inner-far-support", sizes.inner(), false);
            Support last = support("outer-far-support", outer, false);
            int nearHalf =
                    all.panel(new Panel(layer.id().words(), near, valley.sheet(from, to, sizes.crease(), sizes.end())));
            int farHalf =
                    all.panel(new Panel(layer.id().words(), far, valley.sheet(from, to, sizes.crease(), sizes.end())));
            for (Support s : List.of(low, upper)) {
                int number = all.panel(s.panel());
                all.hinge(s.hinge(valley.page().panel(), number, s.at(), -1));
                all.hinge(s.hinge(number, nearHalf, s.at().plus(sizes.wall()), 1));
                onPage(s, glue);
            }
            onSupports(List.of(low, upper), glue);
            all.hinge(
                    Hinge.following(layer.id().value(), nearHalf, farHalf, valley.line(from, to, sizes.crease()), -1));
            for (Support s : List.of(first, last)) {
                int number = all.panel(s.panel());
                all.hinge(s.hinge(farHalf, number, s.at().plus(sizes.wall()), 1));
                all.hinge(s.hinge(number, valley.leaf().panel(), s.at(), -1));
                underLeaf(s, glue);
            }
            closed(List.of(first, last), glue);
            works(glue, List.of(low, upper), List.of(first, last));
            level(upper.part(), low.part());
            level(first.part(), last.part());
        }

        /** A half leans as its supports differ. */
        private void level(PartId one, PartId other) {
            Length most = Mm.length(Mm.of(layer.deep().minus(sizes.tab())) * LEAN);
            Share[] off = {
                Share.of(1, new Off.Scored(one, 1)),
                Share.of(-1, new Off.Scored(one, 0)),
                Share.of(-1, new Off.Scored(other, 1)),
                Share.of(1, new Off.Scored(other, 0))
            };
            draft.workings()
                    .fit(Fit.of(
                            Fit.Sort.STANDS_SQUARE,
                            one,
                            List.of(new Fit.Gauge(Length.ZERO, most.negated(), most, List.of(off)))));
        }

        /** A strip: tab on the page towards the fold, wall, tab under the layer away from it; straight when all is shut. */
        private record Support(Laid of, PartId part, Length at) {
            SlabId foot() {
                return SlabId.of(part);
            }

            SlabId wall() {
                return of.sheet.named(part.which() + "-wall");
            }

            SlabId head() {
                return of.sheet.named(part.which() + "-head");
            }

            private Outline lies(Length near, Length far) {
                return of.valley.sheet(of.from, of.to, near, far);
            }

            Panel panel() {
                return new Panel("support", wall(), lies(at, at.plus(of.sizes.wall())));
            }

            Hinge hinge(int on, int turns, Length out, double towards) {
                return Hinge.following(of.layer.id().value(), on, turns, of.valley.line(of.from, of.to, out), towards);
            }
        }

        private Support support(String which, Length at, boolean onPage) {
            PartId part = new PartId(layer.id(), which);
            Support s = new Support(this, part, at);
            String name = Tabbed.called(layer.id(), "Floating layer") + " "
                    + (which.startsWith("inner") ? "inner" : "outer") + (onPage ? " near" : " far") + " support";
            CreasedSheet strip = new CreasedSheet(
                    valley,
                    from,
                    to,
                    at.minus(sizes.tab()),
                    sizes.tab().times(2).plus(sizes.wall()));
            draft.folded(strip.part(part, name, sheet.card()));
            draft.fold(strip.crease(part, sizes.tab(), onPage ? Fold.Crease.VALLEY : Fold.Crease.MOUNTAIN));
            draft.fold(strip.crease(
                    part, sizes.tab().plus(sizes.wall()), onPage ? Fold.Crease.MOUNTAIN : Fold.Crease.VALLEY));
            slab(s.foot(), part, name + " foot", s.lies(at.minus(sizes.tab()), at));
            slab(s.wall(), part, name, s.lies(at, at.plus(sizes.wall())));
            slab(
                    s.head(),
                    part,
                    name + " head",
                    s.lies(at.plus(sizes.wall()), at.plus(sizes.wall()).plus(sizes.tab())));
            return s;
        }

        private void slab(SlabId id, PartId part, String name, Outline lies) {
            draft.slab(new Slab(id, part, name, sheet.card().thickness(), List.of(lies)));
        }

        private void onPage(Support s, Material glue) {
            draft.lay(s.foot(), valley.page().slab(), glue);
            solid.add(s.foot());
            sheet.liesOver(s.wall(), valley.page().slab(), glue.thickness());
            settle(s.wall());
        }

        /** The half over the page; supports are glued under it. */
        private void onSupports(List<Support> supports, Material glue) {
            List<SlabId> under = new ArrayList<>(solid);
            under.add(valley.page().slab());
            settle(near);
            for (Support s : supports) {
                draft.joint(new Joint(near, s.head(), Joint.Hold.HANGS, glue, glue.thickness()));
                over(near, s.head(), under, glue);
            }
            solid.add(far);
        }

        private void underLeaf(Support s, Material glue) {
            draft.lay(s.head(), far, glue);
            solid.add(s.head());
            settle(s.wall());
            sheet.closes(s.wall());
        }

        private void closed(List<Support> supports, Material glue) {
            SlabId leaf = valley.leaf().slab();
            for (Support s : supports) {
                draft.joint(new Joint(leaf, s.foot(), Joint.Hold.HANGS, glue, glue.thickness()));
                draft.workings().popUps().tab(s.foot());
                over(leaf, s.foot(), solid, glue);
            }
        }

        /** It lies over whatever is under it so far. */
        private void settle(SlabId slab) {
            for (SlabId lower : solid) {
                if (Resting.overlap(draft, slab, lower)) {
                    draft.joint(new Joint(slab, lower, Joint.Hold.MEETS, sheet.card(), Length.ZERO));
                }
            }
            solid.add(slab);
        }

        /** Between what a tab hangs from and what is under that tab there is room for it. */
        private void over(SlabId upper, SlabId tabbed, List<SlabId> under, Material glue) {
            for (SlabId lower : under) {
                if (Resting.overlap(draft, tabbed, lower)) {
                    draft.joint(new Joint(upper, lower, Joint.Hold.MEETS, sheet.card(), tabbed(glue)));
                }
            }
        }

        private Length tabbed(Material glue) {
            return sheet.card().thickness().plus(glue.thickness());
        }

        private void works(Material glue, List<Support> page, List<Support> leaf) {
            page.forEach(s -> draft.work(Work.laying(
                    WorkKind.GLUE_SUPPORT, layer.id(), new Work.Laying(List.of(s.part()), glue, false, true), near)));
            leaf.forEach(s -> draft.work(Work.laying(
                    WorkKind.GLUE_SUPPORT, layer.id(), new Work.Laying(List.of(s.part()), glue, false, true), far)));
            draft.work(Work.laying(
                    WorkKind.SET_LAYER,
                    layer.id(),
                    new Work.Laying(List.of(sheet.part()), glue, false, true),
                    valley.page().slab()));
            draft.work(sheet.closing(layer.id()));
        }
    }
}
