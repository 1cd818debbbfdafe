/** What may save a spoiled sheet of a card or of a build. Entry type: {@link dev.schachtel.app.rescue.RescueController}. */
@NullMarked
package dev.schachtel.app.rescue;

import org.jspecify.annotations.NullMarked;
