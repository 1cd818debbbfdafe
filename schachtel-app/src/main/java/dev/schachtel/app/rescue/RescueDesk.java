package dev.schachtel.app.rescue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Html;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Lever;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.Slab;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.card.Pull;
import dev.schachtel.core.design.Rescues;
import dev.schachtel.core.drawing.Fill;
import dev.schachtel.core.drawing.Mark;
import dev.schachtel.core.drawing.Meaning;
import dev.schachtel.core.drawing.Scene;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/** Puts what saves a spoiled sheet on the page. */
@Component
class RescueDesk {
    private static final Length USUAL = Length.ofMillimetres(6);
    private static final Length USUAL_INCHES = Length.ofSixteenths(4);
    private static final Length LEAST = Length.ofMicrometres(500);
    private static final Length MOST = Length.ofMillimetres(600);
    private static final int WIDE = 620;
    private static final int HIGH = 560;

    private final Workshops workshops;

    RescueDesk(Workshops workshops) {
        this.workshops = workshops;
    }

    RescueView view(CardSpec card, RescueController.Typed typed) {
        Workshop workshop = workshops.now();
        Units units = card.units();
        Build build = Engineering.engineer(card, workshop);
        List<Piece> sheets = card.pieces()
                .filter(p -> build.partsOf(p.id()).stream()
                        .anyMatch(s -> !s.material().isCounted() && s.perCard() > 0))
                .toList();
        Piece chosen = sheets.stream()
                .filter(p -> p.id().value().equals(typed.piece()))
                .findFirst()
                .or(() -> sheets.stream()
                        .filter(p -> Lever.of(card, p.id(), Pull.REVEAL).isPresent())
                        .findFirst())
                .orElse(card.base());
        Point middle = middle(build, chosen.id());
        Length across = length("across", typed.across(), units, Mm.length(middle.x()));
        Length up = length("up", typed.up(), units, Mm.length(middle.y()));
        Length size = length("size", typed.size(), units, units == Units.MM ? USUAL : USUAL_INCHES);
        if (size.isBelow(LEAST)) {
            throw new RefusedException("size", "of the spot must be 0.5 mm or more");
        }
        Point at = new Point(Mm.of(across), Mm.of(up));
        Rescues.Saved saved = Rescues.of(card, workshop, chosen.id(), new Rescues.Spot(at, size));
        return new RescueView(
                card.name(),
                svg(build, chosen.id(), at, size, units),
                sheets.stream()
                        .map(p -> new RescueView.Choice(
                                p.id().value(), p.id().value().replace('-', ' '), p == chosen))
                        .toList(),
                new RescueView.Spot(units.edit(across), units.edit(up), units.edit(size), units.sign()),
                saved.sheet(),
                saved.covers().stream().map(c -> cover(c, units)).toList(),
                saved.even().map(e -> even(e, units)).orElse(""),
                saved.even().map(Rescues.Even::works).orElse(true),
                saved.smaller().stream().map(Format::name).toList());
    }

    private static Point middle(Build build, Id piece) {
        Optional<Slab> slab = build.partsOf(piece).stream()
                .map(Part::id)
                .flatMap(id -> build.levels().stream()
                        .map(l -> l.slab())
                        .filter(s -> s.part().equals(id) && !s.footprints().isEmpty()))
                .findFirst();
        return slab.map(Slab::bounds).orElse(build.face().bounds()).centre();
    }

    private static Length length(String field, String text, Units units, Length otherwise) {
        if (text.isBlank()) {
            return otherwise;
        }
        Length length = Scalars.readLength(text, units, field);
        if (length.abs().isAbove(MOST)) {
            throw new RefusedException(field, "'" + text.strip() + "' is beyond any card");
        }
        return length;
    }

    private static String svg(Build build, Id piece, Point at, Length size, Units units) {
        Scene front = Views.face(build);
        List<Mark> marks = new ArrayList<>(front.marks());
        marks.add(new Mark.Area(Outline.circle(size).moved(at), new Fill.Empty(), Meaning.FRESH, Optional.empty()));
        Scene scene = new Scene(front.title(), front.extent(), front.room(), true, marks);
        return SvgWriter.write(scene, Look.chosen(WIDE, HIGH, units, piece, ""));
    }

    private static String cover(Rescues.Cover c, Units units) {
        return c.width().equals(c.height())
                ? Html.escape(c.name())
                : "“" + Html.escape(c.name()) + "”, " + Html.of(c.width(), units) + " × " + Html.of(c.height(), units)
                        + " " + units.sign();
    }

    private static String even(Rescues.Even e, Units units) {
        String sign = " " + units.sign();
        return "Trim " + Html.of(e.each(), units) + sign + " off each side: it is " + Html.of(e.width(), units) + " × "
                + Html.of(e.height(), units) + sign + " then, with an even border of " + Html.of(e.border(), units)
                + sign + ".";
    }
}
