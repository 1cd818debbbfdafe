package dev.schachtel.app.shades;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.structure.Field;
import dev.schachtel.core.colour.Palette;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.print.SwatchChart;

/** Puts pens, inks and powders into what the page shows. */
@Component
class ShadesDesk {
    private static final int NEAR = 3;

    ShadesView view(Workshop workshop, String pick) {
        List<ShadesView.Group> groups = new ArrayList<>();
        for (Medium medium : Medium.values()) {
            List<ShadesView.Tile> tiles = workshop.shades().stream()
                    .filter(s -> s.medium() == medium)
                    .sorted(Comparator.comparing(Shade::family)
                            .thenComparing(s -> s.colour().lightness()))
                    .map(s -> tile(s, pick))
                    .toList();
            if (!tiles.isEmpty()) {
                groups.add(new ShadesView.Group(plural(medium), tiles));
            }
        }
        return new ShadesView(
                groups,
                workshop.shades().size(),
                workshop.shades().stream()
                        .filter(s -> s.id().value().equals(pick))
                        .findFirst()
                        .map(s -> picked(workshop, s)),
                media(Medium.ALCOHOL_PEN),
                workshop.shades().stream()
                        .filter(s -> s.level() == Shade.Level.LOW || s.isEmpty())
                        .sorted(Comparator.comparing(Shade::level).reversed())
                        .map(s -> new ShadesView.Low(
                                s.id().value(),
                                s.name(),
                                s.medium().title() + ", " + word(s.level()),
                                s.isEmpty() ? "mend" : "watch"))
                        .toList(),
                SwatchChart.pages(workshop.shades().size()),
                workshop.shades().stream()
                        .map(Shade::medium)
                        .distinct()
                        .sorted()
                        .map(workshop::use)
                        .map(u -> new ShadesView.Medium(
                                Scalars.kebab(u.medium().name()), plural(u.medium()), u.darkFirst(), u.covers()))
                        .toList());
    }

    private static String plural(Medium medium) {
        String title = medium.title();
        String many = title.endsWith("n") || title.endsWith("l") || title.endsWith("k") ? title + "s" : title;
        return many.substring(0, 1).toUpperCase(Locale.ROOT) + many.substring(1);
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    private static ShadesView.Tile tile(Shade s, String pick) {
        return new ShadesView.Tile(
                s.id().value(),
                s.name(),
                s.colour().hex(),
                (int) Math.round(100 * s.left()),
                word(s.level()),
                s.id().value().equals(pick));
    }

    private static List<Field.Option> media(Medium now) {
        return Arrays.stream(Medium.values())
                .map(m -> new Field.Option(Scalars.kebab(m.name()), m.title(), m == now))
                .toList();
    }

    private static ShadesView.Picked picked(Workshop workshop, Shade s) {
        Lab lab = s.colour().lab();
        return new ShadesView.Picked(
                s.id().value(),
                s.name(),
                s.colour().hex(),
                String.format(Locale.ROOT, "%.1f, %.1f, %.1f", lab.lightness(), lab.a(), lab.b()),
                s.family(),
                media(s.medium()),
                Arrays.stream(Shade.Level.values())
                        .map(l -> new Field.Option(word(l), word(l), l == s.level()))
                        .toList(),
                workshop.shades().stream()
                        .filter(o -> o != s && o.medium() == s.medium() && !o.isEmpty())
                        .sorted(Comparator.comparingDouble(o -> o.colour().lab().differenceTo(lab)))
                        .limit(NEAR)
                        .map(o -> new ShadesView.Near(
                                o.id().value(), o.name(), o.colour().hex(), apart(o.colour(), s.colour())))
                        .toList());
    }

    private static String apart(Colour one, Colour other) {
        return String.format(Locale.ROOT, "%.1f", one.lab().differenceTo(other.lab()));
    }

    /** What a chart's fields are now, for those that are on the page. */
    List<ShadesView.Read> read(List<Shade> fields, List<Colour> colours) {
        List<ShadesView.Read> all = new ArrayList<>();
        for (int i = 0; i < fields.size(); i++) {
            Shade s = fields.get(i);
            all.add(new ShadesView.Read(
                    s.id().value(),
                    s.name(),
                    s.colour().hex(),
                    colours.get(i).hex(),
                    apart(s.colour(), colours.get(i))));
        }
        return all;
    }

    List<ShadesView.Found> found(Workshop workshop, List<Palette.Entry> palette) {
        return palette.stream()
                .map(e -> new ShadesView.Found(
                        e.colour().hex(),
                        (int) Math.round(100 * e.share()),
                        workshop.all(Cardstock.class).stream()
                                .min(Comparator.comparingDouble(c -> away(c.colour(), e.colour())))
                                .map(c -> "“" + c.name() + "”, " + apart(c.colour(), e.colour()) + " away")
                                .orElse("no card"),
                        nearest(workshop, e.colour())
                                .map(s -> "“" + s.name() + "”, " + s.medium().title() + ", "
                                        + apart(s.colour(), e.colour()) + " away")
                                .orElse("nothing")))
                .toList();
    }

    private static Optional<Shade> nearest(Workshop workshop, Colour colour) {
        return workshop.shades().stream()
                .filter(s -> !s.isEmpty())
                .min(Comparator.comparingDouble(s -> away(s.colour(), colour)));
    }

    private static double away(Colour one, Colour other) {
        return one.lab().differenceTo(other.lab());
    }
}
