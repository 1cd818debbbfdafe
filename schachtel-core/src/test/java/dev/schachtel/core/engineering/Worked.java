package dev.schachtel.core.engineering;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.LengthText;
import dev.schachtel.core.measure.Units;

/** Looks things up in an engineered card, for worked examples. */
final class Worked {
    private Worked() {}

    static Length mm(String text) {
        return LengthText.parse(text, Units.MM);
    }

    static Length size(Build build, String owner, String name) {
        Amount amount = build.derivationsOf(new Id(owner)).stream()
                .filter(d -> d.name().equals(name))
                .map(Derivation::result)
                .findFirst()
                .orElseThrow(() -> new AssertionError(owner + " has no " + name));
        return amount instanceof Amount.One one ? one.length() : ((Amount.Thick) amount).length();
    }

    static Part part(Build build, String owner, String which) {
        return build.part(new PartId(new Id(owner), which)).orElseThrow();
    }

    static Motion motion(Build build, String owner) {
        return build.mechanics().motions().stream()
                .filter(m -> m.owner().equals(new Id(owner)))
                .findFirst()
                .orElseThrow();
    }

    // ------------------------------------------------------------ bases
}
