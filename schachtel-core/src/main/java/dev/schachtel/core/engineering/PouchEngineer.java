package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Pouch;
import dev.schachtel.core.material.Filling;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;
import dev.schachtel.core.work.Caution;
import dev.schachtel.core.work.WorkKind;

/**
 * Wrapping film = panel + 2 x 19 each way, corners clipped at 45 degrees; taped on three sides, filled, taped on the
 * fourth. Only flat pieces: a pouch keeps nothing apart. Filling n = cover x panel over the area of a piece.
 */
@AutoService(Engineer.class)
public final class PouchEngineer implements Engineer<Pouch> {
    /** A pouch takes pieces up to this thickness: handbook chapter 2. */
    private static final Length FLATTEST = Length.ofMicrometres(500);

    @Override
    public Class<Pouch> engineers() {
        return Pouch.class;
    }

    @Override
    public void engineer(Pouch pouch, BuildDraft draft) {
        draft.ground(pouch.panel(), new Source(pouch.id(), "panel")).ifPresent(panel -> wrap(pouch, panel, draft));
    }

    private static void wrap(Pouch pouch, Ground panel, BuildDraft draft) {
        boolean wrapped = draft.parts().stream()
                .filter(p -> p.material() instanceof Film)
                .anyMatch(p -> draft.joints().stream()
                        .anyMatch(j ->
                                j.upper().equals(SlabId.of(p.id())) && j.lower().equals(panel.slab())));
        if (wrapped) {
            draft.fault(
                    RuleId.WRAPPED_TWICE,
                    new Source(pouch.id(), "panel"),
                    pouch.panel().value());
            return;
        }
        Materials materials = new Materials(draft);
        Film film = materials.film(pouch.film(), new Source(pouch.id(), "film"));
        Length wrap = pouch.wrap();
        Length w = panel.width().plus(wrap.times(2));
        Length h = panel.height().plus(wrap.times(2));
        PartId id = new PartId(pouch.id(), "film");
        draft.part(
                Part.of(id, "Wrapping film", film, Form.rectangle(w, h), clipped(w, h, wrap))
                        .at(panel.at().moved(wrap.negated(), wrap.negated())),
                List.of(panel.outline()));
        Material fixing = materials.adhesive(pouch.fixing(), new Source(pouch.id(), "fixing"));
        draft.joint(new Joint(SlabId.of(id), panel.slab(), Joint.Hold.RESTS, fixing, FLATTEST));
        draft.afterwards(() -> close(pouch, panel, draft, id));
        Ledger ledger = new Ledger(draft, pouch.id());
        ledger.formula(
                "Wrapping film",
                Amount.of(w, h),
                "{0} by {1}, and 2 × {2} each way",
                ledger.term(1, "panel", panel.width(), new Source(panel.owner(), "*")),
                ledger.term(1, "", panel.height(), new Source(panel.owner(), "*")),
                ledger.term("wrap", wrap, "wrap"));
    }

    /** Its corners cut off where the sides fold over each other. */
    private static Outline clipped(Length w, Length h, Length wrap) {
        Length inner = w.minus(wrap);
        Length upper = h.minus(wrap);
        return Outline.ofCorners(List.of(
                Point.of(wrap, Length.ZERO),
                Point.of(inner, Length.ZERO),
                Point.of(w, wrap),
                Point.of(w, upper),
                Point.of(inner, h),
                Point.of(wrap, h),
                Point.of(Length.ZERO, upper),
                Point.of(Length.ZERO, wrap)));
    }

    /** Windows before the panel look into the pouch; whatever lies on the panel lies on its film. */
    private static void close(Pouch pouch, Ground panel, BuildDraft draft, PartId film) {
        List<Cutout> windows = draft.apertures().stream()
                .filter(a -> a.in().under().equals(panel.slab()))
                .map(Aperture::cutout)
                .toList();
        SlabId top = SlabId.of(film);
        draft.rejoin(j -> j.lower().equals(panel.slab())
                        && j.hold() == Joint.Hold.RESTS
                        && !j.upper().equals(top)
                ? new Joint(j.upper(), top, Joint.Hold.RESTS, j.by(), j.thickness())
                : j);
        Filling filling = new Materials(draft).filling(pouch.filling(), new Source(pouch.id(), "filling"));
        Outline clear = panel.outline();
        Fillings fill = new Fillings(pouch.id(), filling, clear.area(), pouch.cover(), FLATTEST);
        draft.chamber(new Chamber(
                pouch.id(),
                Chamber.Sort.POUCH,
                windows,
                clear,
                clear,
                panel.slab(),
                film,
                List.of(),
                List.of(),
                FLATTEST,
                filling,
                fill.pieces()));
        fill.derive(Chamber.Sort.POUCH).forEach(draft::derive);
        work(pouch, panel, draft, film);
    }

    /** Film goes round the panel, then it is filled and closed. */
    private static void work(Pouch pouch, Ground panel, BuildDraft draft, PartId film) {
        Material fixing = new Materials(draft).adhesive(pouch.fixing(), new Source(pouch.id(), "fixing"));
        Work.Laying laying = new Work.Laying(List.of(film), fixing, false, false);
        draft.work(Work.laying(WorkKind.WRAP, pouch.id(), laying, panel.slab()));
        draft.work(Work.of(WorkKind.ANTI_STATIC, pouch.id(), SlabId.of(film)).with(Caution.DUST));
        draft.work(Work.of(WorkKind.FILL_POUCH, pouch.id(), panel.slab()).with(Caution.SMALL_PARTS));
        draft.work(Work.of(WorkKind.SEAL, pouch.id(), SlabId.of(film), panel.slab()));
    }
}
