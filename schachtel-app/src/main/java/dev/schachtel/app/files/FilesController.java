package dev.schachtel.app.files;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

import dev.schachtel.app.frame.Download;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.store.CardService;
import dev.schachtel.core.cutting.MatPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.design.UseUp;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.CardSchema;
import dev.schachtel.core.files.PlanSchema;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.print.CutListCsv;
import dev.schachtel.core.print.CuttingZip;
import dev.schachtel.core.print.DxfFile;
import dev.schachtel.core.print.HpglFile;
import dev.schachtel.core.print.ListPdf;
import dev.schachtel.core.print.ProgramPdf;
import dev.schachtel.core.print.SheetPdf;
import dev.schachtel.core.print.SvgFile;

/** Files to take away: card file, cut list, parts and sheets in real millimetres. */
@RestController
public class FilesController {
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");
    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private final CardService cards;
    private final Plans plans;

    FilesController(CardService cards, Plans plans) {
        this.cards = cards;
        this.plans = plans;
    }

    @GetMapping(value = "/schema/card.json")
    ResponseEntity<String> schema() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(CardSchema.write());
    }

    @GetMapping(value = "/schema/plan.json")
    ResponseEntity<String> planSchema() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(PlanSchema.write());
    }

    @GetMapping("/cards/{id}/card.json")
    ResponseEntity<byte[]> card(@PathVariable long id) {
        Plan plan = plan(id);
        return file(plan, "", "json", MediaType.APPLICATION_JSON, CardFile.write(plan.spec()));
    }

    @GetMapping("/cards/{id}/cut-list.csv")
    ResponseEntity<byte[]> cutList(@PathVariable long id) {
        Plan plan = plan(id);
        return file(
                plan,
                " cut list",
                "csv",
                CSV,
                CutListCsv.write(plan.cutting(), plan.spec().units()));
    }

    @GetMapping("/cards/{id}/parts.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long id) {
        Plan plan = plan(id);
        return answer(plan, " parts", "pdf", MediaType.APPLICATION_PDF, SheetPdf.write(plan.build()));
    }

    @GetMapping("/cards/{id}/program.pdf")
    ResponseEntity<byte[]> program(@PathVariable long id) {
        Plan plan = plan(id);
        return answer(
                plan,
                " trimmer program",
                "pdf",
                MediaType.APPLICATION_PDF,
                ProgramPdf.write(
                        plan.spec().name(),
                        plan.cutting(),
                        plan.workshop(),
                        plan.spec().units()));
    }

    @GetMapping("/cards/{id}/sheets.pdf")
    ResponseEntity<byte[]> sheets(@PathVariable long id) {
        Plan plan = plan(id);
        return answer(
                plan,
                " sheets",
                "pdf",
                MediaType.APPLICATION_PDF,
                SheetPdf.sheets(plan.spec().name(), plan.cutting(), plan.spec().units()));
    }

    @GetMapping("/cards/{id}/cut-list.pdf")
    ResponseEntity<byte[]> cutListOnPaper(@PathVariable long id) {
        Plan plan = plan(id);
        return answer(
                plan,
                " cut list",
                "pdf",
                MediaType.APPLICATION_PDF,
                ListPdf.cutList(plan.spec().name(), plan.cutting(), plan.spec().units()));
    }

    @GetMapping("/cards/{id}/shopping.pdf")
    ResponseEntity<byte[]> shopping(@PathVariable long id) {
        Plan plan = plan(id);
        return answer(
                plan,
                " shopping list",
                "pdf",
                MediaType.APPLICATION_PDF,
                ListPdf.shopping(
                        plan.spec().name(),
                        plan.cutting(),
                        plan.spec().units(),
                        UseUp.shopping(UseUp.of(plan.build(), plan.workshop()))));
    }

    /** All of it at once. */
    @GetMapping("/cards/{id}/cutting.zip")
    ResponseEntity<byte[]> zip(@PathVariable long id) {
        Plan plan = plan(id);
        return answer(plan, " cutting", "zip", ZIP, CuttingZip.write(plan.build(), plan.cutting(), plan.workshop()));
    }

    @GetMapping("/cards/{id}/parts/{letter}.{format:svg|dxf|plt}")
    ResponseEntity<byte[]> part(@PathVariable long id, @PathVariable String letter, @PathVariable String format) {
        Plan plan = plan(id);
        Map<?, String> letters = plan.build().letters();
        return plan.build().parts().stream()
                .filter(p -> letter.equals(letters.get(p.id())))
                .findFirst()
                .map(p -> drawing(
                        plan,
                        " part " + letter,
                        format,
                        SheetView.of(p, plan.build().folds())))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @GetMapping("/cards/{id}/sheets/{number}.{format:svg|dxf|plt}")
    ResponseEntity<byte[]> sheet(@PathVariable long id, @PathVariable int number, @PathVariable String format) {
        Plan plan = plan(id);
        List<SheetPlan> sheets = plan.cutting().numbered();
        return number >= 1 && number <= sheets.size()
                ? drawing(
                        plan,
                        " sheet " + number,
                        format,
                        SheetView.of(sheets.get(number - 1), plan.build().folds()))
                : ResponseEntity.notFound().build();
    }

    @GetMapping("/cards/{id}/mats/{number}.{format:svg|dxf|plt}")
    ResponseEntity<byte[]> mat(@PathVariable long id, @PathVariable int number, @PathVariable String format) {
        Plan plan = plan(id);
        List<MatPlan> mats = plan.cutting().mats().sheets();
        return number >= 1 && number <= mats.size()
                ? drawing(
                        plan,
                        " mat " + number,
                        format,
                        SheetView.of(mats.get(number - 1), plan.build().folds()))
                : ResponseEntity.notFound().build();
    }

    private Plan plan(long id) {
        return plans.of(cards.load(id).spec());
    }

    private static ResponseEntity<byte[]> drawing(Plan plan, String what, String format, Scene scene) {
        return switch (format) {
            case "dxf" -> file(plan, what, format, MediaType.parseMediaType("image/vnd.dxf"), DxfFile.write(scene));
            case "plt" -> file(plan, what, format, MediaType.TEXT_PLAIN, HpglFile.write(scene));
            default -> file(plan, what, format, SVG, SvgFile.write(scene));
        };
    }

    private static ResponseEntity<byte[]> file(Plan plan, String what, String ending, MediaType type, String text) {
        return answer(plan, what, ending, type, text.getBytes(StandardCharsets.UTF_8));
    }

    private static ResponseEntity<byte[]> answer(
            Plan plan, String what, String ending, MediaType type, byte[] content) {
        return Download.of(plan.spec().name() + what + "." + ending, type, content);
    }
}
