package dev.schachtel.core.cutting;

import java.util.Locale;

import dev.schachtel.core.guillotine.Bound;

/**
 * How few sheets any plan needs, and how that is known.
 *
 * @param sheets no plan needs fewer, offcuts not counted
 */
public record Proof(int sheets, Bound.How how) {
    static final Proof NONE = new Proof(0, Bound.How.AREA);

    /** In small letters with hyphens, for the words of a page. */
    public String word() {
        return how.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
