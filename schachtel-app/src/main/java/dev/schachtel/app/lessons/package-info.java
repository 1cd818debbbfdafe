/** What was learned from builds, tied to what it is about and shown where that comes again. Entry type: {@link
 * dev.schachtel.app.lessons.Lessons}. */
@NullMarked
package dev.schachtel.app.lessons;

import org.jspecify.annotations.NullMarked;
