package dev.schachtel.core.build;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

/** How something moves, on the face of the card. */
public sealed interface Move {
    <R> R tell(Cases<R> cases);

    /** Along a path without turning; the path is that of the body's reference point. */
    record Slide(Path path) implements Move {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.slide(this);
        }
    }

    /** Along a path on a round connector that rolls without slipping: one turn for each pi x connector. */
    record Roll(Path path, Length connector) implements Move {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.roll(this);
        }

        /** Turns over the whole path: travel over the way round the connector. Travel 90, connector 19: 1.51. */
        public double turns() {
            return path.length().nanometres() / (Math.PI * connector.nanometres());
        }
    }

    /** About a point in the plane of the face. */
    record Turn(Point about, Angle from, Angle to) implements Move {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.turn(this);
        }
    }

    /** Out of the face about a hinge line, from flat to an angle. */
    record Fold(Point from, Point to, Angle opens) implements Move {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.fold(this);
        }
    }

    /** Hangs from a point and swings so far to each side. */
    record Hang(Point from, Angle swing) implements Move {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.hang(this);
        }
    }

    /** One answer for each kind of movement. */
    interface Cases<R> {
        R slide(Slide slide);

        R roll(Roll roll);

        R turn(Turn turn);

        R fold(Fold fold);

        R hang(Hang hang);
    }
}
