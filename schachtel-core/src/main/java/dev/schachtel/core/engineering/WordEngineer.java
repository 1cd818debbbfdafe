package dev.schachtel.core.engineering;

import java.util.List;
import java.util.Optional;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Word;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/** k copies of a word on top of each other: k x caliper + (k - 1) x glue high. */
@AutoService(Engineer.class)
public final class WordEngineer implements Engineer<Word> {
    @Override
    public Class<Word> engineers() {
        return Word.class;
    }

    @Override
    public void engineer(Word word, BuildDraft draft) {
        draft.ground(word.on(), new Source(word.id(), "on")).ifPresent(ground -> lay(word, ground, draft));
    }

    private static void lay(Word word, Ground ground, BuildDraft draft) {
        Materials stuff = new Materials(draft);
        Cardstock card = stuff.card(word.card(), new Source(word.id(), "card"));
        Material fixing = stuff.fixing(word.fixing(), new Source(word.id(), "fixing"));
        PartId id = new PartId(word.id(), "");
        Outline box = Outline.rectangle(word.width(), word.height());
        Placement middle = Placement.at(word.across(), word.up());
        Length thick = card.thickness().times(word.copies()).plus(Materials.GLUE.times(word.copies() - 1L));
        String name = word.text().isBlank() ? "Word" : "Word “" + word.text() + "”";
        draft.folded(Part.of(id, name, card, Form.of(Form.Sort.SHAPE, word.width(), word.height()), box)
                .at(middle)
                .stacked(word.copies())
                .cutBy(CutMethod.DIE));
        if (!word.text().isBlank()) {
            draft.letter(new Lettering(word.id(), id, word.text(), Optional.empty()));
        }
        draft.slab(new Slab(SlabId.of(id), id, name, thick, List.of(box.placed(middle))));
        Raised.lay(draft, id, ground, fixing);
        Ledger ledger = new Ledger(draft, word.id());
        ledger.formula(
                "Word, thick",
                new Amount.Thick(thick),
                "{0} copies and the glue between",
                ledger.count("", word.copies(), "copies"));
    }
}
