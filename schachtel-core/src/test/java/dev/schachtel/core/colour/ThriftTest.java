package dev.schachtel.core.colour;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Fewer pens do nearly the same: no tone is more than 2 further off, and of those left none can go. */
class ThriftTest {
    private static final Colour WHITE = new Colour(0xffffff);

    private static Shade pen(int number, Colour colour) {
        return new Shade(
                new MaterialId("p-" + number), "pen " + number, Medium.ALCOHOL_PEN, colour, Shade.Level.FULL, "", 0);
    }

    private static Set<Shade> taken(List<Thrift.Ask> asks, List<Shade> drawer) {
        Set<Shade> all = new HashSet<>();
        Recipes recipes = new Recipes(drawer, WHITE);
        asks.forEach(a -> recipes.of(a.target(), a.narrow()).tones().forEach(t -> all.add(t.shade())));
        return all;
    }

    /** Two pens that differ by nothing that is seen, each the best for one of two areas. */
    @Test
    void twinsBecomeOne() {
        List<Shade> drawer = List.of(
                pen(1, new Colour(0x2d4a6b)),
                pen(2, new Colour(0x4a6b8f)),
                pen(3, new Colour(0x4b6c90)),
                pen(4, new Colour(0x6d8fb3)));
        List<Thrift.Ask> asks = List.of(
                new Thrift.Ask(new Colour(0x4a6b8f), WHITE, false), new Thrift.Ask(new Colour(0x4b6c90), WHITE, false));
        assertThat(taken(asks, drawer)).hasSize(4);
        assertThat(Thrift.few(asks, drawer)).hasSize(3);
    }

    @Property(tries = 40)
    void nothingLooksOtherwise(@ForAll long seed) {
        Random random = new Random(seed);
        List<Shade> drawer = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            drawer.add(pen(i, new Colour(random.nextInt(0x1000000))));
        }
        List<Thrift.Ask> asks = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            asks.add(new Thrift.Ask(new Colour(random.nextInt(0x1000000)), WHITE, random.nextBoolean()));
        }
        List<Shade> few = Thrift.few(asks, drawer);
        assertThat(few.size()).isLessThanOrEqualTo(taken(asks, drawer).size());
        assertThat(worse(asks, drawer, few)).isFalse();
        for (Shade one : few) {
            List<Shade> fewer = new ArrayList<>(few);
            fewer.remove(one);
            assertThat(fewer.isEmpty() || worse(asks, drawer, fewer)).isTrue();
        }
    }

    private static boolean worse(List<Thrift.Ask> asks, List<Shade> drawer, List<Shade> few) {
        Recipes best = new Recipes(drawer, WHITE);
        Recipes now = new Recipes(few, WHITE);
        for (Thrift.Ask ask : asks) {
            Recipe a = best.of(ask.target(), ask.narrow());
            Recipe b = now.of(ask.target(), ask.narrow());
            if (a.steps() != b.steps() || a.tones().size() != b.tones().size()) {
                return true;
            }
            for (int i = 0; i < a.tones().size(); i++) {
                if (b.tones().get(i).apart() > a.tones().get(i).apart() + 2) {
                    return true;
                }
            }
        }
        return false;
    }
}
