/**
 * Plane shapes with true arcs: outlines with holes, where they lie, how far apart they are.
 *
 * <p>Entry types: {@link dev.schachtel.core.shape.Outline}, {@link dev.schachtel.core.shape.Placement},
 * {@link dev.schachtel.core.shape.DamPolygon}. This is the only place where exact lengths become coordinates in
 * millimetres (double) and back; {@link dev.schachtel.core.shape.Mm} bounds the loss. Arcs stay arcs until a distance
 * or an overlap is asked for; then they are flattened with a chord error of at most 0.005 mm. x runs to the right, y up.
 *
 * <p>Uses {@code measure}; the geometry library behind it does not show.
 */
@NullMarked
package dev.schachtel.core.shape;

import org.jspecify.annotations.NullMarked;
