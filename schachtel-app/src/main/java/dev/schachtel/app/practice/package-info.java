/**
 * Practice: a faulty card to look at, and sizes to guess. Entry types: {@link dev.schachtel.app.practice.PracticeController},
 * {@link dev.schachtel.app.practice.SizeController}; what was answered is kept by {@link dev.schachtel.app.practice.PracticeBook}.
 */
@NullMarked
package dev.schachtel.app.practice;

import org.jspecify.annotations.NullMarked;
