/**
 * Folded card in space: rigid panels, hinges between them, and where all of them are when some hinges are driven
 * ({@link dev.schachtel.core.pose.Linkage}). Lengths are millimetres, angles radians; a hinge's angle is 0 where its panels lie flat side by
 * side, above 0 where the second panel is folded towards the side that the first one shows (a valley), below 0 the other way (a mountain).
 * Knows points and outlines only; nothing of cards.
 */
@NullMarked
package dev.schachtel.core.pose;

import org.jspecify.annotations.NullMarked;
