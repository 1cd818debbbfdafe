/** Plans of cards, remembered while they are asked for. Entry type: {@link dev.schachtel.app.planning.Plans}. */
@NullMarked
package dev.schachtel.app.planning;

import org.jspecify.annotations.NullMarked;
