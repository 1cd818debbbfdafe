/** The Brief station: for whom, how many, by when. Entry type: {@link dev.schachtel.app.brief.BriefController}. */
@NullMarked
package dev.schachtel.app.brief;

import org.jspecify.annotations.NullMarked;
