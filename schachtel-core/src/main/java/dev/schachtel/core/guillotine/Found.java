package dev.schachtel.core.guillotine;

import java.util.List;

/**
 * How far a search came, so that it can go on another day.
 *
 * @param job the fingerprint of the job it is for
 * @param boards the boards of the best packing, each with its cuts as {@link NodeText} writes them
 * @param ended whether it was seen that further rounds find nothing better
 */
public record Found(int job, List<Cut> boards, Bound bound, int rounds, boolean ended) {
    /** One board, by its place in the job, and how it is cut. */
    public record Cut(int board, String cuts) {}

    public Found {
        boards = List.copyOf(boards);
    }
}
