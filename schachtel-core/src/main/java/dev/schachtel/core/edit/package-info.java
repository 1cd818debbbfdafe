/**
 * Changes a card by text: what pages type, what remedies propose, how a new piece starts.
 *
 * <p>Entry types: {@link dev.schachtel.core.edit.CardEdit}, {@link dev.schachtel.core.model.RecordType} (what a record asks
 * for), {@link dev.schachtel.core.model.Scalars} (text to value and back). All of it follows from the annotations in
 * {@code card}, so a new record needs nothing here. A refused text is an
 * {@link dev.schachtel.core.model.RefusedException} with the place and the reason. Uses {@code card} and below.
 */
@NullMarked
package dev.schachtel.core.edit;

import org.jspecify.annotations.NullMarked;
