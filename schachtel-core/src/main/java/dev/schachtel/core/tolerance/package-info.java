/**
 * How many cards come out well although hands and tools have their spread.
 *
 * <p>Entry type: {@link dev.schachtel.core.tolerance.Borders}. Spreads are given as one sigma of a normal distribution,
 * shares from 0 to 1. It knows borders only; play, dam joints and flap gaps are not looked at. Uses {@code build} and below.
 */
@NullMarked
package dev.schachtel.core.tolerance;

import org.jspecify.annotations.NullMarked;
