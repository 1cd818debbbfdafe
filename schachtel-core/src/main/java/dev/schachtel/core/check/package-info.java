/**
 * Looks for trouble in the engineered card before paper is cut.
 *
 * <p>Entry type: {@link dev.schachtel.core.check.Checks}. Each check reads parts, joints, zones and chambers, never
 * kinds of features. A finding is data: the rule, how bad it is, what and where, measured against a limit, and changes
 * to the card file that would mend it. The words are the application's. Uses {@code build} and below.
 */
@NullMarked
package dev.schachtel.core.check;

import org.jspecify.annotations.NullMarked;
