package dev.schachtel.core.outlines;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.drawing.SheetView;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.print.DxfFile;
import dev.schachtel.core.print.HpglFile;
import dev.schachtel.core.print.SvgFile;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.OutlineText;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

class OutlineFileTest {
    private static OutlineFile.Read read(String text) {
        return OutlineFile.read(text.getBytes(StandardCharsets.UTF_8));
    }

    private static double mm(dev.schachtel.core.measure.Length length) {
        return length.nanometres() / 1e6;
    }

    static Stream<Arguments> parts() {
        return TestCards.files().stream()
                .flatMap(f -> TestCards.of(f).build().parts().stream().map(p -> arguments(f, p.id().toString(), p)));
    }

    /** What is written as SVG and DXF reads back within 0.01 mm: size, and area by as much along the whole edge. */
    @ParameterizedTest(name = "{1} of {0}")
    @MethodSource("parts")
    void whatIsWrittenReadsBack(String file, String id, Part part) {
        var scene = SheetView.of(part, List.of());
        Outline own = part.outline().filled();
        double edge = 2 * (own.bounds().width() + own.bounds().height());
        for (String text : List.of(SvgFile.write(scene), DxfFile.write(scene))) {
            OutlineFile.Read read = read(text);
            assertThat(mm(read.width())).isCloseTo(own.bounds().width(), within(0.01));
            assertThat(mm(read.height())).isCloseTo(own.bounds().height(), within(0.01));
            OutlineText.Answer.Read back = (OutlineText.Answer.Read) OutlineText.read(read.path());
            assertThat(back.outline().area().squareMillimetres())
                    .isCloseTo(own.area().squareMillimetres(), within(0.01 * edge));
        }
    }

    /** Each as wide and high as it says, in millimetres. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "<svg width='50mm' height='20mm' viewBox='0 0 100 40'><rect width='60' height='30'/></svg>; 30; 15",
                "<svg width='2in' height='1in' viewBox='0 0 2 1'><circle cx='1' cy='.5' r='.5'/></svg>; 25.4; 25.4",
                "<svg><ellipse cx='0' cy='0' rx='96' ry='48'/></svg>; 50.8; 25.4",
                "<svg viewBox='0 0 96 96'><path transform='scale(2)' d='M0 0H48V24H0z'/></svg>; 25.4; 12.7",
                "<svg width='100mm' viewBox='0 0 100 100'><g transform='translate(5 5) rotate(90)'><rect width='40' height='10'/></g></svg>; 10; 40",
                "<svg width='100mm' viewBox='0 0 100 100'><polygon points='0,0 30,0 30,20'/><rect width='5' height='5'/></svg>; 30; 20",
                "<svg width='100mm' viewBox='0 0 100 100'><path d='M0 0h9v9h-9z m20 20 h30 v40 h-30 z'/></svg>; 30; 40",
                "<svg width='100mm' viewBox='0 0 100 100'><defs><rect width='90' height='90'/></defs><rect width='20' height='8' rx='3'/></svg>; 20; 8",
                "<svg width='100mm' viewBox='0 0 100 100'><path d='M10 10A20 20 0 0 1 50 10A20 20 0 0 1 10 10Z'/></svg>; 40; 40"
            })
    void readsWhatOthersDraw(String svg, double width, double height) {
        OutlineFile.Read read = read(svg.replace("<svg", "<svg xmlns='http://www.w3.org/2000/svg'"));
        assertThat(mm(read.width())).isCloseTo(width, within(0.01));
        assertThat(mm(read.height())).isCloseTo(height, within(0.01));
    }

    /** Loose lines and an arc that meet make an outline; inches are told by the header. */
    @Test
    void readsLooseLinesOfADxfInInches() {
        String dxf = "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n1\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
                + "0\nLINE\n10\n0\n20\n0\n11\n2\n21\n0\n0\nLINE\n10\n0\n20\n1\n11\n0\n21\n0\n"
                + "0\nLINE\n10\n2\n20\n1\n11\n0\n21\n1\n0\nARC\n10\n2\n20\n0.5\n40\n0.5\n50\n270\n51\n90\n"
                + "0\nENDSEC\n0\nEOF\n";
        OutlineFile.Read read = read(dxf);
        assertThat(mm(read.width())).isCloseTo(2.5 * 25.4, within(0.01));
        assertThat(mm(read.height())).isCloseTo(25.4, within(0.01));
    }

