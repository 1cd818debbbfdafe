/** How much work a card from outside may cause: {@link dev.schachtel.core.patience.Patience}. */
@NullMarked
package dev.schachtel.core.patience;

import org.jspecify.annotations.NullMarked;
