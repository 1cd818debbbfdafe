/** The bench of all cards, and how cards are stored: revisions, undo, two people at once. Entry type: {@link dev.schachtel.app.store.CardService}. */
@NullMarked
package dev.schachtel.app.cards;

import org.jspecify.annotations.NullMarked;
