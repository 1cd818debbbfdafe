/**
 * What records are made of: their components with what the maker is asked, text to value and back, what may be chosen.
 * Entry types: {@link dev.schachtel.core.model.RecordType}, {@link dev.schachtel.core.model.Scalars}. All of it follows from the
 * annotations in {@code card}, so a new record needs nothing here. A refused text is a
 * {@link dev.schachtel.core.model.RefusedException} with the place and the reason. Uses {@code card} and below.
 */
@NullMarked
package dev.schachtel.core.model;

import org.jspecify.annotations.NullMarked;
