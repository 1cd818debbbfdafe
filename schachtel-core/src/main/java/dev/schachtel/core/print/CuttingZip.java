package dev.schachtel.core.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.cutting.CutPlan;
import dev.schachtel.core.cutting.MatPlan;
import dev.schachtel.core.cutting.SheetPlan;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Units;

/** Everything that cutting a card takes in one file: card file, lists, program, parts and sheets in all formats. */
public final class CuttingZip {
    /** Entries carry one date, so that the same plan gives the same file. */
    private static final LocalDateTime DATE = LocalDateTime.of(2026, 1, 1, 0, 0);

    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private final ZipOutputStream zip = new ZipOutputStream(bytes);

    private CuttingZip() {}

    public static byte[] write(Build build, CutPlan plan, Workshop workshop) {
        CuttingZip file = new CuttingZip();
        try {
            file.fill(build, plan, workshop);
            file.zip.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file.bytes.toByteArray();
    }

    private void fill(Build build, CutPlan plan, Workshop workshop) throws IOException {
        Units units = build.spec().units();
        put("card.json", CardFile.write(build.spec()));
        put("cut-list.csv", CutListCsv.write(plan, units));
        put("trimmer-program.pdf", ProgramPdf.write(build.spec().name(), plan, workshop, units));
        put("parts.pdf", SheetPdf.write(build));
        put("sheets.pdf", SheetPdf.sheets(build.spec().name(), plan, units));
        put("cut-list.pdf", ListPdf.cutList(build.spec().name(), plan, units));
        put("shopping-list.pdf", ListPdf.shopping(build.spec().name(), plan, units));
        Map<PartId, String> letters = build.letters();
        for (Part part : build.parts()) {
            drawing("parts/" + letters.get(part.id()), SheetView.of(part, build.folds()));
        }
        int number = 1;
        for (SheetPlan sheet : plan.numbered()) {
            drawing("sheets/sheet-" + number++, SheetView.of(sheet, build.folds()));
        }
        int mat = 1;
        for (MatPlan sheet : plan.mats().sheets()) {
            drawing("mats/mat-" + mat++, SheetView.of(sheet, build.folds()));
        }
    }

    private void drawing(String name, Scene scene) throws IOException {
        put(name + ".svg", SvgFile.write(scene));
        put(name + ".dxf", DxfFile.write(scene));
        put(name + ".plt", HpglFile.write(scene));
    }

    private void put(String name, String text) throws IOException {
        put(name, text.getBytes(StandardCharsets.UTF_8));
    }

    private void put(String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(DATE);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }
}