    static Stream<Arguments> hostile() {
        String head = "<svg xmlns='http://www.w3.org/2000/svg' xmlns:x='http://www.w3.org/1999/xlink'>";
        String bomb = "<!DOCTYPE svg [<!ENTITY a 'aaaa'><!ENTITY b '&a;&a;&a;'>]>" + head + "<text>&b;</text></svg>";
        String outside = "<!DOCTYPE svg [<!ENTITY f SYSTEM 'file:///etc/passwd'>]>" + head + "<path d='&f;'/></svg>";
        return Stream.of(
                arguments(bomb, "entities"),
                arguments(outside, "entities"),
                arguments(head + "<script>alert(1)</script></svg>", "<script>"),
                arguments(head + "<use x:href='#me' id='me'/></svg>", "<use>"),
                arguments(head + "<g>".repeat(5_000), "nested too deep"),
                arguments(head + "<path d='M0 0H9V9Z'/>", "not sound XML"),
                arguments(head + "<rect width='NaN' height='4'/></svg>", "is no size"),
                arguments(head + "<rect width='1e300' height='4'/></svg>", "is no size"),
                arguments(head + "<path d='M0 0L9 9'/></svg>", "no closed line"),
                arguments(head + "<path transform='twist(3)' d='M0 0H9V9Z'/></svg>", "twist"),
                arguments(head + "<rect width='99999' height='4'/></svg>", "3 m can be made"),
                arguments("<html><body/></html>", "no SVG"),
                arguments("0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nB\n0\nENDSEC\n0\nEOF\n", "blocks"),
                arguments("0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\nNaN\n40\n5\n0\nEOF\n", "1 km"),
                arguments("0\nSECTION\nx\ny\n", "no DXF from line"),
                arguments("%PDF-1.4", "neither SVG nor DXF"),
                arguments("", "neither SVG nor DXF"));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("hostile")
    void refusesWhatItShouldNotRead(String text, String because) {
        assertThatThrownBy(() -> read(text))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(because);
    }

    private static String dxf(String entities) {
        return "0\nSECTION\n2\nENTITIES\n" + entities + "0\nENDSEC\n0\nEOF\n";
    }

    /** As other programs write them: line ends, old and new polylines, bulges, comments, odd spaces. */
    static Stream<Arguments> awkward() {
        String head = "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>";
        String square = "0\nPOLYLINE\n66\n1\n70\n1\n"
                + Stream.of("0 0", "30 0", "30 20", "0 20")
                        .map(c -> "0\nVERTEX\n10\n" + c.replace(" ", "\n20\n") + "\n")
                        .collect(java.util.stream.Collectors.joining())
                + "0\nSEQEND\n8\n0\n";
        String pill =
                "0\nLWPOLYLINE\n90\n4\n70\n1\n10\n0\n20\n0\n10\n20\n20\n0\n42\n1\n10\n20\n20\n20\n10\n0\n20\n20\n42\n1\n";
        return Stream.of(
                arguments("old polyline", dxf(square), 30, 20),
                arguments("old polyline, CR LF", dxf(square).replace("\n", "\r\n"), 30, 20),
                arguments("comment first", "999\nmade by hand\n" + dxf(square), 30, 20),
                arguments(
                        "padded codes", dxf(square).replace("\n10\n", "\n 10\n").replace("\n20\n", "\n 20\n"), 30, 20),
                arguments("half rounds by bulge", dxf(pill), 40, 20),
                arguments("a text beside it", dxf("0\nTEXT\n10\n500\n20\n500\n1\nhello\n" + square), 30, 20),
                arguments("byte order mark", "\ufeff" + head + "<rect width='30' height='20'/></svg>", 30, 20),
                arguments(
                        "comments and CDATA",
                        head
                                + "<!-- <rect width='90' height='90'/> --><desc><![CDATA[<rect/>]]></desc><rect width='30' height='20'/></svg>",
                        30,
                        20),
                arguments(
                        "arc flags without spaces",
                        head + "<path d='M0 10a10 10 0 0120 0 10 10 0 01-20 0z'/></svg>",
                        20,
                        20),
                arguments("figures without spaces", head + "<path d='M.5.5h30v20.0H.5z'/></svg>", 30, 20),
                arguments(
                        "turned group",
                        head + "<g transform='rotate(90)'><rect width='20' height='30'/></g></svg>",
                        30,
                        20),
                arguments(
                        "mirrored and scaled",
                        head + "<g transform='matrix(-2 0 0 2 0 0)'><rect width='15' height='10'/></g></svg>",
                        30,
                        20),
                arguments(
                        "a guide in defs",
                        head + "<defs><rect width='90' height='90'/></defs><rect width='30' height='20'/></svg>",
                        30,
                        20),
                arguments("several in one path", head + "<path d='M0 0h30v20H0zM5 5h5v5H5z'/></svg>", 30, 20),
                arguments(
                        "closed by its own end", head + "<polyline points='0,0 30,0 30,20 0,20 0,0'/></svg>", 30, 20));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("awkward")
    void readsAwkwardFiles(String name, String text, double width, double height) {
        OutlineFile.Read read = read(text);
        assertThat(mm(read.width())).isCloseTo(width, within(0.02));
        assertThat(mm(read.height())).isCloseTo(height, within(0.02));
    }

    /** What is no single outline is refused by a sentence that names the limit, and soon: the points are never all made. */
    @Test
    void namesTheLimitOfWhatAFileMayHold() {
        String circles = "0\nCIRCLE\n10\n0\n20\n0\n40\n9000\n".repeat(6_000);
        assertThatThrownBy(() -> read(dxf(circles))).hasMessageContaining("more than 150,000 points");
        String dots = "<svg xmlns='http://www.w3.org/2000/svg'><path d='" + "M0 0Z".repeat(500_000) + "'/></svg>";
        assertThatThrownBy(() -> read(dots)).hasMessageContaining("more than 50,000 lines");
        String lines = IntStream.range(0, 60_000)
                .mapToObj(i -> "0\nLINE\n10\n" + i + "\n20\n0\n11\n" + i + "\n21\n1\n")
                .collect(java.util.stream.Collectors.joining());
        assertThatThrownBy(() -> read(dxf(lines))).hasMessageContaining("more than 50,000 lines");
    }

    /** Loose lines in any order and direction make the ring they are pieces of, whatever else lies about. */
    @Test
    void findsTheRingAmongLooseLines() {
        Random random = new Random(7);
        for (int n = 3; n < 60; n++) {
            List<String> pieces = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                double a = 2 * Math.PI * i / n;
                double b = 2 * Math.PI * (i + 1) / n;
                boolean back = random.nextBoolean();
                pieces.add(line(back ? b : a, back ? a : b, random));
            }
            for (int i = 0; i < 40; i++) {
                pieces.add("0\nLINE\n10\n" + (100 + i) + "\n20\n0\n11\n" + (100 + i) + "\n21\n900\n");
            }
            java.util.Collections.shuffle(pieces, random);
            OutlineFile.Read read = read(dxf(String.join("", pieces)));
            assertThat(mm(read.height())).isBetween(30.0, 40.1);
        }
    }

    /** A chord of a circle of 20 mm; its ends are off by less than what still meets. */
    private static String line(double from, double to, Random random) {
        return "0\nLINE\n10\n" + (20 * Math.cos(from) + off(random)) + "\n20\n" + (20 * Math.sin(from) + off(random))
                + "\n11\n" + (20 * Math.cos(to) + off(random)) + "\n21\n" + (20 * Math.sin(to) + off(random)) + "\n";
    }

    private static double off(Random random) {
        return (random.nextDouble() - 0.5) * 0.01;
    }

    @Test
    void refusesAHugeFileBeforeReadingIt() {
        byte[] huge = new byte[OutlineFile.LARGEST + 1];
        Arrays.fill(huge, (byte) ' ');
        assertThatThrownBy(() -> OutlineFile.read(huge))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("5 MB");
    }

    /** Machines cut what lies inside before what is round it, and score before they cut. */
    @Test
    void insideComesBeforeOutsideAndScoresBeforeCuts() {
        var build = TestCards.of("guards-door.json").build();
        Part base = build.parts().get(0);
        List<Contours.Contour> order = Contours.of(SheetView.of(base, build.folds()));
        int cut = -1;
        for (int i = 0; i < order.size(); i++) {
            boolean score = order.get(i).meaning() != dev.schachtel.core.drawing.Meaning.CUT;
            assertThat(score && cut >= 0).as("score after a cut at %s", i).isFalse();
            cut = score ? cut : i;
            for (int k = i + 1; k < order.size(); k++) {
                var outer = order.get(i).box();
                var later = order.get(k).box();
                boolean inside = order.get(i).meaning() == order.get(k).meaning()
                        && order.get(i).closed()
                        && later.left() > outer.left()
                        && later.right() < outer.right()
                        && later.bottom() > outer.bottom()
                        && later.top() < outer.top();
                assertThat(inside).isFalse();
            }
        }
    }

    @Test
    void plotsInFortiethsOfAMillimetre() {
        Part film = TestCards.upperStation().build().parts().stream()
                .filter(p -> p.id().toString().equals("panel"))
                .findFirst()
                .orElseThrow();
        String hpgl = HpglFile.write(SheetView.of(film, List.of()));
        long right = Math.round(film.outline().bounds().width() * 40);
        long top = Math.round(film.outline().bounds().height() * 40);
        assertThat(hpgl).startsWith("IN;PA;").contains("SP1;").endsWith("PU;SP0;\n");
        assertThat(hpgl).contains(right + "," + top);
        assertThat(hpgl.lines().filter(l -> l.startsWith("PU") && l.contains("PD")))
                .hasSize(2);
    }
}
