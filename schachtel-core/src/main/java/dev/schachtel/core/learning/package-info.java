/**
 * What the bench learns from what was timed and measured: how fast a maker works ({@link dev.schachtel.core.learning.Pace}), when
 * work will be finished ({@link dev.schachtel.core.learning.Outlook}), how exactly a tool cuts
 * ({@link dev.schachtel.core.learning.Accuracy}), how long what is in the drawer lasts
 * ({@link dev.schachtel.core.learning.Lasting}). Times are seconds, lengths millimetres, shares 0 to 1. Knows figures only;
 * nothing of cards.
 */
@NullMarked
package dev.schachtel.core.learning;

import org.jspecify.annotations.NullMarked;
