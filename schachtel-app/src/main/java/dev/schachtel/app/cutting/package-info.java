/** The Cut station: sheets and cut list. Entry type: {@link dev.schachtel.app.cutting.CutController}. */
@NullMarked
package dev.schachtel.app.cutting;

import org.jspecify.annotations.NullMarked;
