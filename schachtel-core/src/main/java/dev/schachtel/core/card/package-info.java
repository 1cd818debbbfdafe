/**
 * What the maker says: brief, base, layers, features, elements; together a {@link dev.schachtel.core.card.CardSpec}.
 *
 * <p>Records only, nothing worked out. Each component carries {@link dev.schachtel.core.card.Asked}, from which the card
 * file's schema, its defaults and the pages' input fields all follow: a new feature is a new record here and an engineer
 * in {@code engineering}. Positions are measured from the left edge (the fold of a side fold) and from the foot of the
 * face, to the middle of the thing. Uses {@code measure} and the ids of {@code material}.
 */
@NullMarked
package dev.schachtel.core.card;

import org.jspecify.annotations.NullMarked;
