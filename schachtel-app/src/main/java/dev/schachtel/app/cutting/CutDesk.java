package dev.schachtel.app.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;

import org.springframework.stereotype.Component;

import dev.schachtel.app.frame.Frames;
import dev.schachtel.app.store.StoredCard;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.CutPlanner;
import dev.schachtel.core.cutting.Demand;
import dev.schachtel.core.cutting.DieRun;
import dev.schachtel.core.cutting.LinearPlan;
import dev.schachtel.core.cutting.MatPlan;
import dev.schachtel.core.cutting.MaterialPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/** Puts a cut plan into what the Cut station shows. */
@Component
class CutDesk {
    private static final double SCALE = 190.0 / 305;
    private final Frames frames;
    private final ProgramDesk programs;

    CutDesk(Frames frames, ProgramDesk programs) {
        this.frames = frames;
        this.programs = programs;
    }

    /**
     * What the page is asked for.
     *
     * @param stroke that is looked at, from 1; 0 for none
     * @param seeking whether the page goes on looking for fewer sheets
     * @param spent milliseconds it has looked for so far
     */
    record Asked(int stroke, boolean compare, boolean seeking, int spent) {}

    CutView view(StoredCard card, Plan plan, Asked look) {
        Units units = card.spec().units();
        CutPlan cutting = plan.cutting();
        List<CutView.Material> materials = new ArrayList<>();
        int first = 1;
        for (MaterialPlan material : cutting.materials()) {
            materials.add(material(material, units, first));
            first += material.sheets().size();
        }
        mats(cutting, units, materials);
        CutView.Program program = program(plan, look.stroke());
        return new CutView(
                frames.frame(card, plan, "cut"),
                materials,
                program,
                cutting.demands().stream().map(d -> CutRows.row(d, plan)).toList(),
                cutting.rolls().stream().map(r -> roll(r)).toList(),
                DieRun.of(plan.build(), cutting.demands(), plan.workshop()).stream()
                        .map(r -> roller(r, units))
                        .toList(),
                sum(card, cutting, program),
                seek(cutting, look),
                look.compare() ? Comparison.of(plan) : List.of());
    }

    CutView.Program program(Plan plan, int stroke) {
        return programs.program(plan, stroke);
    }

    private static void mats(CutPlan cutting, Units units, List<CutView.Material> materials) {
        Map<String, List<CutView.Picture>> byMaterial = new LinkedHashMap<>();
        int number = 1;
        for (MatPlan mat : cutting.mats().sheets()) {
            String name = mat.parts().get(0).demand().part().material().name();
            String caption = units.show(mat.sheet().width()) + " × "
                    + units.show(mat.sheet().height()) + " " + units.sign();
            byMaterial
                    .computeIfAbsent(name, n -> new ArrayList<>())
                    .add(new CutView.Picture(
                            "mats/" + number,
                            "mat " + number,
                            drawn(SheetView.of(mat), mat.sheet(), units),
                            caption,
                            1));
            number++;
        }
        byMaterial.forEach((name, pictures) -> materials.add(new CutView.Material(
                name + ", electronic cutter",
                pictures,
                (pictures.size() == 1 ? "1 sheet" : pictures.size() + " sheets") + " on the mat, 2 mm between parts",
                "",
                false)));
        if (cutting.isRefused()) {
            materials.add(new CutView.Material(
                    "Too many at once",
                    List.of(),
                    "More than " + CutPlanner.MOST + " blanks are not planned. Make fewer cards at a time.",
                    "",
                    false));
        } else if (!cutting.mats().unplaced().isEmpty()) {
            Demand left = cutting.mats().unplaced().get(0);
            materials.add(new CutView.Material(
                    left.part().material().name() + ", electronic cutter",
                    List.of(),
                    left.part().name() + " is larger than the mat or every sheet. Cut it with the knife.",
                    "",
                    false));
        }
    }

    private static String drawn(Scene scene, Sheet sheet, Units units) {
        int width = (int) (sheet.width().nanometres() / 1e6 * SCALE) + 16;
        int height = (int) (sheet.height().nanometres() / 1e6 * SCALE) + 16;
        return SvgWriter.write(scene.plain(), Look.still(width, height, units));
    }

    private static CutView.Sum sum(StoredCard card, CutPlan cutting, CutView.Program program) {
        int cards = card.spec().brief().cards();
        int sheets = cutting.sheets();
        return new CutView.Sum(
                cards == 1 ? "one card" : cards + " cards",
                sheets + (sheets == 1 ? " sheet" : " sheets"),
                100 - cutting.percentUsed() + " % left over",
                money(cutting.cost()),
                program.strokes() + " strokes at " + program.settings().size() + " settings");
    }

    static String money(long hundredths) {
        return hundredths == 0 ? "" : String.format(Locale.ROOT, "%d.%02d", hundredths / 100, hundredths % 100);
    }

