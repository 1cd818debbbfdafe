/**
 * Scenes and movements as SVG and JSON for pages. Entry types: {@link dev.schachtel.core.render.SvgWriter},
 * {@link dev.schachtel.core.render.MotionJson}. Knows styles by name and no colours. Uses {@code drawing} and below.
 */
@NullMarked
package dev.schachtel.core.render;

import org.jspecify.annotations.NullMarked;
