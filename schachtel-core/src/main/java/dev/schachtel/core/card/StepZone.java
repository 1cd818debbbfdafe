package dev.schachtel.core.card;

import dev.schachtel.core.measure.Length;

/** One of the strips side by side of which a stepper is made. All have the same sums of treads and of rises. */
public sealed interface StepZone
        permits StepZone.Plain, StepZone.Box, StepZone.SetBack, StepZone.Stairs, StepZone.None {
    /** How wide this strip is; zero when there is none. */
    default Length width() {
        return Length.ZERO;
    }

    /** The same in another width, with other sums of treads and of rises, which its steps divide evenly. */
    default StepZone sized(Length wide, Length treads, Length rises) {
        return this;
    }

    /** Tread in front, one rise behind. */
    @Kind(value = "plain", title = "Plain: lies, then stands")
    record Plain(
            @Asked(value = "Zone width", initial = "40 mm", inches = "1 1/2 in", min = "5 mm", max = "600 mm")
                    Length width)
            implements StepZone {
        @Override
        public StepZone sized(Length wide, Length treads, Length rises) {
            return new Plain(wide);
        }
    }

    /** One rise in front, tread on top. */
    @Kind(value = "box", title = "Box: stands, then lies")
    record Box(
            @Asked(value = "Zone width", initial = "40 mm", inches = "1 1/2 in", min = "5 mm", max = "600 mm")
                    Length width)
            implements StepZone {
        @Override
        public StepZone sized(Length wide, Length treads, Length rises) {
            return new Box(wide);
        }
    }

    /** A rise set back from the front edge. */
    @Kind(value = "set-back", title = "Set back")
    record SetBack(
            @Asked(value = "Zone width", initial = "40 mm", inches = "1 1/2 in", min = "5 mm", max = "600 mm")
                    Length width,
            @Asked(value = "Set back by", initial = "20 mm", inches = "3/4 in", min = "1 mm", max = "600 mm")
                    Length front)
            implements StepZone {
        @Override
        public StepZone sized(Length wide, Length treads, Length rises) {
            return new SetBack(wide, Length.min(front, treads));
        }
    }

    /** Rise and tread in turn, all rises alike and all treads alike. */
    @Kind(value = "stairs", title = "Stairs")
    record Stairs(
            @Asked(value = "Zone width", initial = "40 mm", inches = "1 1/2 in", min = "5 mm", max = "600 mm")
                    Length width,
            @Asked(value = "Steps", initial = "3", min = "1", max = "12") int steps,
            @Asked(
                            value = "Each rise",
                            initial = "30 mm",
                            inches = "1 1/2 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.STEP)
                    Length rise,
            @Asked(
                            value = "Each tread",
                            initial = "25 mm",
                            inches = "1 in",
                            min = "1 mm",
                            max = "600 mm",
                            pull = Pull.STEP)
                    Length tread)
            implements StepZone {
        @Override
        public StepZone sized(Length wide, Length treads, Length rises) {
            return new Stairs(
                    wide,
                    steps,
                    rises.splitInto(steps).get(0),
                    treads.splitInto(steps).get(0));
        }
    }

    /** No strip here. */
    @Kind(value = "none", title = "none")
    record None() implements StepZone {}
}
