package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.card.Id;

/**
 * Why a size is what it is: result = sum of times x amount over all terms, or, when a formula is given, the formula in
 * words with the terms as its inputs.
 *
 * @param owner the piece that asked for the size
 * @param name what the size is of, as in "Film"
 * @param formula empty for a plain sum
 */
public record Derivation(Id owner, String name, Amount result, String formula, List<Term> terms) {
    public Derivation {
        terms = List.copyOf(terms);
    }

    public boolean isSum() {
        return formula.isEmpty();
    }

    /** One input: so many times an amount with a name, and where that came from. */
    public record Term(int times, String name, Amount amount, Source source) {}
}
