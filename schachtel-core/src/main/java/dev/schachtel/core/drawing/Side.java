package dev.schachtel.core.drawing;

/** Sides from which a card in space is usually looked at. */
public enum Side {
    FRONT(Eye.FRONT),
    CORNER(Eye.CORNER),
    LEFT(Eye.LEFT),
    RIGHT(Eye.RIGHT),
    ABOVE(Eye.ABOVE),
    BEHIND(Eye.BEHIND);

    private final Eye eye;

    Side(Eye eye) {
        this.eye = eye;
    }

    public Eye eye() {
        return eye;
    }
}
