package dev.schachtel.app.structure;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Tipping;

/** What is said of a card in space: how it stands, and how much room it takes. */
final class InTheRound {
    private InTheRound() {}

    static StructureView.Round of(Build build, SpaceView view) {
        Unfolding unfolding = build.mechanics().unfolding();
        SpaceView.Room room = view.room();
        Units units = build.spec().units();
        if (unfolding.standing() == Unfolding.Standing.HANGS) {
            return new StructureView.Round(
                    "Hangs by its thread", size(room.high(), units) + " high, " + size(room.wide(), units) + " wide");
        }
        double tips =
                Tipping.of(build, new Space(build), unfolding.shownShare()).degrees();
        String title = unfolding.isMadeToStand() ? "Stands by itself" : "Stands when it is open";
        String facts = size(room.high(), units) + " high, " + size(room.deep(), units) + " deep · ";
        return tips < 0
                ? new StructureView.Round("Falls over", facts + "its weight lies past its foot")
                : new StructureView.Round(title, facts + "tips only past " + (int) Math.floor(tips) + "°");
    }

    private static String size(Length length, Units units) {
        return Html.of(length.roundedTo(units.step()), units) + " " + units.sign();
    }
}
