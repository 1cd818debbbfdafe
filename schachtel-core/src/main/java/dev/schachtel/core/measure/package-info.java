/**
 * Exact lengths, angles and areas, and how makers write them.
 *
 * <p>Entry types: {@link dev.schachtel.core.measure.Length}, {@link dev.schachtel.core.measure.LengthText} (reading),
 * {@link dev.schachtel.core.measure.Units} (writing). Lengths are whole nanometres, so 1/64 in and 0.001 mm are both
 * exact and sums never drift. Uses nothing of the other packages.
 */
@NullMarked
package dev.schachtel.core.measure;

import org.jspecify.annotations.NullMarked;
