/**
 * What is stored and handed on: card, workshop and run files with their versions and upgrades, the card file's schema, the
 * plan for programs. Entry types: {@link dev.schachtel.core.files.CardFile}, {@link dev.schachtel.core.files.WorkshopFile},
 * {@link dev.schachtel.core.files.RunFile}, {@link dev.schachtel.core.files.PlanJson}. Reading never trusts: limits on size,
 * depth and numbers, unknown fields and ids refused with their path.
 */
@NullMarked
package dev.schachtel.core.files;

import org.jspecify.annotations.NullMarked;
