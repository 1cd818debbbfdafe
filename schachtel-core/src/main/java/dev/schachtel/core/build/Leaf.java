package dev.schachtel.core.build;

/** A leaf of the base that closes over another; nothing may stick the two together. */
public record Leaf(SlabId slab, SlabId over) {}
