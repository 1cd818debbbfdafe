/**
 * The page on which ten pieces are measured, so that plans know how exactly a maker works. Entry type: {@link
 * dev.schachtel.app.measuring.MeasureController}.
 */
@NullMarked
package dev.schachtel.app.measuring;

import org.jspecify.annotations.NullMarked;
