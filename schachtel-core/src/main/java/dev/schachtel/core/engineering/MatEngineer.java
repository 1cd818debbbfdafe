package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Mat;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A mat is what it lies on less twice the reveal, both ways. Held by foam, it stands on strips round its edge. */
@AutoService(Engineer.class)
public final class MatEngineer implements Engineer<Mat> {
    @Override
    public Class<Mat> engineers() {
        return Mat.class;
    }

    @Override
    public void engineer(Mat mat, BuildDraft draft) {
        draft.ground(mat.on(), new Source(mat.id(), "on")).ifPresent(ground -> lay(mat, ground, draft));
    }

    private void lay(Mat mat, Ground ground, BuildDraft draft) {
        Length w = ground.width().minus(mat.reveal().times(2));
        Length h = ground.height().minus(mat.reveal().times(2));
        Source reveal = new Source(mat.id(), "reveal");
        if (!w.isPositive() || !h.isPositive()) {
            draft.fault(Fault.mend(RuleId.NOTHING_LEFT, reveal, Length.min(w, h), Length.ZERO));
        }
        Cardstock card = new Materials(draft).card(mat.card(), new Source(mat.id(), "card"));
        PartId id = new PartId(mat.id(), "");
        SlabId slab = SlabId.of(id);
        Placement at = ground.at().moved(mat.reveal(), mat.reveal());
        boolean outer = ground.owner().equals(Id.BASE) && !mat.on().equals(Id.INSIDE);
        boolean shaped = ground.shape().isPresent();
        Placement back = Placement.at(at.across().negated(), at.up().negated());
        Outline onFace = shaped
                ? ground.outline().grown(mat.reveal().negated())
                : Outline.sheet(w, h).placed(at);
        String name = outer && mat.on().equals(Id.FRONT) ? "Front panel" : name(mat.id());
        Form form = shaped ? Form.of(Form.Sort.SHAPE, w, h) : Form.rectangle(w, h);
        draft.part(Part.of(id, name, card, form, shaped ? onFace.placed(back) : Outline.sheet(w, h))
                .at(at)
                .stacked(mat.sheets())
                .cutBy(shaped ? CutMethod.ELECTRONIC : CutMethod.TRIMMER)
                .grain(grain(ground)));
        Ground plain =
                Ground.of(id, slab, at, new Outline.Size(w, h), ground.fold()).on(ground.slab());
        Ground own = shaped ? plain.shaped(onFace) : plain;
        draft.ground(mat.id(), own);
        hold(mat, own, draft);
        derive(mat, ground, draft, name, new Outline.Size(w, h));
    }

    /** Several mats are told apart by what the maker calls them. */
    private static String name(Id id) {
        String words = id.words();
        return words.matches("mat( \\d+)?") ? "Mat" + words.substring(3) : "Mat “" + words + "”";
    }

    /** On what it lies on, by its fixing; foam is laid once everything else has its place. */
    private static void hold(Mat mat, Ground own, BuildDraft draft) {
        Material fixing = new Materials(draft).fixing(mat.fixing(), new Source(mat.id(), "fixing"));
        Length apart = fixing.thickness().plus(Materials.GLUE.times(mat.sheets() - 1L));
        draft.joint(new Joint(own.slab(), own.under(), Joint.Hold.RESTS, fixing, apart));
        if (fixing instanceof Foam foam) {
            draft.afterwards(() -> FoamRim.lay(draft, own, foam));
        }
    }

    private static void derive(Mat mat, Ground ground, BuildDraft draft, String name, Outline.Size size) {
        Source reveal = new Source(mat.id(), "reveal");
        draft.derive(new Derivation(
                mat.id(),
                name,
                Amount.of(size.width(), size.height()),
                "",
                List.of(
                        new Derivation.Term(
                                1,
                                ground.owner().equals(Id.BASE)
                                        ? "base"
                                        : ground.owner().value(),
                                Amount.of(ground.width(), ground.height()),
                                new Source(ground.owner(), "*")),
                        new Derivation.Term(-2, "reveal", Amount.of(mat.reveal()), reveal))));
    }

    /** Along the fold, so that the panel bends with the card and not across it. */
    private static Grain grain(Ground ground) {
        return switch (ground.fold()) {
            case LEFT, RIGHT, SIDES -> Grain.UP;
            case TOP, LEVEL -> Grain.ACROSS;
            default -> Grain.NONE;
        };
    }
}
