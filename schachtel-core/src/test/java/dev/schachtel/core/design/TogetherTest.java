package dev.schachtel.core.design;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.material.MaterialId;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Two cards of which each alone has enough. */
class TogetherTest {
    private static UseUp.Use ink(double share) {
        return new UseUp.Use(new MaterialId("slate"), "slate", UseUp.Sort.SHADE, share, 0.5);
    }

    private static UseUp.Use glue(double share) {
        return new UseUp.Use(new MaterialId("glue"), "liquid glue", UseUp.Sort.GLUE, share, 1);
    }

    @Test
    void eachAloneHasEnoughAndTogetherTheyHaveNot() {
        List<Together.Wish> wishes = Together.of(List.of(
                new Together.Taking("Ticket", Optional.of(LocalDate.of(2026, 12, 20)), List.of(ink(0.2), glue(0.1))),
                new Together.Taking("Viaduct", Optional.of(LocalDate.of(2026, 12, 6)), List.of(ink(0.4))),
                new Together.Taking("Timetable", Optional.empty(), List.of(glue(0.3)))));
        assertThat(wishes).extracting(Together.Wish::name).containsExactly("slate", "liquid glue");
        Together.Wish slate = wishes.get(0);
        assertThat(slate.share()).isCloseTo(0.6, within(1e-12));
        assertThat(slate.isShort()).isTrue();
        assertThat(slate.cards()).containsExactly("Viaduct", "Ticket");
        assertThat(slate.by()).contains(LocalDate.of(2026, 12, 6));
        assertThat(wishes.get(1).isShort()).isFalse();
        assertThat(wishes.get(1).by()).contains(LocalDate.of(2026, 12, 20));
        assertThat(Together.of(List.of())).isEmpty();
    }
}
