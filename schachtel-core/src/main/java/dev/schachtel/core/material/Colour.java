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

    public String hex() {
        return String.format("#%06x", rgb);
    }

    /** L* of CIE 1976 from sRGB (IEC 61966-2-1), D65: 0 black to 100 white. */
    public double lightness() {
        double y = 0.2126 * linear(rgb >> 16) + 0.7152 * linear(rgb >> 8) + 0.0722 * linear(rgb);
        return y > 216.0 / 24389 ? 116 * Math.cbrt(y) - 16 : y * 24389.0 / 27;
    }

    private static double linear(int channel) {
        double c = (channel & 0xff) / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
