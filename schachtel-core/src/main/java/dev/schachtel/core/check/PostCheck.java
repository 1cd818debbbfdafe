package dev.schachtel.core.check;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Flat;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Envelope;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/**
 * Fits its envelope: card + 1/8 in within it each way, the card's thickness taken off the width; and is thin and light
 * enough for a letter. The weight is that of all parts, without filling, adhesive and envelope.
 */
final class PostCheck implements Check {
    private static final Length EASE = Length.ofSixteenths(2);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        MaterialId wanted = build.spec().brief().envelope();
        workshop.envelope(wanted)
                .ifPresentOrElse(e -> fits(build, e, report), () -> report.on(RuleId.MATERIAL_MISSING, Id.BASE)
                        .names(wanted.value())
                        .watch());
    }

    private static void fits(Build build, Envelope envelope, Report report) {
        Flat flat = build.smallestFlat();
        Length thick = build.thickness(flat);
        Length shorter = Length.min(flat.width(), flat.height()).plus(EASE).plus(thick);
        Length longer = Length.max(flat.width(), flat.height()).plus(EASE);
        boolean across = shorter.isAbove(envelope.width());
        boolean up = longer.isAbove(envelope.height());
        Report.Draft draft = report.on(RuleId.ENVELOPE_SIZE, Id.BASE)
                .names(envelope.name())
                .measured(up && !across ? longer : shorter, up && !across ? envelope.height() : envelope.width());
        if (!across && !up) {
            draft.works();
        } else if (build.spec().brief().posted()) {
            draft.mend();
        } else {
            draft.watch();
        }
        weighs(build, envelope, report);
        Report.Draft draftThick = report.on(RuleId.ENVELOPE_THICKNESS, Id.BASE)
                .names(envelope.name())
                .thick(thick, envelope.thickest());
        if (!thick.isAbove(envelope.thickest())) {
            draftThick.works();
        } else if (build.spec().brief().posted()) {
            draftThick.watch();
        }
    }

    private static void weighs(Build build, Envelope envelope, Report report) {
        int grams = (int) Math.ceil(build.parts().stream()
                .filter(p -> !build.isAside(p.id()))
                .mapToDouble(Part::grams)
                .sum());
        Report.Draft draft = report.on(RuleId.ENVELOPE_WEIGHT, Id.BASE)
                .names(envelope.name())
                .measured(Amount.grams(grams), Amount.grams(envelope.heaviest()));
        if (grams <= envelope.heaviest()) {
            draft.works();
        } else if (build.spec().brief().posted()) {
            draft.watch();
        }
    }
}
