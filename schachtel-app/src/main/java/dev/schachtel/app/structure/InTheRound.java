package dev.schachtel.app.structure;

import java.util.List;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Tipping;
import dev.schachtel.core.render.SpaceJson;

/** What is said of a card in space: how it stands, and how much room it takes. */
final class InTheRound {
    private InTheRound() {}

    static StructureView.Round of(Checked card, SpaceView view, Shown shown) {
        Build build = card.build();
        Space space = new Space(build);
        String pins = SpaceJson.pins(space, found(card));
        Unfolding unfolding = build.mechanics().unfolding();
        SpaceView.Room room = view.room();
        Units units = build.spec().units();
        if (unfolding.standing() == Unfolding.Standing.HANGS) {
            return new StructureView.Round(
                    "Hangs by its thread",
                    size(room.high(), units) + " high, " + size(room.wide(), units) + " wide",
                    pins,
                    shown.sides());
        }
        double tips = Tipping.of(build, space, unfolding.shownShare()).degrees();
        String title = unfolding.isMadeToStand() ? "Stands by itself" : "Stands when it is open";
        String facts = size(room.high(), units) + " high, " + size(room.deep(), units) + " deep · ";
        return tips < 0
                ? new StructureView.Round("Falls over", facts + "its weight lies past its foot", pins, shown.sides())
                : new StructureView.Round(
                        title, facts + "tips only past " + (int) Math.floor(tips) + "°", pins, shown.sides());
    }

    private static List<SpaceJson.Found> found(Checked card) {
        return card.findings().all().stream()
                .filter(f -> f.severity() != Severity.WORKS && f.place().isPresent())
                .map(f -> new SpaceJson.Found(
                        f.owner(), f.severity(), f.place().orElseThrow().at(), f.parts()))
                .toList();
    }

    private static String size(Length length, Units units) {
        return Html.of(length.roundedTo(units.step()), units) + " " + units.sign();
    }
}
