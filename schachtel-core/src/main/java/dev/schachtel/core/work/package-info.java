/**
 * The kinds of work that the craft knows, each with its traits, single tool, dangers and usual times. Entry type: {@link
 * dev.schachtel.core.work.WorkKind}. Uses {@code house}.
 */
@NullMarked
package dev.schachtel.core.work;

import org.jspecify.annotations.NullMarked;
