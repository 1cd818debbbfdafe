package dev.schachtel.core.build;

import dev.schachtel.core.measure.Angle;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;

/** Something worked out or put into a sum. */
public sealed interface Amount {
    <R> R tell(Cases<R> cases);

    static Amount of(Length length) {
        return new One(length);
    }

    static Amount of(Length width, Length height) {
        return new Two(width, height);
    }

    /** A length along the card. */
    record One(Length length) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.one(this);
        }
    }

    /** Width by height. */
    record Two(Length width, Length height) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.two(this);
        }
    }

    /** A height through the card, written in mm. */
    record Thick(Length length) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.thick(this);
        }
    }

    /** A number of things. */
    record Count(int count) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.count(this);
        }
    }

    /** So many times, in hundredths: 189 is 1.89 times. */
    record Times(int hundredths) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.times(this);
        }
    }

    /** An angle in degrees, to the nearest hundredth. */
    static Amount degrees(double degrees) {
        return new Degrees(new Angle(Math.round(degrees * 100) * 10_000));
    }

    /** An angle. */
    record Degrees(Angle angle) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.degrees(this);
        }
    }

    static Amount grams(double grams) {
        return new Grams((int) Math.round(grams * 10));
    }

    static Amount millilitres(double millilitres) {
        return new Millilitres((int) Math.round(millilitres * 10));
    }

    /** A mass in tenths of a gram. */
    record Grams(int tenths) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.grams(this);
        }
    }

    /** A volume in tenths of a millilitre. */
    record Millilitres(int tenths) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.millilitres(this);
        }
    }

    /** An area. */
    record Squares(Area area) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.squares(this);
        }
    }

    /** A time in minutes. */
    record Minutes(int minutes) implements Amount {
        @Override
        public <R> R tell(Cases<R> c) {
            return c.minutes(this);
        }
    }

    /** One answer for each kind of amount. */
    interface Cases<R> {
        R one(One one);

        R two(Two two);

        R thick(Thick thick);

        R count(Count count);

        R times(Times times);

        R degrees(Degrees degrees);

        R grams(Grams grams);

        R millilitres(Millilitres millilitres);

        R squares(Squares squares);

        R minutes(Minutes minutes);
    }
}
