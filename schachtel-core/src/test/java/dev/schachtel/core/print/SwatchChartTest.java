package dev.schachtel.core.print;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.colour.Chart;
import dev.schachtel.core.colour.ChartReader;
import dev.schachtel.core.colour.Raster;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;

import static org.assertj.core.api.Assertions.assertThat;

/** A chart as printed is coloured, laid on a scanner crookedly, and read back: the real PDF page, drawn by its library. */
class SwatchChartTest {
    private static final float DPI = 110;
    private static final double MM = DPI / 25.4;

    /** The page with its fields coloured. */
    private static BufferedImage coloured(List<Colour> colours) {
        byte[] pdf = SwatchChart.pdf(TestCards.WORKSHOP.shades().subList(0, Chart.FIELDS), Units.MM);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, DPI);
            Graphics2D pen = page.createGraphics();
            double left = (page.getWidth() / MM - Chart.WIDE) / 2;
            double foot = (page.getHeight() / MM - Chart.HIGH) / 2;
            for (int i = 0; i < colours.size(); i++) {
                Box field = Chart.field(i);
                pen.setColor(new Color(colours.get(i).rgb()));
                pen.fillRect(
                        (int) ((left + field.left()) * MM),
                        (int) (page.getHeight() - (foot + field.top()) * MM),
                        (int) (field.width() * MM),
                        (int) (field.height() * MM));
            }
            pen.dispose();
            return page;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private record Scan(double degrees, int quarters, double[] gain, double[] lift, double noise) {
        static Scan of(Random random) {
            double[] gain = {
                0.8 + 0.2 * random.nextDouble(), 0.8 + 0.2 * random.nextDouble(), 0.8 + 0.2 * random.nextDouble()
            };
            double[] lift = {14 * random.nextDouble(), 14 * random.nextDouble(), 14 * random.nextDouble()};
            return new Scan(5 * random.nextDouble() - 2.5, random.nextInt(4), gain, lift, 2 + 4 * random.nextDouble());
        }

        Raster of(BufferedImage page, Random random) {
            boolean lies = quarters % 2 == 1;
            int w = (lies ? page.getHeight() : page.getWidth()) + 60;
            int h = (lies ? page.getWidth() : page.getHeight()) + 60;
            BufferedImage out = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = out.createGraphics();
            pen.setColor(new Color(0xf2f2f0));
            pen.fillRect(0, 0, w, h);
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            AffineTransform how = AffineTransform.getTranslateInstance(w / 2.0, h / 2.0);
            how.rotate(Math.toRadians(degrees + 90 * quarters));
            how.translate(-page.getWidth() / 2.0, -page.getHeight() / 2.0);
            pen.drawImage(page, how, null);
            pen.dispose();
            int[] points = new int[w * h];
            for (int i = 0; i < points.length; i++) {
                int rgb = out.getRGB(i % w, i / w);
                int seen = 0;
                for (int c = 0; c < 3; c++) {
                    double value = (rgb >> (16 - 8 * c) & 255) * gain[c] * (255 - lift[c]) / 255 + lift[c];
                    value += noise * random.nextGaussian();
                    seen = seen << 8 | (int) Math.max(0, Math.min(255, Math.round(value)));
                }
                points[i] = seen;
            }
            return new Raster(w, h, points);
        }
    }

    private static List<Colour> any(Random random) {
        List<Colour> all = new ArrayList<>();
        for (int i = 0; i < Chart.FIELDS; i++) {
            all.add(new Colour(random.nextInt(0x1000000)));
        }
        return all;
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 20);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void isReadBackWithinTwo(long seed) {
        Random random = new Random(seed);
        List<Colour> colours = any(random);
        Scan scan = Scan.of(random);
        ChartReader.Answer answer = ChartReader.read(scan.of(coloured(colours), random));
        assertThat(answer.troubles()).isEmpty();
        assertThat(answer.quarters()).as("turned").isEqualTo(scan.quarters);
        for (int i = 0; i < colours.size(); i++) {
            assertThat(answer.colours().get(i).lab().differenceTo(colours.get(i).lab()))
                    .as(
                            "field %d, %s read as %s",
                            i, colours.get(i).hex(), answer.colours().get(i).hex())
                    .isLessThan(2);
        }
    }

    /** A strip is missing: said, not guessed. Nor is a blank sheet, a single point, or a page without greys read. */
    @Test
    void whatCannotBeReadIsSaid() {
        Random random = new Random(1);
        BufferedImage page = coloured(any(random));
        Scan plain = new Scan(0, 0, new double[] {1, 1, 1}, new double[3], 0);
        BufferedImage cut = page.getSubimage(0, 0, page.getWidth() - 140, page.getHeight());
        assertThat(ChartReader.read(plain.of(cut, random)).troubles()).containsExactly(ChartReader.Trouble.CUT_OFF);
        assertThat(ChartReader.read(new Raster(1, 1, new int[1])).troubles())
                .containsExactly(ChartReader.Trouble.CUT_OFF);
        int[] white = new int[200 * 300];
        java.util.Arrays.fill(white, 0xffffff);
        assertThat(ChartReader.read(new Raster(200, 300, white)).troubles())
                .containsExactly(ChartReader.Trouble.CUT_OFF);
        Graphics2D pen = page.createGraphics();
        pen.setColor(Color.GRAY);
        double foot = (page.getHeight() / MM - Chart.HIGH) / 2;
        double left = (page.getWidth() / MM - Chart.WIDE) / 2;
        Box greys = Chart.greyPatch(0).union(Chart.greyPatch(Chart.greys() - 1));
        pen.fillRect(
                (int) ((left + greys.left()) * MM),
                (int) (page.getHeight() - (foot + greys.top()) * MM),
                (int) (greys.width() * MM),
                (int) (greys.height() * MM));
        pen.dispose();
        assertThat(ChartReader.read(plain.of(page, random)).troubles()).containsExactly(ChartReader.Trouble.NO_GREYS);
    }

    /** All fields lie within the chart, apart from each other and from the corners. */
    @Test
    void nothingOverlaps() {
        List<Box> all = new ArrayList<>();
        for (int i = 0; i < Chart.FIELDS; i++) {
            all.add(Chart.field(i));
        }
        for (int i = 0; i < Chart.greys(); i++) {
            all.add(Chart.greyPatch(i));
        }
        double half = Chart.CORNER / 2;
        Chart.corners().forEach(c -> all.add(new Box(c.x() - half, c.y() - half, c.x() + half, c.y() + half)));
        Box chart = new Box(0, 0, Chart.WIDE, Chart.HIGH);
        for (int i = 0; i < all.size(); i++) {
            assertThat(chart.grown(0.001).holds(all.get(i)))
                    .as("%s", all.get(i))
                    .isTrue();
            for (int k = 0; k < i; k++) {
                assertThat(all.get(i).touches(all.get(k))).as("%d and %d", i, k).isFalse();
            }
        }
        assertThat(SwatchChart.pages(Chart.FIELDS)).isEqualTo(1);
        assertThat(SwatchChart.pages(Chart.FIELDS + 1)).isEqualTo(2);
    }
}
