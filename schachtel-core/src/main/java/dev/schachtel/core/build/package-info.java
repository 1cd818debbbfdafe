/**
 * The engineered card: parts, folds, joints, zones, chambers, heights, and why each size is what it is.
 *
 * <p>Entry type: {@link dev.schachtel.core.build.Build}. Everything after engineering (checks, drawing, cutting,
 * assembly) reads this and nothing of the features behind it, so it holds for any combination. Face coordinates: origin
 * at the lower left corner of the closed card seen from the front, x right, y up. A {@code Slab} is one thickness in
 * the closed card; a folded base is one part and two slabs. Heights run from the back of the card, 0, to the front.
 *
 * <p>Uses {@code card} (ids), {@code material}, {@code shape}, {@code measure}. Data only.
 */
@NullMarked
package dev.schachtel.core.build;

import org.jspecify.annotations.NullMarked;
