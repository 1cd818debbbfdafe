package dev.schachtel.core.check;

import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** Foam behind a piece is not seen: it keeps inside the piece, and is no thinner than can be cut, 2 mm. */
final class FootingCheck implements Check {
    private static final Length THINNEST = Length.ofMillimetres(2);

    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Joint joint : build.joints()) {
            Optional<Level> piece = build.level(joint.upper()).filter(build::isCard);
            Optional<Level> foam = build.level(joint.lower())
                    .filter(l -> build.part(l.slab().part()).orElseThrow().material() instanceof Foam);
            if (joint.hold() == Joint.Hold.RESTS && piece.isPresent() && foam.isPresent()) {
                seen(build, workshop, piece.get(), foam.get(), report);
            }
        }
    }

    private static void seen(Build build, Workshop workshop, Level piece, Level foam, Report report) {
        Id owner = piece.slab().part().owner();
        boolean own = foam.slab().part().owner().equals(owner);
        Length side = build.part(foam.slab().part()).orElseThrow().form().width();
        boolean thin = side.isBelow(THINNEST);
        boolean out = foam.slab().footprints().stream()
                .anyMatch(f -> piece.slab().footprints().stream().noneMatch(p -> p.covers(f)));
        if (own && (thin || out)) {
            report.on(RuleId.FOAM_SEEN, owner)
                    .parts(piece.slab().part())
                    .names(piece.slab().name())
                    .measured(side, THINNEST)
                    .at(foam.slab().bounds().centre())
                    .remedy(Remedies.flat(build, workshop, owner))
                    .watch();
        }
    }
}
