/** The Build station: time band and steps. Entry type: {@link dev.schachtel.app.build.BuildController}. */
@NullMarked
package dev.schachtel.app.build;

import org.jspecify.annotations.NullMarked;
