/**
 * What was built, remembered: how long it took, what went wrong, who got it, what was said.
 *
 * <p>Entry types: {@link dev.schachtel.core.log.LogEntry}, one build; {@link dev.schachtel.core.log.Acquaintance}, who has what already.
 * An entry keeps the card as it was built; nothing in it changes when card, stock or rules change later. Times are whole
 * seconds. Uses {@code run} and below.
 */
@NullMarked
package dev.schachtel.core.log;

import org.jspecify.annotations.NullMarked;
