package dev.schachtel.core.build;

import java.util.List;

import dev.schachtel.core.shape.Point;

/**
 * The base as panels that hang together, from shut to open.
 *
 * @param moves what the card does then, as a maker would say
 * @param rests edges that slide on other panels
 * @param shown how far it is open when it is given, in percent
 */
public record Unfolding(
        Standing standing, String moves, List<Panel> panels, List<Hinge> hinges, List<Rest> rests, int shown) {
    private static final int HALF_OPEN = 50;

    public Unfolding {
        panels = List.copyOf(panels);
        hinges = List.copyOf(hinges);
        rests = List.copyOf(rests);
    }

    /** A card that is one panel. */
    public static Unfolding none(Standing standing, Panel panel) {
        Point foot = new Point(
                panel.region().bounds().left(), panel.region().bounds().bottom());
        Hinge fixed = Hinge.fixed(Hinge.BOARD, 0, new Hinge.Line(foot, foot.plus(1, 0)));
        return new Unfolding(standing, "", List.of(panel), List.of(fixed), List.of(), 0);
    }

    /** Whether it is given open and standing, and not shut. */
    public boolean isMadeToStand() {
        return standing == Standing.LIES && shown > 0;
    }

    /** Whether it is given standing by itself, on its side or on its lower edge: more open than shut. */
    public boolean standsByItself() {
        return isMadeToStand() || standing == Standing.STANDS && shown > HALF_OPEN;
    }

    /** Whether any panel moves against another one or the board. */
    public boolean isMoving() {
        return hinges.stream().anyMatch(Hinge::isMoving);
    }

    public double shownShare() {
        return shown / 100.0;
    }

    /** How the card is set down. */
    public enum Standing {
        /** As it is drawn, its front up. */
        LIES,
        /** Upright, on the lower edge of how it is drawn. */
        STANDS,
        /** By a thread. */
        HANGS
    }

    /** An edge of a panel that stays on another one's side, and slides. */
    public record Rest(String name, int panel, Point from, Point to, int on) {}
}
