package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Trouble;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Liner;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A sheet inside: the face less the margin at the fold and the reveal on the other three sides. */
@AutoService(Engineer.class)
public final class LinerEngineer implements Engineer<Liner> {
    @Override
    public Class<Liner> engineers() {
        return Liner.class;
    }

    @Override
    public void engineer(Liner liner, Site site) {
        site.ground(Id.INSIDE, new Source(liner.id(), "")).ifPresent(face -> lay(liner, face, site));
    }

    private void lay(Liner liner, Ground face, Site site) {
        boolean left = face.fold() == Ground.Edge.LEFT;
        Length r = liner.reveal();
        Length both = r.times(2);
        Length once = r.plus(liner.foldMargin());
        Length w = face.width().minus(left ? once : both);
        Length h = face.height().minus(left ? both : once);
        Source reveal = new Source(liner.id(), "reveal");
        if (!w.isPositive() || !h.isPositive()) {
            site.trouble(new Trouble(Trouble.Sort.NOTHING_LEFT, reveal, "", Length.min(w, h), Length.ZERO));
        }
        Stuff stuff = new Stuff(site);
        Cardstock card = stuff.card(liner.card(), new Source(liner.id(), "card"));
        PartId id = new PartId(liner.id(), "");
        site.part(Part.of(id, "Liner", card, Form.rectangle(w, h), Outline.sheet(w, h))
                .at(Placement.at(left ? liner.foldMargin() : r, r)));
        site.lay(SlabId.of(id), face.slab(), stuff.fixing(liner.fixing(), new Source(liner.id(), "fixing")));
        site.derive(new Derivation(
                liner.id(),
                "Liner",
                Amount.of(w, h),
                left
                        ? "{0}; across less {1} and {2}, up less 2 × {2}"
                        : "{0}; across less 2 × {2}, up less {1} and {2}",
                List.of(
                        new Derivation.Term(
                                1, "leaf", Amount.of(face.width(), face.height()), new Source(Id.BASE, "*")),
                        new Derivation.Term(
                                1, "fold margin", Amount.of(liner.foldMargin()), new Source(liner.id(), "foldMargin")),
                        new Derivation.Term(1, "reveal", Amount.of(r), reveal))));
    }
}
