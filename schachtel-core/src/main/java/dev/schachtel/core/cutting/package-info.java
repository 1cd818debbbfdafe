/**
 * From parts and a number of cards to sheets, strokes, mats and rolls.
 *
 * <p>Entry type: {@link dev.schachtel.core.cutting.CutPlanner}; its answer is a {@link dev.schachtel.core.cutting.CutPlan}
 * whose sheets are trees of cuts, each from edge to edge of the piece in hand, so that a trimmer can make them, with the
 * {@link dev.schachtel.core.cutting.Proof} of how few sheets any plan needs. A {@link
 * dev.schachtel.core.cutting.CutSearch} goes on looking; a {@link dev.schachtel.core.cutting.TrimmerProgram} puts the
 * strokes in order; {@link dev.schachtel.core.cutting.StockDraw} is the drawer afterwards. Uses {@code guillotine}, {@code
 * build} and below.
 */
@NullMarked
package dev.schachtel.core.cutting;

import org.jspecify.annotations.NullMarked;
