/**
 * Outlines read from SVG and DXF. Entry type: {@link dev.schachtel.core.outlines.OutlineFile}. Lengths in millimetres; what
 * can't be read is refused with its place. Uses {@code shape} and {@code model}.
 */
@NullMarked
package dev.schachtel.core.outlines;

import org.jspecify.annotations.NullMarked;
