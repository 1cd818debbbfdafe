package dev.schachtel.core.material;

/**
 * A colour of CIE 1976 L*a*b*: lightness 0 black to 100 white, a from green to red, b from blue to yellow.
 */
public record Lab(double lightness, double a, double b) {
    private static final double POW_25_7 = Math.pow(25, 7);

    /**
     * How different two colours look, 0 for the same: CIEDE2000 with all weights 1. Formula: G. Sharma, W. Wu, E. N.
     * Dalal, The CIEDE2000 color-difference formula, Color Research and Application 30 (2005). Example: (50, 2.6772,
     * -79.7751) to (50, 0, -82.7485) is 2.0425.
     */
    public double differenceTo(Lab o) {
        double g = 0.5 * (1 - Math.sqrt(share((chroma(a) + o.chroma(o.a)) / 2)));
        double a1 = (1 + g) * a;
        double a2 = (1 + g) * o.a;
        double c1 = Math.hypot(a1, b);
        double c2 = Math.hypot(a2, o.b);
        double h1 = hue(a1, b);
        double h2 = hue(a2, o.b);
        double turn = c1 * c2 == 0 ? 0 : Math.IEEEremainder(h2 - h1, 360);
        double hue = 2 * Math.sqrt(c1 * c2) * sin(turn / 2);
        double meanC = (c1 + c2) / 2;
        double meanH = c1 * c2 == 0 ? h1 + h2 : meanHue(h1, h2);
        double fromMiddle = Math.pow((lightness + o.lightness) / 2 - 50, 2);
        double weightL = 1 + 0.015 * fromMiddle / Math.sqrt(20 + fromMiddle);
        double weightC = 1 + 0.045 * meanC;
        double t = 1
                - 0.17 * cos(meanH - 30)
                + 0.24 * cos(2 * meanH)
                + 0.32 * cos(3 * meanH + 6)
                - 0.20 * cos(4 * meanH - 63);
        double weightH = 1 + 0.015 * meanC * t;
        double rotation = -2 * Math.sqrt(share(meanC)) * sin(60 * Math.exp(-Math.pow((meanH - 275) / 25, 2)));
        double byL = (o.lightness - lightness) / weightL;
        double byC = (c2 - c1) / weightC;
        double byH = hue / weightH;
        return Math.sqrt(byL * byL + byC * byC + byH * byH + rotation * byC * byH);
    }

    /** How far outside linear light 0 to 1 a colour may come to lie by rounding. */
    private static final double ROUNDING = 0.002;

    /** The colour of the screen, D65; what no screen shows is cut off at its edge. */
    public Colour colour() {
        double[] light = light();
        return Colour.ofLinear(light[0], light[1], light[2]);
    }

    /** Whether a screen of sRGB can show it. */
    public boolean isOnScreen() {
        for (double one : light()) {
            if (one < -ROUNDING || one > 1 + ROUNDING) {
                return false;
            }
        }
        return true;
    }

    /** Linear red, green and blue: the inverse of CIE 1976 and of the matrix of sRGB (IEC 61966-2-1). */
    private double[] light() {
        double fy = (lightness + 16) / 116;
        double x = 0.95047 * uneven(fy + a / 500);
        double y = uneven(fy);
        double z = 1.08883 * uneven(fy - b / 200);
        return new double[] {
            3.2406 * x - 1.5372 * y - 0.4986 * z,
            -0.9689 * x + 1.8758 * y + 0.0415 * z,
            0.0557 * x - 0.2040 * y + 1.0570 * z
        };
    }

    private static double uneven(double f) {
        double cube = f * f * f;
        return cube > 216.0 / 24389 ? cube : (116 * f - 16) * 27 / 24389;
    }

    /** How far from grey. */
    public double chroma() {
        return Math.hypot(a, b);
    }

    /** The direction from grey, 0 to 360 degrees: 0 red, 90 yellow, 180 green, 270 blue. */
    public double hue() {
        return hue(a, b);
    }

    /** With another lightness. */
    public Lab at(double other) {
        return new Lab(other, a, b);
    }

    private double chroma(double red) {
        return Math.hypot(red, b);
    }

    private static double share(double chroma) {
        double seventh = Math.pow(chroma, 7);
        return seventh / (seventh + POW_25_7);
    }

    private static double hue(double a, double b) {
        return a == 0 && b == 0 ? 0 : (Math.toDegrees(Math.atan2(b, a)) + 360) % 360;
    }

    private static double meanHue(double h1, double h2) {
        double sum = h1 + h2;
        if (Math.abs(h1 - h2) <= 180) {
            return sum / 2;
        }
        return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
    }

    private static double sin(double degrees) {
        return Math.sin(Math.toRadians(degrees));
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }

    /** The plain distance of 1976 in Lab: cheap, and enough where colours are far apart. */
    public double apart(Lab other) {
        double dl = lightness - other.lightness;
        double da = a - other.a;
        double db = b - other.b;
        return Math.sqrt(dl * dl + da * da + db * db);
    }
}
