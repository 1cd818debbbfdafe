package dev.schachtel.core.outlines;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;

/** Small files that ask for much work: lines that cross themselves, strokes, hatchings, bulges, nests, by seed. */
public final class DearFiles {
    private DearFiles() {}

    /** An SVG file of at most some hundred kilobytes. */
    public static byte[] svg(Random random) {
        StringBuilder shapes = new StringBuilder();
        int many = 1 + random.nextInt(random.nextInt(4) == 0 ? 180 : 3);
        for (int i = 0; i < many; i++) {
            int points = (random.nextInt(5) == 0 ? 9_000 : 50 + random.nextInt(2_500)) / many + 3;
            String look = random.nextBoolean()
                    ? "fill=\"#%06x\" fill-rule=\"%s\""
                            .formatted(random.nextInt(0xffffff), random.nextBoolean() ? "evenodd" : "nonzero")
                    : "fill=\"none\" stroke=\"#%06x\" stroke-width=\"%d\""
                            .formatted(random.nextInt(0xffffff), 1 + random.nextInt(40));
            shapes.append("<path ")
                    .append(look)
                    .append(" d=\"")
                    .append(line(random, points))
                    .append("\"/>");
        }
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200mm\" height=\"200mm\" viewBox=\"0 0 1000 1000\">"
                        + shapes + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static String line(Random random, int points) {
        StringBuilder d = new StringBuilder();
        int way = random.nextInt(5);
        for (int i = 0; i < points; i++) {
            double x = 1000.0 * i / points;
            switch (way) {
                case 0 -> to(d, random.nextInt(1000), random.nextInt(1000));
                case 1 -> to(d, i % 2 == 0 ? 0 : 1000, x);
                case 2 -> to(d, x, i % 2 == 0 ? random.nextInt(100) : 1000 - random.nextInt(100));
                // A star: every point is joined with one nearly opposite.
                case 3 -> {
                    double a = Math.PI * i * (points - 1 - points % 2) / points;
                    to(d, 500 + 499 * Math.cos(a), 500 + 499 * Math.sin(a));
                }
                default -> {
                    to(d, random.nextInt(1000), random.nextInt(1000));
                    d.append("a%d %d 0 1 1 %d %d"
                            .formatted(
                                    1 + random.nextInt(900),
                                    1 + random.nextInt(900),
                                    random.nextInt(90),
                                    1 + random.nextInt(90)));
                }
            }
        }
        return d.append(random.nextBoolean() ? "Z" : "").toString();
    }

    private static void to(StringBuilder d, double x, double y) {
        d.append(d.isEmpty() ? "M" : "L").append(String.format(Locale.ROOT, "%.1f %.1f", x, y));
    }

    /** A DXF file whose few lines bulge far, or that has very many of them. */
    public static byte[] dxf(Random random) {
        StringBuilder d = new StringBuilder("0\nSECTION\n2\nENTITIES\n");
        int lines = 1 + random.nextInt(3);
        for (int l = 0; l < lines; l++) {
            if (random.nextInt(4) == 0) {
                for (int i = 0; i < 8_000; i++) {
                    d.append("0\nLINE\n10\n%d\n20\n%d\n11\n%d\n21\n%d\n"
                            .formatted(random.nextInt(90), random.nextInt(90), random.nextInt(90), random.nextInt(90)));
                }
            } else {
                d.append("0\nLWPOLYLINE\n70\n1\n");
                for (int i = 200 + random.nextInt(20_000); i > 0; i--) {
                    d.append("10\n%d\n20\n%d\n42\n%d\n"
                            .formatted(random.nextInt(900_000), random.nextInt(900_000), 1 + random.nextInt(900)));
                }
            }
        }
        return d.append("0\nENDSEC\n0\nEOF\n").toString().getBytes(StandardCharsets.UTF_8);
    }
}
