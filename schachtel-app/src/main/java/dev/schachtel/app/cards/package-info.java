/** The home page with all cards, and beginning a new one. Entry type: {@link dev.schachtel.app.cards.CardsController}. */
@NullMarked
package dev.schachtel.app.cards;

import org.jspecify.annotations.NullMarked;
