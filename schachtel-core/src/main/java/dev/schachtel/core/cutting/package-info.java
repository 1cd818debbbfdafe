/**
 * From parts and a number of cards to sheets and strokes.
 *
 * <p>Entry type: {@link dev.schachtel.core.cutting.CutPlanner}; its answer is a {@link dev.schachtel.core.cutting.CutPlan}
 * whose sheets are trees of cuts, each from edge to edge of the piece in hand, so that a trimmer can make them. The
 * planner here is greedy and deterministic; with every material it tells the fewest sheets that the areas allow, so
 * that a reader sees how far from the least it may be. Uses {@code build} and below.
 */
@NullMarked
package dev.schachtel.core.cutting;

import org.jspecify.annotations.NullMarked;
