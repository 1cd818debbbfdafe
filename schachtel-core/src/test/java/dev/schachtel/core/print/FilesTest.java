package dev.schachtel.core.print;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Severity;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.files.WorkshopFile;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.plan.Planner;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.Pin;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Files read by programs other than ours: librsvg for SVG, poppler for PDF, ezdxf for DXF. */
class FilesTest {
    private final Plan plan = TestCards.upperStation().plan();

    @TempDir
    private Path dir;

    private static String run(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String out = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(out).isZero();
        return out;
    }

    private Part panel() {
        return plan.build().partsOf(new Id("panel")).get(0);
    }

    @Test
    void aPartIsAsLargeAsItSays() throws Exception {
        Path svg = dir.resolve("panel.svg");
        Files.writeString(svg, SvgFile.write(SheetView.of(panel(), plan.build().folds())));
        assertThat(Files.readString(svg))
                .contains("width=\"82.55mm\"")
                .contains("height=\"209.55mm\"")
                .contains("A30.1625 30.1625");
        Path png = dir.resolve("panel.png");
        run("rsvg-convert", "-d", "254", "-p", "254", "-o", png.toString(), svg.toString());
        BufferedImage image = ImageIO.read(png.toFile());
        assertThat(image.getWidth()).isBetween(825, 826);
        assertThat(image.getHeight()).isBetween(2095, 2096);
        assertThat(darkSpan(image, (int) ((209.55 - 6.75 * 25.4 + 3.175) * 10))).isCloseTo(603, within(4));
    }

    /** Pixels between the two dark places of the window on one row, the panel's own edges left out. */
    private static int darkSpan(BufferedImage image, int row) {
        int first = -1;
        int last = -1;
        for (int x = 20; x < image.getWidth() - 20; x++) {
            int alpha = image.getRGB(x, row) >>> 24;
            if (alpha > 60) {
                first = first < 0 ? x : first;
                last = x;
            }
        }
        return last - first;
    }

    @Test
    void everySheetIsSoundSvg() throws Exception {
        int number = 0;
        for (var material : plan.cutting().materials()) {
            for (var sheet : material.sheets()) {
                Path svg = dir.resolve("sheet-" + number++ + ".svg");
                Files.writeString(svg, SvgFile.write(SheetView.of(sheet)));
                run("rsvg-convert", "-o", svg + ".png", svg.toString());
            }
        }
        assertThat(number).isEqualTo(plan.cutting().numbered().size());
    }

    @Test
    void theRulerInThePdfMeasuresAHundredMillimetres() throws Exception {
        Path pdf = dir.resolve("parts.pdf");
        Files.write(pdf, SheetPdf.write(plan.build()));
        String text = run("pdftotext", "-layout", pdf.toString(), "-");
        assertThat(text).contains("Print at 100 %").contains("100 mm").contains("Front panel, 3 1/4 x 8 1/4 in");
        List<Part> low = plan.build().parts().stream()
                .filter(p -> SheetView.of(p, plan.build().folds()).extent().height() <= 30)
                .toList();
        int pages = Integer.parseInt(run("pdfinfo", pdf.toString()).replaceAll("(?s).*Pages: +(\\d+).*", "$1"));
        assertThat(low).hasSizeGreaterThan(3);
        assertThat(pages)
                .isBetween(
                        plan.build().parts().size() - low.size() + 1,
                        plan.build().parts().size() - 2);
        for (Part part : plan.build().parts()) {
            assertThat(text.replaceAll("\\s+", " ")).contains(part.name() + ", ");
        }
        Path svg = dir.resolve("page.svg");
        run("pdftocairo", "-svg", "-f", "2", "-l", "2", pdf.toString(), svg.toString());
        double longest = 0;
        Matcher line = Pattern.compile("M ([\\d.]+) ([\\d.]+) L ([\\d.]+) ([\\d.]+) *(?=[\"M])")
                .matcher(Files.readString(svg));
        while (line.find()) {
            boolean level = line.group(2).equals(line.group(4));
            double width = Math.abs(Double.parseDouble(line.group(3)) - Double.parseDouble(line.group(1)));
            longest = level ? Math.max(longest, width) : longest;
        }
        assertThat(longest * 25.4 / 72).isCloseTo(100, within(0.05));
    }

