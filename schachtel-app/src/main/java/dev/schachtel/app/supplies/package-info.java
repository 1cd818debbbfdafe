/**
 * What is in the drawer: sheets, offcuts, rolls, tools. Entry types: {@link dev.schachtel.app.workshop.Workshops}, which
 * everything that plans asks for the workshop, and the Stock page, {@link dev.schachtel.app.supplies.StockController}.
 */
@NullMarked
package dev.schachtel.app.supplies;

import org.jspecify.annotations.NullMarked;
