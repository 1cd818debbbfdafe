package dev.schachtel.core.material;

/** A colour of the sRGB screen, 0xRRGGBB. */
public record Colour(int rgb) {
    public static final String PATTERN = "#[0-9a-f]{6}";

    public Colour {
        if (rgb < 0 || rgb > 0xffffff) {
            throw new IllegalArgumentException("colour (" + rgb + ") must be 0 to 0xffffff");
        }
    }

    /** Reads {@code #9fb5c7}. */
    public static Colour parse(String hex) {
        if (!hex.matches(PATTERN)) {
            throw new IllegalArgumentException("'" + hex + "' is no colour; write it as #9fb5c7");
        }
        return new Colour(Integer.parseInt(hex.substring(1), 16));
    }

    /** So much of the way to another, from 0 to 1, by the figures of the screen. */
    public Colour mixed(Colour other, double share) {
        int mixed = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double from = rgb >> shift & 255;
            double to = other.rgb >> shift & 255;
            mixed |= (int) Math.round(from + (to - from) * share) << shift;
        }
        return new Colour(mixed);
    }

    /** So much of the way to another, from 0 to 1, in linear light: as the eye mixes what lies beside each other. */
    public Colour seenThrough(Colour other, double share) {
        return ofLinear(
                mixed(linear(rgb >> 16), linear(other.rgb >> 16), share),
                mixed(linear(rgb >> 8), linear(other.rgb >> 8), share),
                mixed(linear(rgb), linear(other.rgb), share));
    }

    /**
     * Two clear colours of half the strength each, one over the other: the geometric mean in linear light, since densities
     * add (Beer and Lambert).
     */
    public Colour blendedWith(Colour other) {
        return ofLinear(
                Math.sqrt(linear(rgb >> 16) * linear(other.rgb >> 16)),
                Math.sqrt(linear(rgb >> 8) * linear(other.rgb >> 8)),
                Math.sqrt(linear(rgb) * linear(other.rgb)));
    }

    private static double mixed(double from, double to, double share) {
        return from + (to - from) * share;
    }

    /** From linear light, red, green and blue 0 to 1; what is outside is cut off. */
    public static Colour ofLinear(double red, double green, double blue) {
        return new Colour(screen(red) << 16 | screen(green) << 8 | screen(blue));
    }

    /** Red, green and blue in linear light, 0 to 1. */
    public double[] linear() {
        return new double[] {linear(rgb >> 16), linear(rgb >> 8), linear(rgb)};
    }

    public String hex() {
        return String.format("#%06x", rgb);
    }

    /** L* of CIE 1976 from sRGB (IEC 61966-2-1), D65: 0 black to 100 white. */
    public double lightness() {
        return lab().lightness();
    }

    /** In CIE 1976 L*a*b* for D65, white (0.95047, 1, 1.08883), from sRGB (IEC 61966-2-1). */
    public Lab lab() {
        double r = linear(rgb >> 16);
        double g = linear(rgb >> 8);
        double b = linear(rgb);
        double x = even((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047);
        double y = even(luminance());
        double z = even((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883);
        return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    /** Contrast of text and ground, 1 none to 21 black on white: (lighter + 0.05)/(darker + 0.05), as WCAG 2 has it. */
    public double contrastWith(Colour other) {
        double mine = luminance() + 0.05;
        double its = other.luminance() + 0.05;
        return Math.max(mine, its) / Math.min(mine, its);
    }

    /** This seen through a clear ink of another colour: multiplied in linear light. White stays the ink, the ink on black black. */
    public Colour under(Colour ink) {
        return ofLinear(
                linear(rgb >> 16) * linear(ink.rgb >> 16),
                linear(rgb >> 8) * linear(ink.rgb >> 8),
                linear(rgb) * linear(ink.rgb));
    }

    private static int screen(double linear) {
        double c = linear <= 0.0031308 ? 12.92 * linear : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * Math.max(0, Math.min(1, c)));
    }

    private double luminance() {
        return 0.2126 * linear(rgb >> 16) + 0.7152 * linear(rgb >> 8) + 0.0722 * linear(rgb);
    }

    private static double even(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (t * 24389.0 / 27 + 16) / 116;
    }

    private static double linear(int channel) {
        double c = (channel & 0xff) / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
