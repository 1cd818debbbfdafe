package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;

/** Writes why one piece's sizes are what they are. */
record Ledger(BuildDraft draft, Id owner) {
    Source source(String component) {
        return new Source(owner, component);
    }

    /** An input of this piece. */
    Derivation.Term term(String name, Length length, String component) {
        return term(1, name, length, source(component));
    }

    Derivation.Term term(int times, String name, Length length, Source source) {
        return new Derivation.Term(times, name, Amount.of(length), source);
    }

    Derivation.Term twice(String name, Length length, String component) {
        return term(2, name, length, source(component));
    }

    Derivation.Term count(String name, int count, String component) {
        return new Derivation.Term(1, name, new Amount.Count(count), source(component));
    }

    Derivation.Term degrees(String name, double degrees, String component) {
        return new Derivation.Term(1, name, Amount.degrees(degrees), source(component));
    }

    /** A plain sum of its terms. */
    void sum(String name, Length result, Derivation.Term... terms) {
        formula(name, Amount.of(result), "", terms);
    }

    /** A formula in words, {0} being its first term. */
    void formula(String name, Amount result, String formula, Derivation.Term... terms) {
        draft.derive(new Derivation(owner, name, result, formula, List.of(terms)));
    }
}
