/**
 * The logbook: what was built, how long it took against the plan, and what the bench learned from it. Entry type: {@link
 * dev.schachtel.app.log.LogController}.
 */
@NullMarked
package dev.schachtel.app.log;

import org.jspecify.annotations.NullMarked;
