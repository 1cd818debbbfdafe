package dev.schachtel.core.card;

import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.measure.Length;

/** The shape of a window, or of a piece. */
public sealed interface Opening
        permits Opening.Circle,
                Opening.Oval,
                Opening.Rectangle,
                Opening.RoundedRectangle,
                Opening.Arch,
                Opening.Own,
                Opening.Pictured {
    /** Width across the middle. */
    Length width();

    /** Height across the middle. */
    Length height();

    /** The largest circle inside it. */
    default Length diameter() {
        return Length.min(width(), height());
    }

    /** Radius of its corners, as far as it has any. */
    default Length corner() {
        return Length.ofMillimetres(6);
    }

    /** Round, by its diameter. */
    @Kind(value = "circle", title = "Circle")
    record Circle(
            @Asked(
                            value = "Diameter",
                            initial = "50 mm",
                            inches = "2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.DIAMETER)
                    Length diameter)
            implements Opening {
        @Override
        public Length width() {
            return diameter;
        }

        @Override
        public Length height() {
            return diameter;
        }
    }

    /** An ellipse standing upright or lying. */
    @Kind(value = "oval", title = "Oval")
    record Oval(
            @Asked(
                            value = "Window width",
                            initial = "50 mm",
                            inches = "2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.WIDTH)
                    Length width,
            @Asked(
                            value = "Window height",
                            initial = "75 mm",
                            inches = "3 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.HEIGHT)
                    Length height)
            implements Opening {}

    /** Square corners. */
    @Kind(value = "rectangle", title = "Rectangle")
    record Rectangle(
            @Asked(
                            value = "Window width",
                            initial = "50 mm",
                            inches = "2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.WIDTH)
                    Length width,
            @Asked(
                            value = "Window height",
                            initial = "75 mm",
                            inches = "3 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.HEIGHT)
                    Length height)
            implements Opening {}

    /** Corners rounded to one radius. */
    @Kind(value = "rounded-rectangle", title = "Rounded rectangle")
    record RoundedRectangle(
            @Asked(
                            value = "Window width",
                            initial = "50 mm",
                            inches = "2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.WIDTH)
                    Length width,
            @Asked(
                            value = "Window height",
                            initial = "75 mm",
                            inches = "3 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.HEIGHT)
                    Length height,
            @Asked(value = "Corner radius", initial = "6 mm", inches = "1/4 in", min = "0 mm", max = "300 mm")
                    Length corner)
            implements Opening {}

    /** A half circle on top of a rectangle. */
    @Kind(value = "arch", title = "Arch")
    record Arch(
            @Asked(
                            value = "Window width",
                            initial = "50 mm",
                            inches = "2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.WIDTH)
                    Length width,
            @Asked(
                            value = "Window height",
                            initial = "75 mm",
                            inches = "3 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.HEIGHT)
                    Length height)
            implements Opening {}

    /** A closed outline of the maker's own, as SVG path data, scaled to this width and height. */
    @Kind(value = "own", title = "Own outline")
    record Own(
            @Asked(
                            value = "Window width",
                            initial = "50 mm",
                            inches = "2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.WIDTH)
                    Length width,
            @Asked(
                            value = "Window height",
                            initial = "75 mm",
                            inches = "3 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.HEIGHT)
                    Length height,
            @Asked(value = "Outline (path data)", initial = "M0 30L25 0 50 30 40 75H10Z", max = "4000000", coded = true)
                    String path)
            implements Opening {}

    /** A picture from the box, as large as fits into this width and height. */
    @Kind(value = "picture", title = "Picture from the box")
    record Pictured(
            @Asked(value = "Picture", initial = "tall-tree", from = Asked.Choice.PICTURE) MaterialId picture,
            @Asked(
                            value = "Picture width",
                            initial = "16 mm",
                            inches = "16 mm",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.WIDTH)
                    Length width,
            @Asked(
                            value = "Picture height",
                            initial = "36 mm",
                            inches = "36 mm",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.HEIGHT)
                    Length height)
            implements Opening {
        /** With one size set anew since before, the other one follows. */
        public Pictured inProportion(Pictured before) {
            if (!width.equals(before.width) && !before.width.isZero()) {
                return new Pictured(picture, width, before.height.scaled(width, before.width));
            }
            return !height.equals(before.height) && !before.height.isZero()
                    ? new Pictured(picture, before.width.scaled(height, before.height), height)
                    : this;
        }
    }
}
