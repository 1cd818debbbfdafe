/**
 * What leaves for paper, machines and other programs: PDF, SVG, DXF and HPGL in real millimetres, lists as CSV, calendars,
 * all of it in one zip. Entry types: {@link dev.schachtel.core.print.SheetPdf}, {@link dev.schachtel.core.print.CuttingZip}.
 */
@NullMarked
package dev.schachtel.core.print;

import org.jspecify.annotations.NullMarked;
