package dev.schachtel.core.letters;

import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;

/** How large words are, and on what line. */
sealed interface Line {
    TextLine set(Run run);

    /** Straight, with small letters so high. */
    record Straight(Length xHeight) implements Line {
        @Override
        public TextLine set(Run run) {
            return run.straight(Mm.of(xHeight));
        }
    }

    /** Straight, as large as fits. */
    record Within(Length width, Length height) implements Line {
        @Override
        public TextLine set(Run run) {
            Box one = run.straight(1).box();
            boolean empty = one.width() <= 0 || one.height() <= 0;
            return run.straight(empty ? 1 : Math.min(Mm.of(width) / one.width(), Mm.of(height) / one.height()));
        }
    }

    /** Round a circle. */
    record Bent(Length xHeight, Length radius) implements Line {
        @Override
        public TextLine set(Run run) {
            return run.bent(Mm.of(xHeight), Mm.of(radius));
        }
    }
}
