package dev.schachtel.core.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Motif;
import dev.schachtel.core.edit.PieceEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;

/** Cut-outs that are seen in the window of a shaker: outside on its film, where they hide the filling, or inside. */
final class OnShaker {
    private final CardSpec spec;
    private final Build build;

    private OnShaker(CardSpec spec, Build build) {
        this.spec = spec;
        this.build = build;
    }

    static OnShaker of(CardSpec spec, Workshop workshop) {
        return new OnShaker(spec, Engineering.engineer(spec, workshop));
    }

    /** Those that lie wholly in the window of a dam. */
    List<Id> pieces() {
        List<Id> pieces = new ArrayList<>();
        for (Motif motif : spec.elements().stream()
                .filter(Motif.class::isInstance)
                .map(Motif.class::cast)
                .toList()) {
            if (chamber(motif).isPresent()) {
                pieces.add(motif.id());
            }
        }
        return pieces;
    }

    private Optional<Chamber> chamber(Motif motif) {
        return build.part(new PartId(motif.id(), "")).flatMap(part -> build.chambers().stream()
                .filter(Chamber::isDam)
                .filter(c -> part.footprints().stream().allMatch(f -> c.apertures().stream()
                        .anyMatch(a -> a.onFace().holds(f))))
                .findFirst());
    }

    /** All of them on what the windows are in, or on what is seen through them. */
    CardSpec laid(boolean inside) {
        CardSpec now = spec;
        for (Id piece : pieces()) {
            Motif motif = spec.find(piece, Motif.class).orElseThrow();
            Optional<Id> on = chamber(motif).flatMap(c -> inside ? behind(c) : before(c));
            if (on.isPresent()) {
                now = PieceEdit.of(now, piece).on(on.get()).card();
            }
        }
        return now;
    }

    private Optional<Id> before(Chamber chamber) {
        return build.parts().stream()
                .filter(p -> p.cutouts().stream().anyMatch(c -> chamber.behind(c.owner())))
                .map(OnShaker::ground)
                .findFirst();
    }

    private Optional<Id> behind(Chamber chamber) {
        return build.partAt(chamber.behind()).map(OnShaker::ground);
    }

    private static Id ground(Part part) {
        return part.owner().equals(Id.BASE) ? Id.FRONT : part.owner();
    }
}
