package dev.schachtel.core.engineering;

import java.util.List;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.build.Work;
import dev.schachtel.core.card.Sentiment;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.work.WorkKind;

/** A strip on shadow layers, each larger than the one above by the reveal on every side. */
@AutoService(Engineer.class)
public final class SentimentEngineer implements Engineer<Sentiment> {
    @Override
    public Class<Sentiment> engineers() {
        return Sentiment.class;
    }

    @Override
    public void engineer(Sentiment strip, BuildDraft draft) {
        draft.ground(strip.on(), new Source(strip.id(), "on")).ifPresent(new Laying(strip, draft)::on);
    }

    /** One strip on its way to the ground. */
    private static final class Laying {
        private final Sentiment strip;
        private final LetteredStrip shape;
        private final BuildDraft draft;

        Laying(Sentiment strip, BuildDraft draft) {
            this.strip = strip;
            this.shape = LetteredStrip.of(strip);
            this.draft = draft;
        }

        void on(Ground ground) {
            shape.judge(strip, draft);
            Materials materials = new Materials(draft);
            Material fixing = materials.fixing(strip.fixing(), new Source(strip.id(), "fixing"));
            Cardstock shadow = materials.card(strip.shadowCard(), new Source(strip.id(), "shadowCard"));
            SlabId under = ground.slab();
            Material by = fixing;
            for (int i = strip.shadows(); i >= 1; i--) {
                String which = strip.shadows() == 1 ? "shadow" : "shadow-" + i;
                under = sheet(new PartId(strip.id(), which), i, shadow);
                if (i == strip.shadows()) {
                    Raised.lay(draft, new PartId(strip.id(), which), ground, by);
                } else {
                    draft.lay(under, above(i), by);
                }
                by = materials.glue(new Source(strip.id(), "fixing"));
            }
            Cardstock card = materials.card(strip.card(), new Source(strip.id(), "card"));
            PartId words = new PartId(strip.id(), "strip");
            SlabId top = sheet(words, 0, card);
            if (!strip.text().isBlank()) {
                draft.letter(shape.lettering(strip, words, top));
                draft.work(Work.of(WorkKind.LETTER, strip.id(), top));
            }
            if (strip.shadows() == 0) {
                Raised.lay(draft, words, ground, by);
            } else {
                draft.lay(top, under, by);
            }
            derive();
        }

        private SlabId above(int i) {
            return SlabId.of(new PartId(strip.id(), "shadow-" + (i + 1)));
        }

        private SlabId sheet(PartId id, int step, Cardstock card) {
            Length border = strip.shadowReveal().times(step);
            String words = strip.text().isBlank() ? "Strip" : "Strip “" + strip.text() + "”";
            String name = step == 0 ? words : strip.text().isBlank() ? "Shadow" : "Shadow of “" + strip.text() + "”";
            Part part = Part.of(id, name, card, shape.form(border), shape.outline(border))
                    .at(Placement.at(strip.across(), strip.up()));
            draft.part(shape.isStraight() ? part : part.cutBy(CutMethod.SCISSORS));
            return SlabId.of(id);
        }

        private void derive() {
            Ledger ledger = new Ledger(draft, strip.id());
            Amount size = Amount.of(
                    Mm.length(shape.band().wide()), Mm.length(shape.band().high()));
            if (!strip.xHeight().isZero()) {
                ledger.formula(
                        "Strip, as its words need",
                        size,
                        "3 mm all round words with small letters {0} high",
                        ledger.term("", strip.xHeight(), "xHeight"));
            }
            for (int step = 1; step <= strip.shadows(); step++) {
                Length border = strip.shadowReveal().times(2L * step);
                draft.derive(new Derivation(
                        strip.id(),
                        strip.shadows() == 1 ? "Shadow" : "Shadow " + step,
                        Amount.of(
                                Mm.length(shape.band().wide()).plus(border),
                                Mm.length(shape.band().high()).plus(border)),
                        "",
                        List.of(
                                new Derivation.Term(1, "strip", size, new Source(strip.id(), "*")),
                                new Derivation.Term(
                                        2 * step,
                                        "shows",
                                        Amount.of(strip.shadowReveal()),
                                        new Source(strip.id(), "shadowReveal")))));
            }
        }
    }
}
