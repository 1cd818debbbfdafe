/**
 * The picture on a face: which pieces stand where, how well they sit, and other ways of laying them out. Lengths in mm.
 *
 * <p>Entry types: {@link dev.schachtel.core.scene.Scenery}, {@link dev.schachtel.core.scene.Sitting}, {@link
 * dev.schachtel.core.scene.Layouts}. Uses all that is below it, down to {@code build}; stores nothing.
 */
@NullMarked
package dev.schachtel.core.scene;

import org.jspecify.annotations.NullMarked;
