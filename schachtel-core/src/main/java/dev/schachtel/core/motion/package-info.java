/**
 * Proves what moves, from movements given as data: swept areas, the smallest clearance against everything at the same
 * height, free depth, what blocks a flap, how the card stands.
 *
 * <p>Entry type: {@link dev.schachtel.core.motion.Movements}. Positions on the face in millimetres, shares of a way from 0
 * to 1. Swept areas are never smaller than the truth and at most 0.01 mm larger; what else moves counts as its own swept
 * area, so two movements at once are safe too. It can't tell whether paper bends out of the way. Uses {@code build} and
 * below.
 */
@NullMarked
package dev.schachtel.core.motion;

import org.jspecify.annotations.NullMarked;
