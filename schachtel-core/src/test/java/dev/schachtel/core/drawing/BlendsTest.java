package dev.schachtel.core.drawing;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Coat;
import dev.schachtel.core.build.Surface;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Surfacing;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;

/** Ink is drawn in the colour that it makes. */
class BlendsTest {
    /** Two inks that fade into each other, round a mask: at each point the colour is what the media make of the card there. */
    @Test
    void inkIsDrawnInTheColourItMakes() {
        Build build = TestCards.of("viaduct.json").build();
        List<Mark.Area> inked = inked(build);
        Random random = new Random(5);
        Box sheet =
                build.level(build.surfaces().get(0).slab()).orElseThrow().slab().bounds();
        int seen = 0;
        for (int i = 0; i < 600; i++) {
            Point p = new Point(
                    sheet.left() + random.nextDouble() * sheet.width(),
                    sheet.bottom() + random.nextDouble() * sheet.height());
            Colour made = new Colour(0xc9d3b4);
            for (Surface s : build.surfaces()) {
                if (s.technique().kind() == Surfacing.INK) {
                    for (Coat c : s.coats()) {
                        made = c.areas().stream().anyMatch(a -> a.holds(p))
                                ? s.technique().medium().over(made, s.colour(), c.coverage())
                                : made;
                    }
                }
            }
            List<Mark.Area> there =
                    inked.stream().filter(a -> a.outline().holds(p)).toList();
            if (!there.isEmpty()) {
                seen++;
                Colour drawn = ((Fill.Plain) there.get(there.size() - 1).fill()).colour();
                assertThat(drawn.lab().differenceTo(made.lab())).isLessThan(1);
            }
        }
        assertThat(seen).isGreaterThan(300);
    }

    static List<Mark.Area> inked(Build build) {
        return Views.FRONT.of(build, Id.BASE).marks().stream()
                .flatMap(m -> m instanceof Mark.Area a && a.edge() == Meaning.WORKED && a.fill() instanceof Fill.Plain
                        ? Stream.of(a)
                        : Stream.empty())
                .toList();
    }
}
