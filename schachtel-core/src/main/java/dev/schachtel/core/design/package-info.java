/**
 * Proposes: where a new piece goes, how pieces are put in line, what the other way of a house rule costs. Entry types:
 * {@link dev.schachtel.core.design.Adding}, {@link dev.schachtel.core.design.Arrange}. Tries cards by engineering, checking
 * and ordering them; stores nothing. Uses everything below it, but not the whole plan.
 */
@NullMarked
package dev.schachtel.core.design;

import org.jspecify.annotations.NullMarked;
