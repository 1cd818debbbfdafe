package dev.schachtel.core.drawing;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.Surfacing;

/** What an area is made of. */
public sealed interface Fill {
    <R> R tell(Cases<R> cases);

    /** Nothing: only the line counts. */
    record Empty() implements Fill {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.empty();
        }
    }

    /** A material that is seen. */
    record Made(Material material) implements Fill {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.made(material);
        }
    }

    /** A material behind something: its pattern only, so that what is before it still shows. */
    record Behind(Material material) implements Fill {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.behind(material);
        }
    }

    /** A plain colour, for filling. */
    record Plain(Colour colour) implements Fill {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.plain(colour);
        }
    }

    /** A colour as light falls on it in space; opacity 0 to 1. */
    record Lit(Colour colour, double opacity) implements Fill {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.lit(this);
        }
    }

    /** A surface that was worked on, so that what is under it still shows; nth of its kind on that surface, from 0; coverage 0 to 1. */
    record Worked(Surfacing kind, Colour colour, int nth, double coverage) implements Fill {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.worked(this);
        }
    }

    /** One answer for each case. */
    interface Cases<R> {
        R empty();

        R made(Material material);

        R behind(Material material);

        R plain(Colour colour);

        R lit(Lit colour);

        R worked(Worked surface);
    }
}
