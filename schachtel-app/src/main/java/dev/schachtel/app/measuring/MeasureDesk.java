package dev.schachtel.app.measuring;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Wording;
import dev.schachtel.core.edit.MeasureEdit;
import dev.schachtel.core.learning.Accuracy;
import dev.schachtel.core.material.Measured;
import dev.schachtel.core.material.Method;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Puts what was measured of a way into what the page shows. */
@Component
public class MeasureDesk {
    private static final int TEN = 10;
    private static final int WIDE = 400;
    private static final int ROW = 12;
    /** Nine in ten lie within so many sigmas. */
    private static final double NINE_IN_TEN = 1.645;
    /** A bias that shows in a program. */
    private static final double TELLING = 0.05;

    private final Wording wording;

    MeasureDesk(Wording wording) {
        this.wording = wording;
    }

    /** How exactly each way is, those that were measured first. */
    public record Exact(String name, String spread, String book, int count, String bias) {}

    /** What the logbook shows beside the pace. */
    public List<Exact> known(Workshop workshop) {
        return Arrays.stream(Method.values())
                .filter(w -> workshop.accuracy(w).count() > 0)
                .map(w -> {
                    Accuracy a = workshop.accuracy(w);
                    return new Exact(name(w), mm(a.spread()), mm(book(w)) + " by the book", a.count(), bias(a));
                })
                .toList();
    }

    MeasureView view(Workshop workshop, Method way, MeasureController.Typed typed) {
        MeasureEdit edit = new MeasureEdit(workshop, way);
        List<Measured> own = edit.own();
        Accuracy known = workshop.accuracy(way);
        String asked = typed.asked().isBlank()
                ? own.isEmpty() ? way.cuts() ? "100" : "5" : plain(own.get(own.size() - 1))
                : typed.asked();
        double half = half(own, known, book(way));
        return new MeasureView(
                Arrays.stream(Method.values()).map(w -> row(workshop, w, way)).toList(),
                row(workshop, way, way),
                asked,
                own.size() + 1,
                own.size() >= TEN,
                dots(own, half),
                curve(known, book(way), half),
                says(known, way),
                offset(workshop, way, known),
                doubt(edit, asked, typed.got(), workshop, way));
    }

    private MeasureView.WayRow row(Workshop workshop, Method way, Method selected) {
        Accuracy a = workshop.accuracy(way);
        return new MeasureView.WayRow(
                Scalars.kebab(way.name()),
                name(way),
                wording.named("way." + Scalars.kebab(way.name()) + ".do"),
                a.count() == 0 ? "" : mm(a.spread()),
                mm(book(way)),
                a.count(),
                way == selected);
    }

    private String name(Method way) {
        return wording.named("way." + Scalars.kebab(way.name()));
    }

    private static double book(Method way) {
        return way.sigma().nanometres() / 1e6;
    }

    private static String plain(Measured piece) {
        return java.math.BigDecimal.valueOf(piece.asked().nanometres(), 6)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String mm(double millimetres) {
        return String.format(Locale.ROOT, "%.2f mm", millimetres);
    }

    private static String bias(Accuracy a) {
        return Math.abs(a.bias()) < TELLING ? "" : mm(Math.abs(a.bias())) + (a.bias() > 0 ? " too long" : " too short");
    }

    private static String says(Accuracy known, Method way) {
        if (known.count() == 0) {
            return "Nothing was measured yet: plans reckon with " + mm(book(way)) + ", as the book says.";
        }
        String spread = "Two in three of your pieces come within " + mm(known.spread()) + " of their mean";
        String bias = bias(known);
        return spread + (bias.isEmpty() ? ", which is as long as they should be." : "; that is " + bias + ".");
    }

    /** How many millimetres the scale shows to each side. */
    private static double half(List<Measured> own, Accuracy known, double book) {
        double far = NINE_IN_TEN * Math.max(book, known.spread()) + Math.abs(known.bias());
        for (Measured m : own) {
            far = Math.max(far, Math.min(4 * book, Math.abs(off(m))));
        }
        return far * 1.15;
    }

    private static double off(Measured m) {
        return m.off().nanometres() / 1e6;
    }

    private static int place(double off, double half) {
        double share = (off / half + 1) / 2;
        return (int) Math.round(WIDE * Math.max(0, Math.min(1, share)));
    }

    /** Pieces that lie near each other are heaped. */
    private static List<MeasureView.Dot> dots(List<Measured> own, double half) {
        List<MeasureView.Dot> dots = new ArrayList<>();
        for (Measured m : own) {
            int x = place(off(m), half);
            long near = dots.stream().filter(d -> Math.abs(d.x() - x) < ROW).count();
            dots.add(new MeasureView.Dot(x, (int) near * ROW, String.format(Locale.ROOT, "%+.2f mm", off(m))));
        }
        return dots;
    }

    private static MeasureView.Curve curve(Accuracy known, double book, double half) {
        return new MeasureView.Curve(
                place(-NINE_IN_TEN * book, half),
                place(NINE_IN_TEN * book, half),
                place(known.bias() - NINE_IN_TEN * known.spread(), half),
                place(known.bias() + NINE_IN_TEN * known.spread(), half),
                place(known.bias(), half),
                String.format(Locale.ROOT, "%.1f mm", half));
    }

    private static Optional<MeasureView.Offset> offset(Workshop workshop, Method way, Accuracy known) {
        if (way != Method.TRIMMER || (bias(known).isEmpty() && !workshop.tools().offset())) {
            return Optional.empty();
        }
        String by = mm(Math.abs(known.bias()));
        boolean on = workshop.tools().offset();
        String says = on
                ? "Every trimmer program says where to set the stop: " + by
                        + (known.bias() > 0 ? " shorter" : " longer") + " than the piece."
                : "Your trimmer cuts " + bias(known) + ": set the stop " + by
                        + (known.bias() > 0 ? " short." : " long.");
        return Optional.of(new MeasureView.Offset(says, on));
    }

    private Optional<MeasureView.Doubt> doubt(
            MeasureEdit edit, String asked, String got, Workshop workshop, Method way) {
        if (got.isBlank()) {
            return Optional.empty();
        }
        try {
            Measured piece = edit.read(asked, got);
            double off = off(piece);
            String says = "“" + got.strip() + "” is " + mm(Math.abs(off)) + (off > 0 ? " more" : " less")
                    + " than the " + asked.strip() + " asked for; so far you were within "
                    + mm(5 * workshop.accuracy(way).spread()) + ".";
            return edit.isDoubtful(piece)
                    ? Optional.of(new MeasureView.Doubt(
                            got.strip(), says, edit.meant(asked, got).orElse("")))
                    : Optional.empty();
        } catch (RefusedException e) {
            return Optional.empty();
        }
    }
}
