/**
 * A build plan being done at the bench: what is done, what dries, what comes next for whom.
 *
 * <p>Entry types: {@link dev.schachtel.core.run.RunPlan}, the frozen plan, and {@link dev.schachtel.core.run.RunState}, what
 * its events make of it. Nothing is stored but events with their time stamps; the same events give the same state on every
 * server. Uses {@code assembly} and below.
 */
@NullMarked
package dev.schachtel.core.run;

import org.jspecify.annotations.NullMarked;
