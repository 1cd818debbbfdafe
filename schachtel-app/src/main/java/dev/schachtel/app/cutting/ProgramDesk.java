package dev.schachtel.app.cutting;

import java.util.ArrayList;
import java.util.List;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.cutting.TrimmerProgram;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** Puts the trimmer program into a strip of settings, and one stroke of it into words and a drawing. */
@Component
class ProgramDesk {
    private static final int DRAWN = 330;

    CutView.Program program(Plan plan, int open) {
        Units units = plan.spec().units();
        List<CutView.Setting> settings = new ArrayList<>();
        String svg = "";
        CutView.OpenStroke words = new CutView.OpenStroke("", List.of(), "");
        int number = 0;
        int sheet = 1;
        List<SheetPlan> sheets = plan.cutting().numbered();
        for (MaterialPlan material : plan.cutting().materials()) {
            TrimmerProgram program = TrimmerProgram.of(material.sheets(), sheet);
            sheet += material.sheets().size();
            for (TrimmerProgram.Setting setting : program.settings()) {
                List<CutView.Stroke> strokes = new ArrayList<>();
                for (TrimmerProgram.Stroke stroke : setting.strokes()) {
                    number++;
                    add(strokes, number, stroke, open);
                    if (number == open) {
                        svg = drawing(sheets.get(stroke.sheets().get(0) - 1), stroke, units);
                        words = words(stroke, material, plan);
                    }
                }
                settings.add(new CutView.Setting(
                        stop(setting.stop(), units) + set(setting.stop(), plan),
                        share(setting.stop()),
                        material.material().name(),
                        strokes));
            }
        }
        return new CutView.Program(settings, number, open > number ? 0 : open, svg, words);
    }

    /** Strokes that free the same from the same sheets, one after the other, are one line. */
    private static void add(List<CutView.Stroke> strokes, int number, TrimmerProgram.Stroke stroke, int open) {
        String sheets = sheets(stroke);
        String frees = frees(stroke);
        CutView.Stroke last = strokes.isEmpty() ? null : strokes.get(strokes.size() - 1);
        boolean alike =
                last != null && last.sheets().equals(sheets) && last.frees().equals(frees);
        int first = alike ? last.number() : number;
        boolean isOpen = number == open || alike && last.open();
        CutView.Stroke line = new CutView.Stroke(
                first, first == number ? "" + number : first + " to " + number, sheets, frees, number < open, isOpen);
        if (alike) {
            strokes.set(strokes.size() - 1, line);
        } else {
            strokes.add(line);
        }
    }

    /** A size that is no sixteenth has its millimetres beside it: a stop is set exactly. */
    private static String stop(Length stop, Units units) {
        return Html.of(stop, units) + " " + units.sign()
                + (units.pieces(stop).rounded() && units == Units.INCH
                        ? " <small>" + Html.of(stop, Units.MM) + " mm</small>"
                        : "");
    }

    /** Where it is really set, if the trimmer is known to cut too long or too short. */
    private static String set(Length stop, Plan plan) {
        Length set = plan.workshop().stop(stop);
        return set.equals(stop) ? "" : " <small>set it at " + Units.tenths(set) + " mm</small>";
    }

    private static int share(Length stop) {
        return (int) Math.max(2, Math.min(100, Math.round(stop.nanometres() / 3.05e6)));
    }

    private static String sheets(TrimmerProgram.Stroke stroke) {
        List<Integer> n = stroke.sheets();
        String last = n.size() == 1 ? "" : (n.size() == 2 ? " and " : " to ") + n.get(n.size() - 1);
        return (n.size() == 1 ? "sheet " : "sheets ") + n.get(0) + last;
    }

    private static String frees(TrimmerProgram.Stroke stroke) {
        return freed(stroke.first()) + " | " + freed(stroke.second());
    }

    private static String freed(TrimmerProgram.Yield what) {
        return switch (what.what()) {
            case BLANK -> what.letter();
            case REST -> "rest";
            case ON -> "…";
        };
    }

    private static CutView.OpenStroke words(TrimmerProgram.Stroke stroke, MaterialPlan material, Plan plan) {
        Units units = plan.spec().units();
        List<String> orders = new ArrayList<>();
        int n = stroke.sheets().size();
        Length length =
                stroke.upright() ? stroke.inHand().width() : stroke.inHand().height();
        orders.add("Take " + Html.escape(material.material().name()) + ", " + sheets(stroke)
                + (n > 1 ? ", which are cut alike" : "") + ": the piece "
                + Html.of(stroke.inHand().width(), units) + " × "
                + Html.of(stroke.inHand().height(), units) + " "
                + units.sign() + ".");
        orders.add("Lay its " + (stroke.upright() ? "left" : "lower") + " edge against the stop at "
                + Html.of(stroke.stop(), units) + " " + units.sign() + " and cut" + (n > 1 ? ", " + n + " times" : "")
                + ".");
        orders.add(outcome(stroke.first(), stroke.second(), units));
        boolean tooLong = stroke.length().isAbove(plan.workshop().tools().trimmer());
        return new CutView.OpenStroke(
                "Stop at " + stop(stroke.stop(), units) + " of " + Html.of(length, units),
                orders,
                tooLong ? "Longer than the trimmer: cut it with knife and steel ruler." : "");
    }

    private static String outcome(TrimmerProgram.Yield first, TrimmerProgram.Yield second, Units units) {
        List<String> parts = new ArrayList<>();
        for (TrimmerProgram.Yield y : List.of(first, second)) {
            String size =
                    Html.of(y.rect().width(), units) + " × " + Html.of(y.rect().height(), units);
            parts.add(
                    switch (y.what()) {
                        case BLANK -> "<b>" + Html.escape(y.letter()) + "</b> is done: pencil the letter on its back";
                        case REST -> size + " is left over";
                        case ON -> size + " is cut on";
                    });
        }
        return String.join("; ", parts) + ".";
    }

    private static String drawing(SheetPlan sheet, TrimmerProgram.Stroke stroke, Units units) {
        double wide = sheet.sheet().width().nanometres() / 1e6;
        double high = sheet.sheet().height().nanometres() / 1e6;
        double scale = DRAWN / Math.max(wide, high);
        Look look = Look.still((int) (wide * scale) + 16, (int) (high * scale) + 16, units);
        return SvgWriter.write(SheetView.of(sheet, stroke), look);
    }
}
