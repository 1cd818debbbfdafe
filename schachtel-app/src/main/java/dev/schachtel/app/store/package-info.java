/** Cards as revisions in the database: stored, changed under a lock, set aside, undone. Entry type: {@link
 * dev.schachtel.app.store.CardService}. */
@NullMarked
package dev.schachtel.app.store;

import org.jspecify.annotations.NullMarked;
