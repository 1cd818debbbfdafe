package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Sentiment;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** A strip on shadow layers, each larger than the one above by the reveal on every side. */
@AutoService(Engineer.class)
public final class SentimentEngineer implements Engineer<Sentiment> {
    @Override
    public Class<Sentiment> engineers() {
        return Sentiment.class;
    }

    @Override
    public void engineer(Sentiment strip, BuildDraft draft) {
        draft.ground(strip.on(), new Source(strip.id(), "on")).ifPresent(ground -> lay(strip, ground, draft));
    }

    private void lay(Sentiment strip, Ground ground, BuildDraft draft) {
        Materials stuff = new Materials(draft);
        Material fixing = stuff.fixing(strip.fixing(), new Source(strip.id(), "fixing"));
        Cardstock shadow = stuff.card(strip.shadowCard(), new Source(strip.id(), "shadowCard"));
        SlabId under = ground.slab();
        Material by = fixing;
        for (int i = strip.shadows(); i >= 1; i--) {
            String which = strip.shadows() == 1 ? "shadow" : "shadow-" + i;
            under = sheet(strip, draft, new PartId(strip.id(), which), i, shadow);
            if (i == strip.shadows()) {
                Raised.lay(draft, new PartId(strip.id(), which), ground, by);
            } else {
                draft.lay(under, above(strip, i), by);
            }
            by = glue(draft, fixing);
        }
        Cardstock card = stuff.card(strip.card(), new Source(strip.id(), "card"));
        PartId words = new PartId(strip.id(), "strip");
        SlabId top = sheet(strip, draft, words, 0, card);
        if (!strip.text().isBlank()) {
            draft.letter(new Lettering(strip.id(), words, strip.text(), Optional.of(strip.ink())));
        }
        if (strip.shadows() == 0) {
            Raised.lay(draft, words, ground, by);
        } else {
            draft.lay(top, under, by);
        }
        for (int i = 1; i <= strip.shadows(); i++) {
            derive(strip, draft, i);
        }
    }

    /** Layers of one strip lie flat on each other; only the lowest is held by what the maker chose. */
    private static Material glue(BuildDraft draft, Material otherwise) {
        return draft.workshop()
                .find(new MaterialId("glue"), Adhesive.class)
                .map(Material.class::cast)
                .orElse(otherwise);
    }

    private static SlabId above(Sentiment strip, int i) {
        return SlabId.of(new PartId(strip.id(), "shadow-" + (i + 1)));
    }

    private static SlabId sheet(Sentiment strip, BuildDraft draft, PartId id, int step, Cardstock card) {
        Length border = strip.shadowReveal().times(2L * step);
        Length w = strip.width().plus(border);
        Length h = strip.height().plus(border);
        Placement at = Placement.at(strip.across().minus(w.half()), strip.up().minus(h.half()));
        String words = strip.text().isBlank() ? "Strip" : "Strip “" + strip.text() + "”";
        String name = step == 0 ? words : strip.text().isBlank() ? "Shadow" : "Shadow of “" + strip.text() + "”";
        draft.part(Part.of(id, name, card, Form.rectangle(w, h), Outline.sheet(w, h))
                .at(at));
        return SlabId.of(id);
    }

    private static void derive(Sentiment strip, BuildDraft draft, int step) {
        Length border = strip.shadowReveal().times(2L * step);
        draft.derive(new Derivation(
                strip.id(),
                strip.shadows() == 1 ? "Shadow" : "Shadow " + step,
                Amount.of(strip.width().plus(border), strip.height().plus(border)),
                "",
                List.of(
                        new Derivation.Term(
                                1, "strip", Amount.of(strip.width(), strip.height()), new Source(strip.id(), "*")),
                        new Derivation.Term(
                                2 * step,
                                "shows",
                                Amount.of(strip.shadowReveal()),
                                new Source(strip.id(), "shadowReveal")))));
    }
}
