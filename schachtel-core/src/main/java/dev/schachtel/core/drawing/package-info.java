/**
 * Views of the engineered card as scenes: areas and lines with a meaning, in millimetres, no colours and no pixels.
 *
 * <p>Entry type: {@link dev.schachtel.core.drawing.Views}. A view reads slabs, parts and folds only, so a new feature is
 * drawn without a line here. How a meaning looks (weight, dashes, pattern) is the writer's business. Text stays the same
 * size whatever the scale; offsets of labels are therefore in points of the writer's canvas. Uses {@code cutting},
 * {@code check}, {@code build} and below.
 */
@NullMarked
package dev.schachtel.core.drawing;

import org.jspecify.annotations.NullMarked;
