package dev.schachtel.app.cards;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Component;

import dev.schachtel.app.words.Wording;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Brief;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Format;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Kind;
import dev.schachtel.core.drawing.Views;
import dev.schachtel.core.edit.CardEdit;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.material.Workshop;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.Scalars;
import dev.schachtel.core.render.Look;
import dev.schachtel.core.render.SvgWriter;

/**
 * The kinds of base as they are offered for a new card: found, not listed. A kind brings its icon as
 * {@code icons/KIND.svg}; one without is drawn by our own renderer.
 */
@Component
class BaseTiles {
    private final Wording wording;

    BaseTiles(Wording wording) {
        this.wording = wording;
    }

    /** One choice; the value names the kind, and after a dot the variant. */
    record Tile(String value, String title, String about, String svg) {}

    List<Tile> all(Workshop workshop) {
        List<Tile> tiles = new ArrayList<>();
        for (Class<?> kind : RecordType.kinds(Base.class)) {
            Optional<RecordType.Component> variant = variant(kind);
            if (variant.isEmpty()) {
                tiles.add(tile(RecordType.word(kind), kind.getAnnotation(Kind.class), workshop));
            } else {
                for (Object choice : variant.get().type().getEnumConstants()) {
                    String value = RecordType.word(kind) + "." + Scalars.kebab(((Enum<?>) choice).name());
                    tiles.add(tile(value, kind.getAnnotation(Kind.class), workshop));
                }
            }
        }
        return tiles;
    }

    private static Optional<RecordType.Component> variant(Class<?> kind) {
        return RecordType.of(kind).components().stream()
                .filter(b -> b.asked().variant())
                .findFirst();
    }

    private Tile tile(String value, Kind kind, Workshop workshop) {
        return new Tile(
                value,
                wording.called("base." + value, kind.title()),
                wording.called("base." + value + ".about", kind.about()),
                icon(value).orElseGet(() -> drawn(value, workshop)));
    }

    private static Optional<String> icon(String value) {
        try (InputStream in = BaseTiles.class.getResourceAsStream("/icons/" + value + ".svg")) {
            return in == null ? Optional.empty() : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String drawn(String value, Workshop workshop) {
        CardSpec card =
                CardSpec.of("New card", Format.USUAL.get(0).units(), Brief.PLAIN, base(value, Format.USUAL.get(0)));
        return SvgWriter.write(Views.FRONT.of(Engineering.engineer(card, workshop), Id.BASE), Look.picture(96, 80));
    }

    /**
     * A base in a format's size.
     *
     * @throws dev.schachtel.core.edit.RefusedException if there is no such kind or variant
     */
    static Base base(String value, Format format) {
        int dot = value.indexOf('.');
        Base plain = CardEdit.base(dot < 0 ? value : value.substring(0, dot), format);
        Optional<RecordType.Component> variant = dot < 0 ? Optional.empty() : variant(plain.getClass());
        if (variant.isEmpty()) {
            return plain;
        }
        CardSpec card = CardSpec.of("New card", format.units(), Brief.PLAIN, plain);
        return CardEdit.of(card)
                .set(Id.BASE, variant.get().name(), value.substring(dot + 1))
                .base();
    }
}
