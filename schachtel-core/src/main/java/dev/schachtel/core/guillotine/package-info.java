/**
 * Rectangles cut from boards by strokes from edge to edge, with as few boards as can be.
 *
 * <p>Entry type: {@link dev.schachtel.core.guillotine.Search}, which answers at once and gets better step by step; its
 * answer is a {@link dev.schachtel.core.guillotine.Packing}, whose boards are trees of cuts, with a
 * {@link dev.schachtel.core.guillotine.Bound} that says how few boards any packing needs. Sizes are whole numbers of any
 * one unit, up to 4e9. What the rectangles are, which grain they have and what a blade takes away is the caller's: turns
 * are said by two booleans, and a kerf is added to every size beforehand. Same job, seed and steps give the same packing.
 * Uses nothing but the JDK.
 */
@NullMarked
package dev.schachtel.core.guillotine;

import org.jspecify.annotations.NullMarked;
