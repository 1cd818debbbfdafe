package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Cutout;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Tools;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/**
 * Every part can be cut from a sheet in the drawer, with its grain the right way if the sheet has one; what is die cut goes
 * through the roller machine, in two passes where it is longer than the plates.
 */
final class SheetCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Part part : build.parts()) {
            plate(part, workshop.tools(), report);
            if (!part.material().fromRoll()
                    && part.material().isStock()
                    && !part.material().isCounted()) {
                sheet(part, workshop.sheetsOf(part.material().id()), report);
            }
        }
    }

    /** Of the part itself and its openings that are die cut, the one that is too wide, else the longest. */
    private static void plate(Part part, Tools tools, Report report) {
        Stream<Form> own = part.method() == CutMethod.DIE ? Stream.of(part.form()) : Stream.empty();
        Stream<Form> openings =
                part.cutouts().stream().filter(c -> c.method() == CutMethod.DIE).map(Cutout::form);
        if (tools.plateWidth().isZero() || tools.plateLength().isZero()) {
            return;
        }
        Comparator<Form> worst = Comparator.comparing((Form f) -> Length.max(f.shorter(), tools.plateWidth()))
                .thenComparing(Form::longer);
        Stream.concat(own, openings).max(worst).ifPresent(form -> {
            Report.Draft draft = report.on(RuleId.PLATE, part.owner())
                    .parts(part.id())
                    .names(part.name())
                    .measured(
                            Amount.of(form.shorter(), form.longer()),
                            Amount.of(tools.plateWidth(), tools.plateLength()));
            if (form.shorter().isAbove(tools.plateWidth())) {
                draft.mend();
            } else if (tools.passes(form.longer()) > 1) {
                draft.names(Integer.toString(tools.passes(form.longer()))).watch();
            }
        });
    }

    private static void sheet(Part part, List<Sheet> sheets, Report report) {
        if (sheets.isEmpty()) {
            report.on(RuleId.SHEET_STOCK, part.owner())
                    .parts(part.id())
                    .names(part.name(), part.material().name())
                    .watch();
            return;
        }
        if (sheets.stream().anyMatch(s -> fits(part, s, true))) {
            return;
        }
        Optional<Sheet> acrossGrain =
                sheets.stream().filter(s -> fits(part, s, false)).findFirst();
        Sheet largest = sheets.stream()
                .max(Comparator.comparing((Sheet s) -> Length.min(s.width(), s.height()))
                        .thenComparing(Sheet::height))
                .orElseThrow();
        if (acrossGrain.isPresent()) {
            report.on(RuleId.GRAIN, part.owner())
                    .parts(part.id())
                    .names(part.name(), part.material().name())
                    .watch();
        } else {
            report.on(RuleId.SHEET_SIZE, part.owner())
                    .parts(part.id())
                    .names(part.name(), part.material().name())
                    .measured(
                            Amount.of(part.form().width(), part.form().height()),
                            Amount.of(largest.width(), largest.height()))
                    .mend();
        }
    }

    private static boolean fits(Part part, Sheet sheet, boolean heedGrain) {
        Length w = part.form().width();
        Length h = part.form().height();
        boolean straight = !w.isAbove(sheet.width()) && !h.isAbove(sheet.height());
        boolean turned = !h.isAbove(sheet.width()) && !w.isAbove(sheet.height());
        if (!heedGrain || part.grain() == Grain.NONE || sheet.grain() == Grain.NONE) {
            return straight || turned;
        }
        return part.grain() == sheet.grain() ? straight : turned;
    }
}
