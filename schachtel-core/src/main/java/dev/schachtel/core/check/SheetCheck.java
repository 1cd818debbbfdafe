package dev.schachtel.core.check;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Sheet;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;

/** Every part can be cut from a sheet in the drawer, with its grain the right way if the sheet has one. */
final class SheetCheck implements Check {
    @Override
    public void look(Build build, Workshop workshop, Report report) {
        for (Part part : build.parts()) {
            if (!part.material().fromRoll()) {
                sheet(part, workshop.sheetsOf(part.material().id()), report);
            }
        }
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
