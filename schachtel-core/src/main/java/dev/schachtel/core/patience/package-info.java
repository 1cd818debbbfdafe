/**
 * How much work a card from outside may cause ({@link dev.schachtel.core.patience.Patience}), and what is not worked out twice
 * ({@link dev.schachtel.core.patience.Lately}).
 */
@NullMarked
package dev.schachtel.core.patience;

import org.jspecify.annotations.NullMarked;
