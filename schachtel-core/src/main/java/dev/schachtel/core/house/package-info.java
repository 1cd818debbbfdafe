/**
 * How one maker works: rules on which makers differ, and how long kinds of work take. Entry type:
 * {@link dev.schachtel.core.house.HouseRules}. Data only; uses {@code measure}.
 */
@NullMarked
package dev.schachtel.core.house;

import org.jspecify.annotations.NullMarked;
