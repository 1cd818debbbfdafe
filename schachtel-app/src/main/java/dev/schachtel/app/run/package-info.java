/**
 * Bench mode: a plan is done step by step, on one device or several. What was said is stored as events before it is
 * answered; the state is made from them each time, so that nothing but the database has to survive. Entry type: {@link
 * dev.schachtel.app.run.RunController}.
 */
@NullMarked
package dev.schachtel.app.run;

import org.jspecify.annotations.NullMarked;
