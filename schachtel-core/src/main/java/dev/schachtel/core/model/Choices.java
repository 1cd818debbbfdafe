package dev.schachtel.core.model;

import java.util.List;
import java.util.stream.Stream;

import dev.schachtel.core.card.Asked;
import dev.schachtel.core.material.Adhesive;
import dev.schachtel.core.material.Cardstock;
import dev.schachtel.core.material.Embellishment;
import dev.schachtel.core.material.Film;
import dev.schachtel.core.material.Foam;
import dev.schachtel.core.material.MaskingPaper;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Ribbon;
import dev.schachtel.core.material.Thread;
import dev.schachtel.core.material.Workshop;

/** What the workshop offers for a component that asks for one of its things. */
public final class Choices {
    private Choices() {}

    /** One thing to choose: its id and what it is called. */
    public record Choice(MaterialId id, String name) {}

    public static List<Choice> of(Workshop workshop, Asked.Choice from) {
        return switch (from) {
            case CARD -> named(workshop.all(Cardstock.class).stream());
            case FILM -> named(workshop.all(Film.class).stream());
            case THREAD -> named(workshop.all(Thread.class).stream());
            case RIBBON -> named(workshop.all(Ribbon.class).stream());
            case EMBELLISHMENT -> named(workshop.all(Embellishment.class).stream());
            case MASKING -> named(workshop.all(MaskingPaper.class).stream());
            case FOAM -> named(workshop.all(Foam.class).stream().filter(f -> f.form() != Foam.Form.SQUARES));
            case FIXING ->
                named(workshop.materials().stream()
                        .filter(m -> m instanceof Adhesive || m instanceof Foam f && f.form() != Foam.Form.SHEET));
            case ADHESIVE -> named(workshop.all(Adhesive.class).stream().filter(a -> !a.whole()));
            case WHOLE_BACK -> named(workshop.all(Adhesive.class).stream());
            case FILLING ->
                workshop.fillings().stream()
                        .map(f -> new Choice(f.id(), f.name()))
                        .toList();
            case ENVELOPE ->
                workshop.envelopes().stream()
                        .map(e -> new Choice(e.id(), e.name()))
                        .toList();
            case PICTURE ->
                workshop.pictures().stream()
                        .map(p -> new Choice(p.id(), p.name()))
                        .toList();
            case SHADE ->
                workshop.shades().stream()
                        .map(s -> new Choice(s.id(), s.name()))
                        .toList();
            case TECHNIQUE ->
                workshop.techniques().stream()
                        .map(t -> new Choice(t.id(), t.name()))
                        .toList();
            default -> named(workshop.materials().stream());
        };
    }

    private static List<Choice> named(Stream<? extends Material> materials) {
        return materials.map(m -> new Choice(m.id(), m.name())).toList();
    }
}
