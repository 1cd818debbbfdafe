package dev.schachtel.app.scene;

import java.util.Locale;

import org.springframework.stereotype.Component;

import dev.schachtel.core.scene.Fact;
import dev.schachtel.core.scene.Layouts;

/** The facts of a scene as sentences. */
@Component
class SceneWords {
    SceneView.Told told(Fact fact) {
        String shape = fact.severity().name().toLowerCase(Locale.ROOT);
        boolean meant = fact.fixes().stream().anyMatch(f -> f.kind() == Fact.Fix.Kind.SAY_AGAIN);
        String[] said = sentences(fact, shape.equals("works") && !meant);
        return new SceneView.Told(
                fact.key(),
                shape,
                said[0],
                meant ? said[1] + " You meant it so." : said[1],
                fact.fixes().stream().map(f -> fix(fact, f)).toList(),
                fact.pieces().isEmpty() ? "" : fact.pieces().get(0).value(),
                fact.canBeMeant());
    }

    /** A title and what was measured. */
    private static String[] sentences(Fact fact, boolean well) {
        return switch (fact.kind()) {
            case FREE, TO_WRITE, EVENNESS, BALANCE, HIDES -> ofTheWhole(fact, well);
            case DEPTH, BEHIND, PALER, FLATTER -> ofNearAndFar(fact);
            default -> ofPieces(fact, well);
        };
    }

    private static String[] ofTheWhole(Fact fact, boolean well) {
        String percent = Math.round(fact.figure()) + " % of the ";
        return switch (fact.kind()) {
            case FREE ->
                said(
                        well ? "Room to breathe" : fact.figure() < 40 ? "Crowded" : "Rather empty",
                        percent + "face is free");
            case TO_WRITE ->
                said(
                        well ? "Room to write" : "Too little room to write",
                        percent + "sheet is free; half of it should be");
            case HIDES ->
                said(
                        well ? "The filling is seen" : "The filling is hidden",
                        Math.round(fact.figure()) + " % of the window is covered");
            case EVENNESS ->
                well
                        ? said(
                                "Scattered evenly",
                                String.format(Locale.ROOT, "%.1f times as far as at random", fact.figure()))
                        : said("Small things in clumps", "They lie close together, and elsewhere is nothing.");
            default ->
                said(
                        well ? "Balance" : "Out of balance",
                        mm(Math.abs(fact.figure())) + (fact.figure() < 0 ? " left" : " right") + " of the middle");
        };
    }

    private static String[] ofNearAndFar(Fact fact) {
        String one = fact.names().get(0);
        String other = fact.names().get(1);
        String figure = mm(Math.abs(fact.figure()));
        return switch (fact.kind()) {
            case DEPTH -> said(one + " is nearer, yet smaller", "What is nearer looks larger.");
            case BEHIND ->
                said(one + " stands nearer, yet lies behind", "It stands " + figure + " before the " + other + ".");
            case PALER ->
                said(
                        one + " is nearer, yet paler",
                        "Against what is behind them it stands out less than the same picture farther away.");
            default ->
                said(
                        one + " stands nearer, yet flatter",
                        "The " + other + " behind it stands out by " + figure + " more.");
        };
    }

    private static String[] ofPieces(Fact fact, boolean well) {
        String one = fact.names().isEmpty() ? "" : fact.names().get(0);
        String other = fact.names().size() < 2 ? "" : fact.names().get(1);
        String figure = mm(Math.abs(fact.figure()));
        return switch (fact.kind()) {
            case GROUND ->
                well
                        ? said("Feet on the ground", count(fact.figure(), "piece stands", "pieces stand") + " on it")
                        : fact.figure() > 0
                                ? said(one + " floats", figure + " over the ground")
                                : said(one + " sinks in", figure + " under the ground line");
            case STUCK ->
                said(
                        "The filling gets stuck at the " + one,
                        "Beside it is a gap of " + figure + (other.isEmpty() ? "." : " to the " + other + "."));
            case REPEATS -> said((int) fact.figure() + " of “" + one + "”", "Odd numbers read as a group.");
            case KISSING ->
                said(
                        one + " and " + other + " nearly touch",
                        fact.figure() >= 0
                                ? figure + " apart: that looks like a mistake."
                                : "They overlap by " + figure + ": that looks like a mistake.");
            case SEEN -> said(one + " is hidden", Math.round(fact.figure()) + " % of it is seen");
            case FACE_HIDDEN -> said("The face of the " + one + " is hidden", Math.round(fact.figure()) + " % of it");
            case WORDS ->
                said(
                        well ? "Room for the words" : one + " is too near the words",
                        figure + (well ? " free round them" : " from them"));
            case KEEP_CLEAR -> said(one + " is in the way", "It lies in a window, or where something moves.");
            case LOOKS_OUT -> said(one + " looks out of the card", "It stands " + figure + " from the edge.");
            default -> said(one + " stands over the edge", "by " + figure);
        };
    }

    private static String[] said(String title, String words) {
        return new String[] {title, words};
    }

    private static String count(double n, String one, String more) {
        return (int) n + " " + ((int) n == 1 ? one : more);
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.1f mm", mm);
    }

    private static String fix(Fact fact, Fact.Fix fix) {
        return switch (fix.kind()) {
            case MOVE ->
                switch (fact.kind()) {
                    case GROUND -> "Put it on the ground";
                    case OVERHANG -> "Move it onto the card";
                    default -> "Move it away";
                };
            case LARGER -> "Make it larger";
            case MIRROR -> "Turn it round";
            case TRIM -> "Trim it at the edge";
            case FORWARD -> "Bring it forward";
            case RAISE -> "Raise it as far";
            case SAME_CARD -> "Cut both from the same card";
            case ADD -> "Add one";
            case REMOVE -> "Take one away";
            case SAY_AGAIN -> "Say it again";
        };
    }

    String standsOut(double mm) {
        return "Stands out " + mm(mm) + ".";
    }

    /** So many more or fewer, as a difference. */
    String pieces(int more) {
        int many = Math.abs(more);
        return many + (more > 0 ? " more" : " fewer");
    }

    String wish(Layouts.Wish wish) {
        return switch (wish) {
            case SCATTERED -> "scattered";
            case TWO_GROUPS -> "two groups";
            case SKY_OPEN -> "sky open";
            case GATHERED -> "gathered";
            case EVEN -> "even";
            case SYMMETRICAL -> "symmetrical";
        };
    }
}
