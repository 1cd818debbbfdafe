package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.build.Fit.Share;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Off;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Band;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** Once round the closed card: 2 x (width + thickness) + ease + what is glued over. */
@AutoService(Engineer.class)
public final class BandEngineer implements Engineer<Band> {
    /** With less ease it bends the card, with more it slips off: our own estimates. */
    private static final Length TIGHT = Length.ZERO;

    private static final Length SLIPS = Length.ofMillimetres(6);

    @Override
    public Class<Band> engineers() {
        return Band.class;
    }

    @Override
    public void engineer(Band band, BuildDraft draft) {
        draft.afterwards(() -> draft.afterwards(() -> lay(band, draft)));
    }

    private static void lay(Band band, BuildDraft draft) {
        Length thick = draft.levels().stream().map(Level::top).reduce(Length.ZERO, Length::max);
        Length w = draft.spec().base().width();
        Length length = w.plus(thick).times(2).plus(band.ease()).plus(band.overlap());
        Cardstock card = new Materials(draft).card(band.card(), new Source(band.id(), "card"));
        PartId id = new PartId(band.id(), "");
        Placement front =
                Placement.at(Length.ZERO, band.up().minus(band.height().half()));
        draft.part(
                Part.of(
                                id,
                                "Belly band",
                                card,
                                Form.rectangle(length, band.height()),
                                Outline.sheet(length, band.height()))
                        .at(front),
                List.of(Outline.sheet(w, band.height()).placed(front)));
        Outline covers = Outline.sheet(w, band.height()).placed(front);
        draft.levels().stream()
                .filter(l -> !l.slab().part().equals(id))
                .filter(l -> l.slab().footprints().stream().anyMatch(covers::overlaps))
                .forEach(
                        l -> draft.joint(new Joint(SlabId.of(id), l.slab().id(), Joint.Hold.MEETS, card, Length.ZERO)));
        draft.workings().fit(holds(band, id));
        Ledger ledger = new Ledger(draft, band.id());
        ledger.formula(
                "Band, long",
                Amount.of(length),
                "2 × ({0} + {1}) + {2} + {3}",
                ledger.term(1, "card", w, new Source(Id.BASE, "width")),
                new Derivation.Term(1, "thickness", new Amount.Thick(thick), new Source(Id.BASE, "*")),
                ledger.term("ease", band.ease(), "ease"),
                ledger.term("glued over", band.overlap(), "overlap"));
    }

    private static Fit holds(Band band, PartId id) {
        Fit.Gauge ease = Fit.Gauge.within(
                band.ease(),
                TIGHT,
                SLIPS,
                Share.of(1, new Off.Size(id, Off.Axis.ACROSS)),
                Share.of(1, new Off.Marked(band.id(), 0)));
        return Fit.of(Fit.Sort.BAND_HOLDS, id, ease).easedBy(new Source(band.id(), "ease"));
    }
}