    private static CutView.Seek seek(CutPlan cutting, Asked look) {
        List<MaterialPlan> open = cutting.materials().stream()
                .filter(m -> !m.provedLeast() && !m.sheets().isEmpty())
                .toList();
        boolean proved = open.isEmpty();
        boolean whole = proved && cutting.everythingPlaced();
        boolean on = look.seeking() && !proved;
        String words = proved
                ? cutting.everythingPlaced()
                        ? "Proved: nothing takes fewer sheets."
                        : "Not everything can be cut from what there is; see below."
                : (on ? "Looking for fewer sheets" : "Looked for " + look.spent() / 1000.0 + " s") + "; open for "
                        + open.get(0).material().name()
                        + (open.size() > 1 ? " and " + (open.size() - 1) + " more" : "");
        return new CutView.Seek(proved, whole, on, look.spent(), words);
    }

    private static CutView.Material material(MaterialPlan plan, Units units, int first) {
        Map<List<Object>, CutView.Picture> pictures = new LinkedHashMap<>();
        int number = first;
        for (SheetPlan sheet : plan.sheets()) {
            List<Object> key = List.of(sheet.sheet().id(), sheet.root());
            CutView.Picture alike = pictures.get(key);
            pictures.put(key, alike == null ? picture(sheet, units, number) : again(alike));
            number++;
        }
        return new CutView.Material(
                plan.material().name(),
                List.copyOf(pictures.values()),
                proof(plan),
                plan.toBuy() > 0 ? plan.toBuy() + " to buy" : "",
                plan.toBuy() > 0);
    }

    private static CutView.Picture again(CutView.Picture p) {
        return new CutView.Picture(p.file(), p.number(), p.svg(), p.caption(), p.alike() + 1);
    }

    private static CutView.Picture picture(SheetPlan sheet, Units units, int number) {
        String caption = units.show(sheet.sheet().width()) + " × "
                + units.show(sheet.sheet().height()) + " " + units.sign()
                + switch (sheet.sheet().origin()) {
                    case OFFCUT -> ", offcut";
                    case MIDDLE -> ", a covered middle";
                    default -> "";
                };
        String svg = drawn(SheetView.of(sheet), sheet.sheet(), units);
        return new CutView.Picture("sheets/" + number, "" + number, svg, caption, 1);
    }

    private static String proof(MaterialPlan plan) {
        if (!plan.unplaced().isEmpty()) {
            return plan.sheets().isEmpty() && plan.proof().sheets() == 0
                    ? "No sheet of this in the drawer takes it."
                    : plan.unplaced().get(0).part().name() + " fits no sheet.";
        }
        int n = plan.taken();
        String sheets = n == 0 ? "offcuts alone" : n == 1 ? "1 sheet" : n + " sheets";
        String how =
                switch (plan.proof().how()) {
                    case AREA -> "the parts’ area alone takes as many";
                    case DUAL_FEASIBLE -> "large parts can’t share a sheet";
                    case COLUMNS -> "no way of filling sheets is worth more";
                    case EXHAUSTED -> "all ways of cutting were gone through";
                };
        return plan.provedLeast()
                ? sheets + (n == 0 ? "." : "; none can do with fewer: " + how + ".")
                : sheets + "; " + plan.proof().sheets() + " at least.";
    }

    private static CutView.RollLine roll(LinearPlan plan) {
        Function<Length, String> much = plan.material() instanceof Foam foam && foam.form() == Foam.Form.SQUARES
                ? length -> length.wholeTimes(Foam.SQUARE) + " squares"
                : CutDesk::metres;
        return new CutView.RollLine(
                plan.material().name(),
                much.apply(plan.needed()),
                plan.uses().stream()
                        .map(u -> much.apply(u.taken()) + " from the one with "
                                + much.apply(u.roll().left()) + ", leaves " + much.apply(u.left()))
                        .toList(),
                plan.enough() ? "" : much.apply(plan.missing()) + " missing");
    }

    private static CutView.Roller roller(DieRun run, Units units) {
        List<String> turns = run.turns().stream()
                .map(t -> String.join(
                                ", with ",
                                t.dies().stream().map(d -> laid(d, units)).toList())
                        + (t.passes() > 1 ? "; " + t.passes() + " passes" : ""))
                .toList();
        int passes = run.passes();
        return new CutView.Roller(
                run.letter(), run.part().name(), turns, passes == 1 ? "1 pass" : passes + " passes in all");
    }

    private static String laid(DieRun.Laid laid, Units units) {
        return laid.die()
                .map(d -> "die " + d.name())
                .orElseGet(() -> "a die of " + units.show(laid.form().width()) + " × "
                        + units.show(laid.form().height()) + " " + units.sign());
    }

    private static String metres(Length length) {
        return String.format(Locale.ROOT, "%.2f m", length.nanometres() / 1e9);
    }
}
