/**
 * Turns what the maker says into the engineered card.
 *
 * <p>Entry type: {@link dev.schachtel.core.engineering.Engineering}. There is one {@code Engineer} for each record of
 * {@code card}, found by the annotation on the class: a new feature adds its engineer here and edits nothing. An
 * engineer writes its parts, joints, zones and derivations to the {@code BuildDraft}; it may ask the draft for the ground it
 * lies on, which is engineered first. Nothing throws for an impossible card: it is engineered as far as it goes and
 * the rest is noted as {@code Fault}.
 *
 * <p>Uses {@code build} and everything below it. Formulas: handbook chapter 2 unless said otherwise.
 */
@NullMarked
package dev.schachtel.core.engineering;

import org.jspecify.annotations.NullMarked;
