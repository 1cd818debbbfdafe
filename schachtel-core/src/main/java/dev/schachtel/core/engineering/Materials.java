package dev.schachtel.core.engineering;

import java.util.Optional;
import java.util.function.Predicate;

import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Filling;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Hazard;
import dev.schachtel.core.material.MaskingPaper;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Ribbon;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.material.Technique;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.measure.Length;

/** Looks materials up in the workshop; a missing one is noted and a plain stand-in of usual thickness taken. */
final class Materials {
    /** Between two sheets that are glued into one: 0.05 mm, handbook chapter 2. */
    static final Length GLUE = Length.ofMicrometres(50);

    private static final MaterialId FLAT = new MaterialId("glue");
    private final BuildDraft draft;

    Materials(BuildDraft draft) {
        this.draft = draft;
    }

    Cardstock card(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, Cardstock.class), id, asker)
                .orElseGet(() ->
                        new Cardstock(id, id.value(), um(300), 250, new Colour(0xffffff), Cardstock.Finish.SMOOTH));
    }

    Film film(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, Film.class), id, asker)
                .orElseGet(() -> new Film(id, id.value(), um(190), 265));
    }

    Foam foam(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, Foam.class), id, asker)
                .orElseGet(() -> new Foam(id, id.value(), um(2000), 70, Foam.Form.TAPE));
    }

    Thread thread(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, Thread.class), id, asker)
                .orElseGet(() -> new Thread(id, id.value(), um(800), 400, new Colour(0x888888)));
    }

    Ribbon ribbon(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, Ribbon.class), id, asker)
                .orElseGet(() -> new Ribbon(id, id.value(), um(10_000), um(300), 150, new Colour(0x888888)));
    }

    Embellishment embellishment(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, Embellishment.class), id, asker)
                .orElseGet(() -> new Embellishment(
                        id, id.value(), Embellishment.Sort.GEM, um(4000), um(2000), 2000, new Colour(0x888888), 0));
    }

    MaskingPaper masking(MaterialId id, Source asker) {
        return found(draft.workshop().find(id, MaskingPaper.class), id, asker)
                .orElseGet(() -> new MaskingPaper(id, id.value(), um(100), 80));
    }

    Filling filling(MaterialId id, Source asker) {
        return found(draft.workshop().filling(id), id, asker)
                .orElseGet(() ->
                        new Filling(id, id.value(), um(5000), um(300), new Colour(0x888888), Filling.USUAL_DENSITY));
    }

    /** An adhesive or a foam. */
    Material fixing(MaterialId id, Source asker) {
        return fit(id, asker, m -> m instanceof Adhesive || m instanceof Foam)
                .orElseGet(() -> Adhesive.of(id, um(100), 20));
    }

    /** An adhesive, for what must lie flat. */
    Material adhesive(MaterialId id, Source asker) {
        return fit(id, asker, Adhesive.class::isInstance).orElseGet(() -> Adhesive.of(id, um(100), 20));
    }

    /** What thin sheets of the same piece are stuck together with. */
    Material glue(Source asker) {
        return adhesive(FLAT, asker);
    }

    /** The same where nobody asked for any: no finding says so if there is none. */
    Material glue() {
        return draft.workshop().find(FLAT, Adhesive.class).orElseGet(() -> Adhesive.of(FLAT, um(100), 20));
    }

    /** A material that can do what is asked of it; another one is told from one that isn't there. */
    private Optional<Material> fit(MaterialId id, Source asker, Predicate<Material> fits) {
        Optional<Material> known = draft.workshop().material(id);
        if (known.isEmpty()) {
            return found(known, id, asker);
        }
        if (known.filter(fits).isEmpty()) {
            draft.fault(RuleId.MATERIAL_UNFIT, asker, known.get().name());
        }
        return known.filter(fits);
    }

    Technique technique(MaterialId id, Source asker) {
        return found(draft.workshop().technique(id), id, asker)
                .orElseGet(() -> new Technique(
                        id,
                        id.value(),
                        Surfacing.COLOUR,
                        "brush",
                        60,
                        60,
                        5,
                        0,
                        Hazard.NONE,
                        Medium.DYE_INK,
                        Length.ZERO));
    }

    private static Length um(long micrometres) {
        return Length.ofMicrometres(micrometres);
    }

    private <T> Optional<T> found(Optional<T> found, MaterialId id, Source asker) {
        if (found.isEmpty()) {
            draft.fault(RuleId.MATERIAL_MISSING, asker, id.value());
        }
        return found;
    }
}
