package dev.schachtel.core.build;

/** How bad a finding is, worst first. */
public enum Severity {
    /** Will not work. */
    MEND,
    /** May not work. */
    WATCH,
    /** Proved, and worth saying. */
    WORKS
}
