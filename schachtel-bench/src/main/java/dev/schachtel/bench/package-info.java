/** Benchmarks of the core; not shipped. Figures and commands: docs/benchmarks.md. */
package dev.schachtel.bench;
