package dev.schachtel.core.scene;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The sheet as another reader measures it. */
class PlacementSheetTest {
    @TempDir
    Path dir;

    /** Every number stands on its piece: distances between numbers on paper are those between places on the card. */
    @ParameterizedTest
    @CsvSource({"upper-station.json,panel,false", "turntable.json,panel,true", "ticket.json,inlay,false"})
    void numbersStandWherePiecesLie(String file, String on, boolean mirrored) throws Exception {
        var build = Engineering.engineer(TestCards.whole(file).spec(), TestCards.WORKSHOP);
        Scenery scenery = Scenery.of(build, TestCards.WORKSHOP, new Id(on)).orElseThrow();
        assertThat(scenery.pieces()).hasSizeGreaterThan(7);
        Path pdf = dir.resolve("sheet.pdf");
        Files.write(pdf, PlacementSheet.pdf("Layout", Units.MM, scenery, mirrored));
        List<Point> numbers = numbers(pdf, scenery.pieces().size());
        for (int i = 1; i < numbers.size(); i++) {
            Point first = PlacementSheet.middle(scenery.pieces().get(0).outline());
            Point one = PlacementSheet.middle(scenery.pieces().get(i).outline());
            double dx = (one.x() - first.x()) * (mirrored ? -1 : 1);
            assertThat(numbers.get(i).x() - numbers.get(0).x()).isEqualTo(dx, within(1.2));
            assertThat(numbers.get(i).y() - numbers.get(0).y()).isEqualTo(one.y() - first.y(), within(0.3));
        }
        Process shown = new ProcessBuilder("pdftotext", pdf.toString(), "-").start();
        assertThat(new String(shown.getInputStream().readAllBytes())).contains("Print at 100 %");
    }

    /** The middles of the words 1 to n on the first page, in mm from its lower left corner. */
    private static List<Point> numbers(Path pdf, int n) throws IOException, InterruptedException {
        Process boxes = new ProcessBuilder("pdftotext", "-bbox", pdf.toString(), "-").start();
        String all = new String(boxes.getInputStream().readAllBytes());
        assertThat(boxes.waitFor()).isZero();
        List<Point> found = new ArrayList<>();
        for (int i = 1; i <= n; i++) {
            Matcher word = Pattern.compile(
                            "xMin=\"([0-9.]+)\" yMin=\"([0-9.]+)\" xMax=\"([0-9.]+)\" yMax=\"([0-9.]+)\">" + i
                                    + "</word>")
                    .matcher(all);
            assertThat(word.find()).as("number " + i).isTrue();
            double x = (Double.parseDouble(word.group(1)) + Double.parseDouble(word.group(3))) / 2;
            double y = (Double.parseDouble(word.group(2)) + Double.parseDouble(word.group(4))) / 2;
            found.add(new Point(x * 25.4 / 72, -y * 25.4 / 72));
        }
        return found;
    }
}
