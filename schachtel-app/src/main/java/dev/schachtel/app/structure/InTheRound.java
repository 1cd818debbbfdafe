package dev.schachtel.app.structure;

import java.util.List;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.build.Unfolding;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.check.Checked;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.Side;
import dev.schachtel.core.drawing.SpaceView;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.motion.Space;
import dev.schachtel.core.motion.Tipping;
import dev.schachtel.core.render.SpaceJson;

/** What is said of a card in space: how it stands, and how much room it takes. */
final class InTheRound {
    /** So many pieces are named. */
    private static final int NAMED = 6;

    private InTheRound() {}

    static StructureView.Round of(Checked card, SpaceView view, Shown shown, Scene scene) {
        Build build = card.build();
        Space space = new Space(build);
        StructureView.Looking looking = new StructureView.Looking(
                SpaceJson.pins(space, found(card)), shown.sides(), inSight(scene, shown.side()));
        Unfolding unfolding = build.mechanics().unfolding();
        SpaceView.Room room = view.room();
        Units units = build.spec().units();
        if (unfolding.standing() == Unfolding.Standing.HANGS) {
            return new StructureView.Round(
                    "Hangs by its thread",
                    size(room.high(), units) + " high, " + size(room.wide(), units) + " wide",
                    looking);
        }
        double tips = Tipping.of(build, space, unfolding.shownShare()).degrees();
        String title = unfolding.standsByItself() ? "Stands by itself" : "Stands when it is open";
        String facts = size(room.high(), units) + " high, " + size(room.deep(), units) + " deep · ";
        return tips < 0
                ? new StructureView.Round("Falls over", facts + "its weight lies past its foot", looking)
                : new StructureView.Round(title, facts + "tips only past " + (int) Math.floor(tips) + "°", looking);
    }

    /** For who can't see the picture: what fills most of it. */
    private static String inSight(Scene scene, Side side) {
        List<String> names = Views.seen(scene).stream()
                .filter(id -> !id.equals(Id.BASE))
                .map(FieldForms::name)
                .toList();
        boolean plain = side == Side.ABOVE || side == Side.BEHIND;
        String from = (plain ? "" : "the ") + Shown.word(side);
        int more = names.size() - NAMED;
        String rest = more > 0 ? " and " + more + " more" : "";
        return names.isEmpty()
                ? "Only the card itself is seen."
                : "Seen from " + from + ", the largest first: "
                        + String.join(", ", names.subList(0, Math.min(NAMED, names.size()))) + rest + ".";
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
