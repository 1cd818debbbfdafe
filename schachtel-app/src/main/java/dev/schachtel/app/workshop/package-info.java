/** The workshop as one stored document. Entry type: {@link dev.schachtel.app.workshop.Workshops}. */
@NullMarked
package dev.schachtel.app.workshop;

import org.jspecify.annotations.NullMarked;