    /** What is on paper is what is in the plan: every part with its letter and count, every sheet at its size. */
    @Test
    void theListsOnPaperHoldTheWholePlan() throws Exception {
        Path pdf = dir.resolve("list.pdf");
        Files.write(pdf, ListPdf.cutList("Station", plan.cutting(), Units.INCH));
        String text = run("pdftotext", "-layout", pdf.toString(), "-").replaceAll("\\s+", " ");
        plan.cutting().demands().forEach(d -> assertThat(text)
                .contains(d.letter() + " " + d.part().name() + ": " + d.count() + " of "));
        Files.write(pdf, ListPdf.shopping("Station", plan.cutting(), Units.INCH));
        assertThat(run("pdftotext", "-layout", pdf.toString(), "-")).contains("Nothing: the drawer holds all");
        var bare = TestCards.WORKSHOP.with(List.of(), List.of(), TestCards.WORKSHOP.tools());
        var without = dev.schachtel.core.plan.Planner.withoutRemedies(
                TestCards.upperStation().spec(), bare);
        Files.write(pdf, ListPdf.shopping("Station", without.cutting(), Units.INCH));
        assertThat(run("pdftotext", "-layout", pdf.toString(), "-"))
                .contains("no sheet of it in the drawer")
                .contains(" m missing");
        Files.write(pdf, SheetPdf.sheets("Station", plan.cutting(), Units.INCH));
        assertThat(run("pdftotext", "-layout", pdf.toString(), "-"))
                .contains("Sheet 1", "Sheet " + plan.cutting().numbered().size(), "neighbours overlap by 10 mm");
    }

    /** Names come from telephones, with their own quotes, and from all over Europe; a foreign reader gets them back. */
    @Test
    void everyPdfHasItsLettersWithIt() throws Exception {
        String name = "O’Łukasz „Δελτίο“ Щука – née čšž ß";
        var card = TestCards.upperStation().set("card", "name", name).build();
        List<byte[]> documents = List.of(
                SheetPdf.write(card),
                ProgramPdf.write(name, plan.cutting(), plan.workshop(), Units.MM),
                ListPdf.cutList(name, plan.cutting(), Units.MM),
                ListPdf.shopping(name, plan.cutting(), Units.INCH),
                SheetPdf.sheets(name, plan.cutting(), Units.MM),
                BookletPdf.write(name, name, List.of(), Units.MM));
        for (byte[] document : documents) {
            Path pdf = dir.resolve("names.pdf");
            Files.write(pdf, document);
            assertThat(run("pdfinfo", pdf.toString())).contains("O’Łukasz „Δελτίο“ Щука");
            List<String> fonts = run("pdffonts", pdf.toString()).lines().skip(2).toList();
            assertThat(fonts).isNotEmpty().allMatch(f -> f.matches(".*Identity-H +yes +yes +yes.*"));
        }
        Path pdf = dir.resolve("booklet.pdf");
        Files.write(pdf, documents.get(documents.size() - 1));
        assertThat(run("pdftotext", "-layout", pdf.toString(), "-")).contains(name);
        Files.write(pdf, BookletPdf.write("tab\tand 漢", "line\nbreak", List.of(), Units.MM));
        assertThat(run("pdftotext", "-layout", pdf.toString(), "-"))
                .contains("tab and ?")
                .contains("line break");
    }

    /** Debian's own Python, which has the reader. */
    @Test
    void anotherReaderMeasuresTheDxf() throws Exception {
        Path dxf = dir.resolve("panel.dxf");
        Files.writeString(dxf, DxfFile.write(SheetView.of(panel(), plan.build().folds())));
        String said = run(
                "/usr/bin/python3",
                "-c",
                """
                import sys, ezdxf
                from ezdxf import path, bbox
                doc = ezdxf.readfile(sys.argv[1])
                print('faults', len(doc.audit().errors), doc.dxfversion)
                for e in doc.modelspace():
                    lines = list(path.make_path(e).flattening(0.001))
                    xs = [p.x for p in lines]
                    ys = [p.y for p in lines]
                    print(e.dxf.layer, '%.3f %.3f' % (max(xs) - min(xs), max(ys) - min(ys)))
                """,
                dxf.toString());
        assertThat(said.lines())
                .startsWith("faults 0 AC1009", "CUT 60.325 60.325")
                .endsWith("CUT 82.550 209.550");
    }

