package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.patience.Patience;

/**
 * What can be worked out of a card. A mistake of ours in one piece must not take the others along: the work is done without
 * that piece then, and it is told which one it was.
 *
 * @param value what was worked out
 * @param stopped what it was worked out without; empty if nothing stood in the way
 */
public record AsFarAsItGoes<T>(T value, Optional<Stopped> stopped) {
    /**
     * A piece that was left out.
     *
     * @param piece the one without which the rest goes; the base if the base itself doesn't
     * @param reason what was said of it, for those who mend the program
     */
    public record Stopped(Id piece, String reason) {}

    /**
     * Works on a card, or on as much of it as can be worked on: without one piece, the newest first; without several, until
     * it goes; at last on a plain card in place of the base.
     */
    public static <T> AsFarAsItGoes<T> of(CardSpec spec, Function<CardSpec, T> work) {
        try {
            return new AsFarAsItGoes<>(work.apply(spec), Optional.empty());
        } catch (RuntimeException | StackOverflowError e) {
            Patience.goOn(e);
            return without(spec, work, said(e));
        }
    }

    private static <T> AsFarAsItGoes<T> without(CardSpec spec, Function<CardSpec, T> work, String reason) {
        List<Id> pieces = new ArrayList<>(spec.pieces().map(Piece::id).toList());
        pieces.remove(Id.BASE);
        Collections.reverse(pieces);
        for (Id piece : pieces) {
            Optional<T> value = tried(removed(spec, piece), work);
            if (value.isPresent()) {
                return new AsFarAsItGoes<>(value.get(), Optional.of(new Stopped(piece, reason)));
            }
        }
        CardSpec less = spec;
        for (Id piece : pieces) {
            less = removed(less, piece);
            Optional<T> value = tried(less, work);
            if (value.isPresent()) {
                return new AsFarAsItGoes<>(value.get(), Optional.of(new Stopped(piece, reason)));
            }
        }
        return new AsFarAsItGoes<>(work.apply(plain(spec)), Optional.of(new Stopped(Id.BASE, reason)));
    }

    private static <T> Optional<T> tried(CardSpec spec, Function<CardSpec, T> work) {
        try {
            return Optional.of(work.apply(spec));
        } catch (RuntimeException | StackOverflowError e) {
            Patience.goOn(e);
            return Optional.empty();
        }
    }

    private static CardSpec removed(CardSpec spec, Id piece) {
        try {
            return CardEdit.of(spec).remove(piece);
        } catch (RefusedException goesWithAnother) {
            return spec;
        }
    }

    private static CardSpec plain(CardSpec spec) {
        String word = RecordType.word(RecordType.kinds(Base.class).get(0));
        return CardSpec.of(spec.name(), spec.units(), spec.brief(), CardEdit.base(word, Format.USUAL.get(0)));
    }

    private static String said(Throwable e) {
        String name = e.getClass().getSimpleName();
        return e.getMessage() == null ? name : name + ": " + e.getMessage();
    }
}
