package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** Where on a sheet surface work lies. Lines are measured from the sheet's own foot or left edge. */
public sealed interface Where
        permits Where.Whole,
                Where.Above,
                Where.Below,
                Where.Left,
                Where.Right,
                Where.Edges,
                Where.Round,
                Where.Stepped,
                Where.Line,
                Where.Core,
                Where.Between {
    /** All of it. */
    @Kind(value = "whole", title = "All of it")
    record Whole() implements Where {}

    /** Full from the top down, and gone at a line. */
    @Kind(value = "above", title = "Above a line")
    record Above(
            @Asked(value = "Line, from the foot", initial = "50 mm", inches = "2 in", min = "0 mm", max = "3 m")
                    Length line,
            @Asked(value = "Fades over", initial = "20 mm", inches = "3/4 in", min = "0 mm", max = "1 m") Length fade)
            implements Where {}

    /** Full from the foot up, and gone at a line. */
    @Kind(value = "below", title = "Below a line")
    record Below(
            @Asked(value = "Line, from the foot", initial = "50 mm", inches = "2 in", min = "0 mm", max = "3 m")
                    Length line,
            @Asked(value = "Fades over", initial = "20 mm", inches = "3/4 in", min = "0 mm", max = "1 m") Length fade)
            implements Where {}

    /** Full at the left edge, and gone at a line. */
    @Kind(value = "left", title = "From the left edge")
    record Left(
            @Asked(value = "Wide", initial = "35 mm", inches = "1 1/2 in", min = "0 mm", max = "3 m") Length wide,
            @Asked(value = "Fades over", initial = "10 mm", inches = "1/2 in", min = "0 mm", max = "1 m") Length fade)
            implements Where {}

    /** Full at the right edge, and gone at a line. */
    @Kind(value = "right", title = "From the right edge")
    record Right(
            @Asked(value = "Wide", initial = "35 mm", inches = "1 1/2 in", min = "0 mm", max = "3 m") Length wide,
            @Asked(value = "Fades over", initial = "10 mm", inches = "1/2 in", min = "0 mm", max = "1 m") Length fade)
            implements Where {}

    /** Along all edges. */
    @Kind(value = "edges", title = "Along the edges")
    record Edges(
            @Asked(value = "Wide", initial = "6 mm", inches = "1/4 in", min = "0.5 mm", max = "500 mm") Length wide)
            implements Where {}

    /** Round a piece, strongest beside it: a glow. */
    @Kind(value = "round", title = "Round a piece")
    record Round(
            @Asked(value = "Piece", initial = "window", from = Asked.Choice.PIECE) Id piece,
            @Asked(value = "Reaches out", initial = "12 mm", inches = "1/2 in", min = "1 mm", max = "500 mm")
                    Length out)
            implements Where {}

    /** All of it with a stencil or stamp that is shorter than the sheet, set down again and again along it. */
    @Kind(value = "stepped", title = "All of it, step by step")
    record Stepped(
            @Asked(value = "Stencil or stamp, long", initial = "140 mm", inches = "6 in", min = "5 mm", max = "1 m")
                    Length tool,
            @Asked(value = "Overlap", initial = "5 mm", inches = "1/4 in", min = "0 mm", max = "100 mm") Length overlap,
            @Asked(value = "Turned half round for this colour", initial = "false") boolean turned,
            @Asked(value = "Shifted against the colour before", initial = "0 mm", min = "0 mm", max = "100 mm")
                    Length shifted,
            @Asked(value = "Marked for the next colour", initial = "false") boolean marked)
            implements Where {
        /**
         * How often it is set down along a length: (L - o)/(S - o), rounded up; at least once. Handbook chapter 11.
         *
         * @param length of the sheet along which it steps
         */
        public int times(Length length) {
            long step = Math.max(1, tool.nanometres() - overlap.nanometres());
            long rest = length.nanometres() - overlap.nanometres();
            return (int) Math.max(1, Math.min(MOST, (rest + step - 1) / step));
        }

        private static final int MOST = 99;
    }

    /** A line drawn along all edges. */
    @Kind(value = "line", title = "A line along the edges")
    record Line(
            @Asked(value = "From the edge", initial = "3 mm", inches = "1/8 in", min = "0 mm", max = "500 mm")
                    Length inside,
            @Asked(value = "Line wide", initial = "0.5 mm", min = "0.1 mm", max = "20 mm", thickness = true)
                    Length wide)
            implements Where {}

    /** The cut edge itself, whose core is else white. */
    @Kind(value = "core", title = "The cut edge")
    record Core() implements Where {}

    /** Wherever no piece lies. */
    @Kind(value = "between", title = "Between the pieces")
    record Between() implements Where {}
}