    /** Every fold of every part lies on its sheet where the part does, square and inside; every letter is there to be read. */
    @Test
    void sheetsHaveTheFoldsAndLettersOfTheirParts() throws Exception {
        int folds = 0;
        for (String file : TestCards.files()) {
            var card = dev.schachtel.core.plan.Planner.withoutRemedies(
                    TestCards.of(file).spec(), TestCards.WORKSHOP);
            var all = card.build().folds();
            for (var sheet : card.cutting().numbered()) {
                var scene = SheetView.of(sheet, all);
                List<Mark.Line> lines = scene.marks().stream()
                        .filter(Mark.Line.class::isInstance)
                        .map(Mark.Line.class::cast)
                        .toList();
                long due = sheet.laid().stream()
                        .flatMap(l -> all.stream().filter(f -> f.part()
                                .equals(l.blank().demand().part().id())))
                        .count();
                assertThat(lines).as(file).hasSize((int) due);
                folds += lines.size();
                for (Mark.Line line : lines) {
                    var a = line.points().get(0);
                    var b = line.points().get(1);
                    assertThat(sheet.laid()).as(file).anyMatch(l -> List.of(a, b).stream()
                            .allMatch(p -> holds(l, p)));
                }
            }
        }
        assertThat(folds).isGreaterThan(20);
        var sheet = plan.cutting().numbered().get(0);
        var scene = SheetView.of(sheet, plan.build().folds());
        Path dxf = dir.resolve("sheet.dxf");
        Files.writeString(dxf, DxfFile.write(scene));
        String said = run(
                "/usr/bin/python3",
                "-c",
                "import sys, ezdxf; doc = ezdxf.readfile(sys.argv[1]); print('faults', len(doc.audit().errors));"
                        + " [print(e.dxf.text) for e in doc.modelspace() if e.dxftype() == 'TEXT']",
                dxf.toString());
        assertThat(said).contains("faults 0");
        for (var laid : sheet.laid()) {
            String words = laid.blank().demand().letter() + " "
                    + laid.blank().demand().part().id();
            assertThat(said).contains(words);
            assertThat(SvgFile.write(scene)).contains(">" + words + "</text>");
            assertThat(HpglFile.write(scene)).contains("LB" + words + "\u0003;");
        }
    }

    private static boolean holds(dev.schachtel.core.cutting.Laid laid, dev.schachtel.core.shape.Point p) {
        double x = laid.x().nanometres() / 1e6;
        double y = laid.y().nanometres() / 1e6;
        return p.x() > x - 0.01
                && p.x() < x + laid.width().nanometres() / 1e6 + 0.01
                && p.y() > y - 0.01
                && p.y() < y + laid.height().nanometres() / 1e6 + 0.01;
    }

    /** Counted and measured by another reader, for every part of the card. */
    @Test
    void circlesAreCirclesAndNoLineHasNoLength() throws Exception {
        for (var part : plan.build().parts()) {
            Path dxf = dir.resolve("part.dxf");
            Files.writeString(dxf, DxfFile.write(SheetView.of(part, plan.build().folds())));
            String said = run(
                    "/usr/bin/python3",
                    "-c",
                    """
                    import sys, ezdxf
                    doc = ezdxf.readfile(sys.argv[1])
                    print('faults', len(doc.audit().errors))
                    for e in doc.modelspace():
                        if e.dxftype() == 'CIRCLE':
                            print('circle %.3f' % (2 * e.dxf.radius))
                        else:
                            at = [v.dxf.location for v in e.vertices]
                            print('shortest', min((a.distance(b) for a, b in zip(at, at[1:])), default=1) > 0.00005)
                    """,
                    dxf.toString());
            long circles = part.cutouts().stream()
                            .filter(c -> c.onFace().outer().circle().isPresent())
                            .count()
                    + part.outline().outer().circle().stream().count();
            assertThat(said.lines().filter(l -> l.startsWith("circle")))
                    .as(part.name())
                    .hasSize((int) circles);
            assertThat(said).as(part.name()).contains("faults 0").doesNotContain("False");
        }
        assertThat(panel().cutouts().stream()
                        .filter(c -> c.onFace().outer().circle().isPresent()))
                .hasSize(1);
    }

