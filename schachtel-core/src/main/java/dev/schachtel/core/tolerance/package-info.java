/**
 * How many cards come out well although hands and tools have their spread.
 *
 * <p>Entry types: {@link dev.schachtel.core.tolerance.Fits}, what must suit each other on a card;
 * {@link dev.schachtel.core.tolerance.Simulation}, many builds of it with seeded dice; {@link dev.schachtel.core.tolerance.Enough}, how
 * many to make so that enough are good. Spreads are one sigma of a normal distribution in millimetres, shares are from 0 to
 * 1. Uses {@code build} and below.
 */
@NullMarked
package dev.schachtel.core.tolerance;

import org.jspecify.annotations.NullMarked;
