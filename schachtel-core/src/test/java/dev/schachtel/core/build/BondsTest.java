package dev.schachtel.core.build;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Bond.Freedom;

import static org.assertj.core.api.Assertions.assertThat;

/** What freedom is left between the sheets of a card. */
class BondsTest {
    static List<String> files() {
        return TestCards.files();
    }

    private static Freedom between(Build build, String one, String other) {
        return Bonds.of(build).stream()
                .filter(b -> b.isOf(new SlabId(one), new SlabId(other)))
                .map(Bond::freedom)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "upper-station.json, base/back, base/front, FOLDS",
        "upper-station.json, car/connector, panel, SLIDES",
        "turntable.json, wheel/wheel, panel, TURNS",
        "platform-sign.json, base/face, base/flap, FIXED",
        "platform-sign.json, base/flap, base/back, UNTIL_OPENED",
        "zigzag-path.json, base/panel-2, base/panel-3, FOLDS",
        "zigzag-path.json, base/tab-2, base/panel-2, FIXED",
        "zigzag-station.json, base/row-1-right-tab, base/right, FIXED",
        "zigzag-station.json, base/row-1-panel, base/right, FOLDS"
    })
    void ofDemoCards(String file, String one, String other, Freedom freedom) {
        assertThat(between(TestCards.of(file).build(), one, other)).isEqualTo(freedom);
    }

    /** A leaf that is a part of its own opens with a strip that is glued to it: it is not glued shut. */
    @Test
    void aHingeStripFolds() {
        Build build = TestCards.of("ticket.json").set("base", "join", "strip").build();
        assertThat(between(build, "base/front", "base/strip")).isEqualTo(Freedom.FOLDS);
        assertThat(Bonds.fixedTo(new SlabId("base/back"), Bonds.of(build))).doesNotContain(new SlabId("base/front"));
    }

    /** Each pair once, never with itself, and only of what is there. */
    @ParameterizedTest
    @MethodSource("files")
    void eachPairOnce(String file) {
        Build build = TestCards.whole(file).build();
        Set<SlabId> there = build.levels().stream().map(l -> l.slab().id()).collect(Collectors.toSet());
        Set<Set<SlabId>> met = new HashSet<>();
        for (Bond bond : Bonds.of(build)) {
            assertThat(there).contains(bond.one(), bond.other());
            assertThat(met.add(Set.of(bond.one(), bond.other())))
                    .as(bond.toString())
                    .isTrue();
        }
    }

    /** Between leaves that open there is no chain of what is fixed, and what folds makes none. */
    @Test
    void whatFoldsIsNotFixed() {
        Build free = TestCards.of("upper-station.json").build();
        assertThat(Bonds.fixedTo(new SlabId("base/back"), Bonds.of(free)))
                .contains(new SlabId("base/back"))
                .doesNotContain(new SlabId("base/front"));
        Bond glued = new Bond(new SlabId("a"), new SlabId("b"), Freedom.FIXED);
        Bond loose = new Bond(new SlabId("b"), new SlabId("c"), Freedom.FOLDS);
        assertThat(Bonds.fixedTo(new SlabId("b"), List.of(glued, loose)))
                .containsExactlyInAnyOrder(new SlabId("a"), new SlabId("b"));
    }
}
