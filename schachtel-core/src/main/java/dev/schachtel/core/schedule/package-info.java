/**
 * Tasks on one clock: who does what when, with hands, single tools, set-ups, drying places and hazards that must not meet.
 *
 * <p>Entry type: {@link dev.schachtel.core.schedule.Scheduling}. Whole seconds only; tasks are called by their place in the
 * problem. Answers at once by the longest chain behind each task, then gets better by moving tasks; says how far the answer
 * can be from the best ({@link dev.schachtel.core.schedule.Floor}). Knows nothing of cards and uses no other package.
 */
@NullMarked
package dev.schachtel.core.schedule;

import org.jspecify.annotations.NullMarked;
