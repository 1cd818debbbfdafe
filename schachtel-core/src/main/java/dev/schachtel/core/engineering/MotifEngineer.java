package dev.schachtel.core.engineering;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.card.Opening;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Picture;
import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.WorkKind;

/** A cut-out laid on, turned about its middle; trimmed, it ends at the edge of its ground, and a hair before a crease. */
@AutoService(Engineer.class)
public final class MotifEngineer implements Engineer<Motif> {
    /** So far from a crease ends what is trimmed there, so that the card can be folded: half of 0.4 mm. */
    private static final Length HAIR = Length.ofMicrometres(200);

    @Override
    public Class<Motif> engineers() {
        return Motif.class;
    }

    @Override
    public void engineer(Motif motif, BuildDraft draft) {
        Optional<Reverse> side = draft.reverse(motif.on());
        if (side.isPresent()) {
            behind(motif, side.get(), draft);
        } else {
            draft.ground(motif.on(), new Source(motif.id(), "on")).ifPresent(ground -> lay(motif, ground, draft));
        }
    }

    /** That of its picture, or a cut-out. */
    private static String name(Motif motif, BuildDraft draft) {
        return motif.shape() instanceof Opening.Pictured p
                ? draft.workshop().picture(p.picture()).map(Picture::name).orElse("Picture")
                : "Cut-out";
    }

    private static void lay(Motif motif, Ground ground, BuildDraft draft) {
        Cut cut = cut(motif, ground.outline(), draft);
        PartId id = cut.part.id();
        draft.part(cut.part, List.of(cut.kept));
        trim(motif, cut, ground.slab(), draft);
        Material fixing = new Materials(draft).fixing(motif.fixing(), new Source(motif.id(), "fixing"));
        Raised.lay(draft, id, ground, fixing);
    }

    /** Flat on a side that looks away from the front: what is seen of it lies left for right there. */
    private static void behind(Motif motif, Reverse side, BuildDraft draft) {
        Cut cut = cut(motif, side.outline(), draft);
        SlabId slab = SlabId.of(cut.part.id());
        draft.part(cut.part, List.of(side.over().back(cut.kept)));
        trim(motif, cut, side.slab(), draft);
        Source source = new Source(motif.id(), "fixing");
        Material asked = new Materials(draft).fixing(motif.fixing(), source);
        Material glue = asked instanceof Adhesive ? asked : new Materials(draft).glue(source);
        if (asked != glue) {
            draft.fault(Fault.mend(RuleId.FOAM_BEHIND, source, asked.name())
                    .remedy(draft.lever(source).map(l -> l.to(glue))));
        }
        draft.joint(new Joint(side.slab(), slab, Joint.Hold.HANGS, glue, glue.thickness()));
    }

    private static void trim(Motif motif, Cut cut, SlabId ground, BuildDraft draft) {
        if (cut.wholeFirst) {
            draft.work(Work.of(WorkKind.TRIM_OVERHANG, motif.id(), ground, SlabId.of(cut.part.id())));
        }
    }

    /**
     * The piece by itself.
     *
     * @param kept what of it stays, where it lies as it is looked at
     * @param wholeFirst whether it is cut whole and trimmed when it lies
     */
    private record Cut(Part part, Outline kept, boolean wholeFirst) {}

    private static Cut cut(Motif motif, Outline face, BuildDraft draft) {
        if (motif.shape() instanceof Opening.Own own) {
            OwnOutline.judge(own.path(), new Source(motif.id(), "shape.path"), draft);
        }
        Shapes shape = Shapes.of(motif.shape(), draft.workshop());
        Cardstock card = new Materials(draft).card(motif.card(), new Source(motif.id(), "card"));
        PartId id = new PartId(motif.id(), "");
        Placement at = Placement.at(motif.across(), motif.up()).turned(Angle.ofDegrees(motif.turned()));
        Outline whole = motif.mirrored() ? shape.outline().mirrored(0) : shape.outline();
        Outline kept = motif.trimmed() ? trimmed(whole, motif, besideCreases(motif.on(), face, draft)) : whole;
        boolean square = shape.form().sort() == Form.Sort.RECTANGLE;
        CutMethod method = square ? CutMethod.TRIMMER : Shapes.method(motif.shape(), draft.workshop());
        boolean wholeFirst = method != CutMethod.ELECTRONIC && kept != whole;
        Form form = kept == whole || wholeFirst
                ? shape.form()
                : Form.of(Form.Sort.SHAPE, kept.bounds().wide(), kept.bounds().high());
        draft.arts().add(id, motif.shape(), motif.mirrored(), kept);
        Part part = Part.of(id, name(motif, draft), card, form, wholeFirst ? whole : kept)
                .at(at)
                .cutBy(method);
        return new Cut(part, kept.placed(at), wholeFirst);
    }

    /** A face without the hair at each of its creases. */
    private static Outline besideCreases(Id on, Outline face, BuildDraft draft) {
        List<Id> row = draft.spec().base().inRow();
        int at = row.indexOf(on);
        if (at < 0) {
            return face;
        }
        Length left = at > 0 ? HAIR : Length.ZERO;
        Length right = at < row.size() - 1 ? HAIR : Length.ZERO;
        Box box = face.bounds();
        return Outline.sheet(box.wide().minus(left).minus(right), box.high())
                .placed(Placement.at(Mm.length(box.left()).plus(left), Mm.length(box.bottom())));
    }

    /** What of an outline, in the piece's own coordinates, lies on its ground; all of it if that is nothing. */
    private static Outline trimmed(Outline whole, Motif motif, Outline face) {
        Point back = new Point(-Mm.of(motif.across()), -Mm.of(motif.up()));
        Outline own = face.moved(back).turned(Point.ORIGIN, Angle.ofDegrees(-motif.turned()));
        return own.covers(whole)
                ? whole
                : whole.common(own).stream()
                        .max(Comparator.comparing(Outline::area))
                        .orElse(whole);
    }
}
