/** The published interface for programs: a card file in, its plan out, nothing stored. Entry type: {@link dev.schachtel.app.api.PlanController}. */
@NullMarked
package dev.schachtel.app.api;

import org.jspecify.annotations.NullMarked;
