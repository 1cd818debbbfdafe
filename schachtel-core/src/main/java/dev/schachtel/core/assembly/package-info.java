/**
 * In which order to build, why, and how long it takes.
 *
 * <p>Entry type: {@link dev.schachtel.core.assembly.Assembly}. Operations follow from parts, joints and chambers; the
 * order rules ({@link dev.schachtel.core.assembly.OrderRule}) say which must come before which, and why; the scheduler
 * lets one pair of hands work while glue dries. Minutes are estimates by kind of operation. The words for an operation
 * are the application's. Uses {@code build} and below.
 */
@NullMarked
package dev.schachtel.core.assembly;

import org.jspecify.annotations.NullMarked;
