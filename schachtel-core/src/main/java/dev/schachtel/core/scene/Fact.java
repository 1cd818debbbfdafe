package dev.schachtel.core.scene;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.shape.Point;

/**
 * One thing about how a scene sits.
 *
 * @param pieces which it is about, the one that a remedy changes first; none for the whole
 * @param figure what was measured: mm, percent or a count, as the kind has it
 * @param at where it is seen on the face
 */
public record Fact(
        Kind kind, Severity severity, List<Id> pieces, List<String> names, double figure, Point at, List<Fix> fixes) {
    public Fact {
        pieces = List.copyOf(pieces);
        names = List.copyOf(names);
        fixes = List.copyOf(fixes);
    }

    /** What it is about; chapter 10 of the domain's handbook has how each is worked out. */
    public enum Kind {
        /** Feet over the ground, mm. */
        GROUND,
        /** Nearer, yet smaller; times. */
        DEPTH,
        /** Nearer, yet it lies under what is farther; mm. */
        BEHIND,
        /** Nearer, yet less of a contrast to the ground than what is farther; CIE 1976 difference. */
        PALER,
        /** Nearer, yet it stands out less than what is farther; mm. */
        FLATTER,
        /** On film: so much of what tumbles behind it is hidden, percent. */
        HIDES,
        /** In a shaker: so narrow a gap that its filling gets stuck, mm. */
        STUCK,
        /** So many of one picture. */
        REPEATS,
        /** Edges nearly meet, mm between; less than 0: they overlap by so much. */
        KISSING,
        /** So much of it is seen, percent. */
        SEEN,
        /** So much of its face is hidden, percent. */
        FACE_HIDDEN,
        /** So much of the face is free, percent. */
        FREE,
        /** So much of the face is left to write on, percent. */
        TO_WRITE,
        /** How evenly small things are scattered: 1 for places at random, less for clumps. */
        EVENNESS,
        /** Centre of visual weight beside the middle, mm; less than 0: to the left. */
        BALANCE,
        /** Clear round the words, mm. */
        WORDS,
        /** Lies in a window or in the way of what moves, mm2. */
        KEEP_CLEAR,
        /** Looks out over the near edge, mm from it. */
        LOOKS_OUT,
        /** Stands over the edge, mm. */
        OVERHANG
    }

    /** A remedy: what it does, how the scene looks after it, and the card after it. */
    public record Fix(Kind kind, UnaryOperator<Scenery> scene, UnaryOperator<CardSpec> edit) {
        /** What it does. */
        public enum Kind {
            MOVE,
            LARGER,
            MIRROR,
            TRIM,
            FORWARD,
            RAISE,
            SAME_CARD,
            ADD,
            REMOVE,
            /** Advice that was silenced is heard again. */
            SAY_AGAIN
        }
    }

    /** About one piece, or about two of which the first is the one to change. */
    static Fact of(Kind kind, Severity severity, List<Placed> about, double figure, List<Fix> fixes) {
        return new Fact(
                kind,
                severity,
                about.stream().map(Placed::id).toList(),
                about.stream().map(p -> p.picture().name()).toList(),
                figure,
                about.get(0).outline().bounds().centre(),
                fixes);
    }

    static Fact whole(Kind kind, Severity severity, double figure, Point at) {
        return new Fact(kind, severity, List.of(), List.of(), figure, at, List.of());
    }

    /** The same fact with these remedies. */
    Fact with(List<Fix> some) {
        return new Fact(kind, severity, pieces, names, figure, at, some);
    }

    /** The same fact, which is as its maker wants it. */
    Fact meant() {
        return new Fact(kind, Severity.WORKS, pieces, names, figure, at, List.of(Fixes.sayAgain(key())));
    }

    boolean isTrouble() {
        return severity != Severity.WORKS;
    }

    /** Advice can be silenced for a card, what must be mended can't. */
    public boolean canBeMeant() {
        return severity == Severity.WATCH;
    }

    /** Says the same of the same pieces, with whatever figure. */
    boolean isSame(Fact other) {
        return kind == other.kind && pieces.equals(other.pieces);
    }

    /** The same named again after the card was drawn anew. */
    public String key() {
        return kind + pieces.stream().map(i -> ":" + i).reduce("", String::concat);
    }

    /** The remedy of that number, from 0. */
    public Optional<Fix> fix(int number) {
        return number >= 0 && number < fixes.size() ? Optional.of(fixes.get(number)) : Optional.empty();
    }
}
