/**
 * Practice: cards made faulty by one change ({@link dev.schachtel.core.practice.Faults}), how large something looks
 * ({@link dev.schachtel.core.practice.Sizes}), and when what was learned is asked for again
 * ({@link dev.schachtel.core.practice.Repetition}). Knows the checks; no page knows how a fault is made.
 */
@NullMarked
package dev.schachtel.core.practice;

import org.jspecify.annotations.NullMarked;
