/**
 * The whole answer for one card. Entry type: {@link dev.schachtel.core.plan.Planner}. Joins engineering, checks,
 * cutting and assembly, which don't know each other. Uses everything below it; knows nothing of pages or storage.
 */
@NullMarked
package dev.schachtel.core.plan;

import org.jspecify.annotations.NullMarked;
