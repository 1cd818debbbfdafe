package dev.schachtel.core.practice;

/** What a faulty card does to whoever makes or uses it. */
public enum Outcome {
    LEAKS,
    JAMS,
    TIPS,
    SHOWS,
    DOES_NOT_FIT,
    COMES_APART,
    /** Something can't be seen, read or written on. */
    IS_LOST
}
