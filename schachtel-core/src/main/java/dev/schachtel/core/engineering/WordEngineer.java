package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import com.google.auto.service.AutoService;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Word;
import dev.schachtel.core.letters.TextLine;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;
import dev.schachtel.core.shape.Point;

/**
 * k copies of a word on top of each other: k x caliper + (k - 1) x glue high. Letters and dots that don't hang together are
 * parts of their own; a shadow, which is the word with a border, joins them. Handbook chapter 10, words.
 */
@AutoService(Engineer.class)
public final class WordEngineer implements Engineer<Word> {
    /** A shadow is looked for in steps of half a millimetre, up to so many. */
    private static final int STEPS = 20;

    private static final Length STEP = Length.ofMicrometres(500);

    @Override
    public Class<Word> engineers() {
        return Word.class;
    }

    @Override
    public void engineer(Word word, BuildDraft draft) {
        draft.ground(word.on(), new Source(word.id(), "on")).ifPresent(new Laying(word, draft)::on);
    }

    /** Copies of one sheet with glue between. */
    private record Stack(Cardstock card, int copies) {
        Length thick() {
            return card.thickness().times(copies).plus(Materials.GLUE.times(copies - 1L));
        }
    }

    /** One word on its way to the ground. */
    private static final class Laying {
        private final Word word;
        private final BuildDraft draft;
        private final TextLine line;
        private final List<Outline> pieces;

        Laying(Word word, BuildDraft draft) {
            this.word = word;
            this.draft = draft;
            this.line = TextLine.within(word.text(), word.letters(), word.width(), word.height());
            List<Outline> found = line.pieces();
            this.pieces = found.isEmpty() ? List.of(Outline.rectangle(word.width(), word.height())) : found;
        }

        void on(Ground ground) {
            Letters.judge(line, new Source(word.id(), "letters"), word.text(), draft);
            Materials materials = new Materials(draft);
            Material fixing = materials.fixing(word.fixing(), new Source(word.id(), "fixing"));
            List<Outline> shadows = word.shadow().isZero() ? List.of() : grown(pieces, word.shadow());
            judge(shadows);
            List<SlabId> under = new ArrayList<>();
            Cardstock shadowCard = materials.card(word.shadowCard(), new Source(word.id(), "shadowCard"));
            for (int i = 0; i < shadows.size(); i++) {
                PartId id = new PartId(word.id(), i == 0 ? "shadow" : "shadow-" + (i + 1));
                sheet(id, "Shadow of “" + word.text() + "”", new Stack(shadowCard, 1), shadows.get(i));
                Raised.lay(draft, id, ground, fixing);
                under.add(SlabId.of(id));
            }
            Stack stack = new Stack(materials.card(word.card(), new Source(word.id(), "card")), word.copies());
            for (int i = 0; i < pieces.size(); i++) {
                Outline piece = pieces.get(i);
                PartId id = new PartId(word.id(), i == 0 ? "" : "piece-" + (i + 1));
                sheet(id, name(piece), stack, piece);
                if (shadows.isEmpty()) {
                    Raised.lay(draft, id, ground, fixing);
                } else {
                    draft.lay(
                            SlabId.of(id),
                            under.get(below(shadows, piece)),
                            materials.glue(new Source(word.id(), "fixing")));
                }
            }
            if (!word.text().isBlank()) {
                draft.letter(Lettering.cut(word.id(), new PartId(word.id(), ""), word.text()));
            }
            derive(stack);
        }

        private static int below(List<Outline> shadows, Outline piece) {
            for (int i = 0; i < shadows.size(); i++) {
                if (shadows.get(i).covers(piece)) {
                    return i;
                }
            }
            return 0;
        }

        private static List<Outline> grown(List<Outline> pieces, Length by) {
            return Outline.union(pieces.stream().map(p -> p.grown(by)).toList());
        }

        /** A part of so many copies on each other; its own coordinates are about its middle. */
        private void sheet(PartId id, String name, Stack stack, Outline outline) {
            Point middle = outline.bounds().centre();
            Outline own = outline.moved(new Point(-middle.x(), -middle.y()));
            Placement at = Placement.at(
                    word.across().plus(Mm.length(middle.x())), word.up().plus(Mm.length(middle.y())));
            Form form =
                    Form.of(Form.Sort.SHAPE, own.bounds().wide(), own.bounds().high());
            Part part = Part.of(id, name, stack.card, form, own)
                    .at(at)
                    .stacked(stack.copies)
                    .cutBy(CutMethod.DIE);
            draft.folded(part);
            draft.slab(new Slab(SlabId.of(id), id, name, stack.thick(), part.footprints()));
        }

        /** The word; of one in pieces the letters of each. */
        private String name(Outline piece) {
            if (word.text().isBlank()) {
                return "Word";
            }
            if (pieces.size() == 1) {
                return "Word “" + word.text() + "”";
            }
            String letters = line.letters().stream()
                    .filter(l -> l.outlines().stream().anyMatch(piece::covers))
                    .map(TextLine.Letter::text)
                    .collect(Collectors.joining());
            boolean dot = line.letters().stream()
                    .anyMatch(l -> l.outlines().size() > 1
                            && l.outlines().stream().skip(1).anyMatch(piece::covers)
                            && !piece.covers(l.outlines().get(0)));
            return (dot ? "Dot of “" : "“") + letters + "” of “" + word.text() + "”";
        }

        /** What falls apart is said, with the shadow that would join it. */
        private void judge(List<Outline> shadows) {
            int loose = word.shadow().isZero() ? pieces.size() : shadows.size();
            if (loose < 2) {
                return;
            }
            Source shadow = new Source(word.id(), "shadow");
            Fault fault = Fault.mend(
                            RuleId.WORD_LOOSE, shadow, word.text(), new Amount.Count(loose), new Amount.Count(1))
                    .watch();
            for (int i = 1; i <= STEPS; i++) {
                Length by = STEP.times(i);
                if (by.isAbove(word.shadow()) && grown(pieces, by).size() == 1) {
                    draft.fault(fault.remedy(draft.lever(shadow).map(l -> l.to(by))));
                    return;
                }
            }
            draft.fault(fault);
        }

        private void derive(Stack stack) {
            Ledger ledger = new Ledger(draft, word.id());
            ledger.formula(
                    "Word, thick",
                    new Amount.Thick(stack.thick()),
                    "{0} copies and the glue between",
                    ledger.count("", word.copies(), "copies"));
        }
    }
}
