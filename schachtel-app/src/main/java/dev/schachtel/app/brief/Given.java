package dev.schachtel.app.brief;

import java.util.Locale;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.material.Envelope;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.plan.Plan;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.shape.Box;

/** The card as it will be given: its front on its envelope, both to one scale. */
final class Given {
    private static final int WIDE = 600;
    private static final int HIGH = 640;
    /** Room around both for the tilt. */
    private static final int AIR = 44;

    private static final int EDGE = 4;

    /** Room for a card that stands, and the longer side of its envelope before it. */
    private static final int STANDS = 430;

    private static final double STANDING_ENVELOPE = 260;

    private Given() {}

    static String svg(Plan plan, Envelope envelope) {
        return plan.build().mechanics().unfolding().isMadeToStand()
                ? standing(plan, envelope)
                : onEnvelope(plan, envelope);
    }

    /** Open as it is given, its envelope before it. */
    private static String standing(Plan plan, Envelope envelope) {
        double scale =
                Math.min(STANDING_ENVELOPE / mm(envelope.height()), STANDING_ENVELOPE * 0.7 / mm(envelope.width()));
        double wide = mm(envelope.height()) * scale;
        double high = mm(envelope.width()) * scale;
        return String.format(
                Locale.ROOT,
                "<svg class=\"given\" viewBox=\"0 0 %d %d\" role=\"img\" aria-label=\"The card as it stands, and its envelope\">%s"
                        + "<g transform=\"translate(%.1f %.1f) rotate(4 %.1f %.1f)\">%s</g></svg>",
                WIDE,
                HIGH,
                SvgWriter.write(Views.IN_THE_ROUND.of(plan.build(), Id.BASE), Look.picture(WIDE, STANDS)),
                WIDE - AIR - wide,
                HIGH - AIR / 2.0 - high,
                wide / 2,
                high / 2,
                paper(wide, high, true));
    }

    private static String onEnvelope(Plan plan, Envelope envelope) {
        Box face = plan.build().face().bounds();
        boolean lies = face.wide().isAbove(face.high());
        double wide = mm(lies ? envelope.height() : envelope.width());
        double high = mm(lies ? envelope.width() : envelope.height());
        double cardWide = mm(face.wide());
        double cardHigh = mm(face.high());
        double aside = lies ? 0 : 0.62 * wide;
        double below = lies ? 0.62 * high : 0.12 * high;
        double scale = Math.min(
                (WIDE - 2.0 * AIR) / Math.max(wide + aside, cardWide + 0.3 * wide),
                (HIGH - 2.0 * AIR) / (Math.max(high, cardHigh) + below));
        double x = AIR + aside * scale;
        double y = AIR + below * scale;
        String paper = paper(wide * scale, high * scale, lies);
        int w = (int) Math.round(cardWide * scale) + 2 * EDGE;
        int h = (int) Math.round(cardHigh * scale) + 2 * EDGE;
        double all = x + wide * scale + AIR;
        return String.format(
                Locale.ROOT,
                "<svg class=\"given\" viewBox=\"0 0 %.0f %.0f\" role=\"img\" aria-label=\"The card on its envelope, to one scale\">"
                        + "<g transform=\"translate(%.1f %.1f) rotate(4 %.1f %.1f)\">%s</g>"
                        + "<g transform=\"translate(%d %d) rotate(-3 %.1f %.1f)\"><rect class=\"shade\" x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\"/>%s</g></svg>",
                Math.max(all, w + 2.0 * AIR),
                Math.max(y + high * scale, AIR + h) + AIR,
                x,
                y,
                wide * scale / 2,
                high * scale / 2,
                paper,
                AIR,
                AIR,
                w / 2.0,
                h / 2.0,
                EDGE + 3,
                EDGE + 5,
                w - 2 * EDGE,
                h - 2 * EDGE,
                SvgWriter.write(Views.FRONT.of(plan.build(), Id.BASE), Look.picture(w, h)));
    }

    /** The envelope with its flap, the lines of an address and the place of the stamp. */
    private static String paper(double w, double h, boolean lies) {
        double flap = 0.17 * h;
        String stamp = rect("stamp", w - 62, lies ? 16 : h - 76, 46, 58);
        double line = lies ? 0.55 * w : 0.3 * w;
        double top = lies ? 0.5 * h : 0.62 * h;
        StringBuilder lines = new StringBuilder();
        for (int i = 0; i < 3; i++) {
            lines.append(String.format(
                    Locale.ROOT,
                    "<path class=\"lines\" d=\"M%.1f %.1fh%.1f\"/>",
                    line,
                    top + i * 26,
                    (i == 1 ? 0.36 : 0.3) * w));
        }
        String fold = lies
                ? ""
                : String.format(Locale.ROOT, "<path class=\"flap\" d=\"M0 0L%.1f %.1fL%.1f 0Z\"/>", w / 2, flap, w);
        return rect("paper", 0, 0, w, h) + fold + lines + stamp;
    }

    private static String rect(String kind, double x, double y, double w, double h) {
        return String.format(
                Locale.ROOT,
                "<rect class=\"%s\" x=\"%.1f\" y=\"%.1f\" width=\"%.1f\" height=\"%.1f\"/>",
                kind,
                x,
                y,
                w,
                h);
    }

    private static double mm(Length length) {
        return length.nanometres() / 1e6;
    }
}
