/**
 * Files in and out: the card file (JSON) and its published schema, SVG and PDF in real millimetres, cut lists as CSV.
 *
 * <p>Entry types: {@link dev.schachtel.core.exchange.CardFile}, {@link dev.schachtel.core.exchange.CardSchema},
 * {@link dev.schachtel.core.exchange.SvgWriter}, {@link dev.schachtel.core.exchange.SheetPdf},
 * {@link dev.schachtel.core.exchange.CutListCsv}. Reading never trusts: limits on size, depth and numbers, unknown
 * fields and ids refused with their path. Uses {@code drawing}, {@code cutting}, {@code edit} and below.
 */
@NullMarked
package dev.schachtel.core.exchange;

import org.jspecify.annotations.NullMarked;
