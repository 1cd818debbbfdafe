package dev.schachtel.core.card;

/** Cuts openings that one can look through. */
public interface Opens {}
