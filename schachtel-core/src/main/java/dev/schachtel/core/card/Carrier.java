package dev.schachtel.core.card;

/** Offers a face of its own that others can lie on or be cut in. */
public interface Carrier {}
