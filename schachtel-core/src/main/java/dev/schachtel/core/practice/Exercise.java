package dev.schachtel.core.practice;

import java.util.Optional;

import dev.schachtel.core.build.Change;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.check.Finding;

/**
 * A card with one fault.
 *
 * @param card as it is, faulty
 * @param made what was changed, to what it is now
 * @param before what that was on the sound card, as the card file writes it
 * @param finding the one thing that the checks say
 */
public record Exercise(Mistake mistake, CardSpec card, Checked checked, Change made, String before, Finding finding) {
    /** What would make it sound again. */
    public Change undone() {
        return new Change(made.piece(), made.component(), before);
    }

    /** What was answered: the piece that was pointed at, and what was said to happen. */
    public record Answer(Optional<Id> piece, Optional<Outcome> outcome) {}

    /** How much of an answer is right. */
    public record Verdict(boolean place, boolean outcome) {
        /** Seen at once. */
        public boolean right() {
            return place && outcome;
        }
    }

    /** The place is right if the piece is the one that was changed, that the finding is about, or one of whose parts it names. */
    public Verdict judge(Answer answer) {
        boolean place = answer.piece().filter(this::isAbout).isPresent();
        return new Verdict(
                place, answer.outcome().filter(mistake.outcome()::equals).isPresent());
    }

    public boolean isAbout(Id piece) {
        return piece.equals(made.piece())
                || piece.equals(finding.owner())
                || finding.parts().stream().anyMatch(p -> p.owner().equals(piece));
    }
}