    @Test
    void theCutListReadsBack() {
        String csv = CutListCsv.write(plan.cutting(), Units.INCH);
        List<String> lines = csv.lines().toList();
        assertThat(lines.get(0)).startsWith("letter,part,shape,width in,height in,width mm");
        assertThat(lines).hasSize(1 + plan.build().parts().size());
        assertThat(lines.get(2))
                .isEqualTo("B,Front panel,rectangle,3.2500,8.2500,82.55,209.55,3 1/4 in,8 1/4 in,"
                        + "cream card 300 g,12,1,trimmer,up");
        Plan formula = Planner.plan(
                TestCards.upperStation().spec(),
                WorkshopFile.read(WorkshopFile.write(TestCards.WORKSHOP).replace("cream card 300 g", "=1+1")));
        assertThat(CutListCsv.write(formula.cutting(), Units.MM)).contains("'=1+1");
    }

    /** What a spreadsheet would take for a date or a formula is in no cell; every number says its unit once. */
    @Test
    void aSpreadsheetTakesTheCutListAsItIs() {
        for (Units units : Units.values()) {
            List<String[]> rows = CutListCsv.write(plan.cutting(), units)
                    .lines()
                    .map(l -> l.split(",", -1))
                    .toList();
            assertThat(rows.get(0)).doesNotHaveDuplicates();
            for (String[] row : rows.subList(1, rows.size())) {
                assertThat(row).noneMatch(cell -> cell.matches("[-+=@].*|\\d+/\\d+|\\d+ \\d+/\\d+"));
                assertThat(Double.parseDouble(row[3]) * 25.4).isCloseTo(Double.parseDouble(row[5]), within(0.002));
                assertThat(Double.parseDouble(row[4]) * 25.4).isCloseTo(Double.parseDouble(row[6]), within(0.002));
                assertThat(row[7]).endsWith(" " + units.sign());
            }
        }
    }

    @Test
    void drawingsCarryNoStylesScriptsOrUnescapedWords() {
        Plan hostile = TestCards.upperStation()
                .set("sentiment", "text", "<script>\"&'</script>")
                .plan();
        for (Views view : Views.values()) {
            Look look = Look.chosen(656, 526, Units.INCH, new Id("shaker"), "/x?select=")
                    .pinned(List.of(new Pin("k", Severity.MEND, new Id("shaker"), new Point(1, 2), "<b>")));
            String svg = SvgWriter.write(view.of(hostile.build(), new Id("shaker")), look);
            assertThat(svg)
                    .doesNotContain("<script")
                    .doesNotContain("style=")
                    .doesNotContain("<b>")
                    .startsWith("<svg");
            assertThat(svg).doesNotContain("NaN").doesNotContain("Infinity");
        }
        String front = SvgWriter.write(
                Views.FRONT.of(plan.build(), new Id("window")),
                Look.chosen(656, 526, Units.INCH, new Id("window"), "/x?select="));
        assertThat(front).contains("l-hidden").contains("l-mount").contains("data-select=\"shaker\"");
    }

    /** The printed program names every setting and ticks every stroke; a base larger than a page is tiled. */
    @Test
    void theProgramPrintsAndLargePartsAreTiled() throws Exception {
        Path pdf = dir.resolve("program.pdf");
        Files.write(
                pdf,
                ProgramPdf.write(
                        "Upper Station",
                        plan.cutting(),
                        plan.workshop(),
                        plan.spec().units()));
        String text = run("pdftotext", "-layout", pdf.toString(), "-");
        int strokes = 0;
        int settings = 0;
        int first = 1;
        for (var material : plan.cutting().materials()) {
            var program = dev.schachtel.core.cutting.TrimmerProgram.of(material.sheets(), first);
            first += material.sheets().size();
            strokes += program.strokes();
            settings += program.settings().size();
        }
        assertThat(text.split("\\[ \\]", -1)).hasSize(strokes + 1);
        assertThat(text.split("Stop at ", -1)).hasSize(settings + 1);
        Path tiled = dir.resolve("tiled.pdf");
        var wide = TestCards.upperStation()
                .set("base", "width", "200 mm")
                .set("card", "units", "mm")
                .build();
        Files.write(tiled, SheetPdf.write(wide));
        String words = run("pdftotext", "-layout", tiled.toString(), "-");
        assertThat(words).contains("Page 1 of 2 across").contains("Page 2 of 2 across");
        assertThat(run("pdfinfo", tiled.toString())).contains("A4");
    }
}
