package dev.schachtel.core.check;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Envelope;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;

/** Fits its envelope: card + 1/8 in within it each way, the card's thickness taken off the width. */
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
        Box face = build.face().bounds();
        Length shorter = Length.min(face.wide(), face.high()).plus(EASE).plus(build.thickness());
        Length longer = Length.max(face.wide(), face.high()).plus(EASE);
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
        Report.Draft thick = report.on(RuleId.ENVELOPE_THICKNESS, Id.BASE)
                .names(envelope.name())
                .thick(build.thickness(), envelope.thickest());
        if (!build.thickness().isAbove(envelope.thickest())) {
            thick.works();
        } else if (build.spec().brief().posted()) {
            thick.watch();
        }
    }
}
