/** The part Scene of the Decorate station: the picture box, pieces on faces, how they sit, other layouts. Entry type:
 * {@link dev.schachtel.app.scene.SceneController}. */
@NullMarked
package dev.schachtel.app.scene;

import org.jspecify.annotations.NullMarked;
