package dev.schachtel.core.tolerance;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import org.junit.jupiter.api.Test;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Fit;
import dev.schachtel.core.card.Base;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.engineering.Engineering;
import dev.schachtel.core.model.RecordType;

import static org.assertj.core.api.Assertions.assertThat;

/** Every kind of piece that has to suit something says what, or stands here with the reason why it has not. */
class FitsTest {
    /** Lies free: nothing has to suit it, and wherever it comes to lie it is right, or its neighbours say what has to suit. */
    private static final Map<String, String> FREE = Map.ofEntries(
            Map.entry("window", "an opening alone; what lies behind it brings its own fit"),
            Map.entry("window-row", "openings alone"),
            Map.entry("window-grid", "openings alone"),
            Map.entry("ground-line", "nothing is made of it"),
            Map.entry("greeting", "stamped where it looks right"),
            Map.entry("treatment", "ink has no edge that must suit"),
            Map.entry("colouring", "drawn by hand within its lines"),
            Map.entry("mask", "peeled off again"),
            Map.entry("motif", "laid where it looks right"),
            Map.entry("sentiment", "laid where it looks right"),
            Map.entry("word", "laid where it looks right"),
            Map.entry("gems", "laid where they look right"),
            Map.entry("rounded-corners", "cut with a stop of its own"),
            Map.entry("ribbon", "goes round and is stuck behind"),
            Map.entry("thread-line", "stretched and stuck behind"),
            Map.entry("cover-plate", "as large as what it lies on, and trimmed with it"));

    private static final Map<String, String> BASES = Map.of(
            "flat-fold", "upper-station.json",
            "gate", "level-crossing.json",
            "easel", "platform-sign.json",
            "stepper", "terraces.json",
            "accordion", "zigzag-path.json",
            "box-card", "zigzag-station.json",
            "shaped", "ticket.json",
            "tag", "luggage-label.json");

    /** That of a demo card, or what a new one has. */
    private static TestCards base(String word) {
        String file = BASES.get(word);
        return file == null
                ? TestCards.empty("{\"kind\": \"" + word + "\", \"width\": \"120 mm\", \"height\": \"160 mm\"}")
                : TestCards.of(file);
    }

    /** What a piece of this kind needs about it. */
    private static TestCards feature(String word) {
        TestCards card = TestCards.raised();
        boolean behind =
                Set.of("shaker", "wheel", "pull-strip", "hanging-spinner").contains(word);
        TestCards with = (behind ? card.add("window") : card).add(word);
        return word.equals("frame") ? with.set("frame", "inlay", "inlaid") : with;
    }

    private static Set<String> kindsWithoutFit() {
        Set<String> without = new TreeSet<>();
        for (Class<?> kind : RecordType.kinds(Piece.class)) {
            String word = RecordType.word(kind);
            boolean isBase = Base.class.isAssignableFrom(kind);
            Build build = isBase ? engineered(base(word)) : engineered(feature(word));
            boolean has = Fits.of(build, TestCards.WORKSHOP).stream()
                    .map(Fit::owner)
                    .anyMatch(owner -> isBase
                            ? owner.equals(Id.BASE)
                            : build.spec().piece(owner).filter(kind::isInstance).isPresent());
            if (!has) {
                without.add(word);
            }
        }
        return without;
    }

    private static Build engineered(TestCards card) {
        return Engineering.engineer(card.spec(), TestCards.WORKSHOP);
    }

    @Test
    void everyKindHasItsFitsOrAReason() {
        assertThat(kindsWithoutFit()).isEqualTo(new TreeSet<>(FREE.keySet()));
    }

    /** Every sort of fit is on some card of these. */
    @Test
    void everySortIsUsed() {
        Set<Fit.Sort> seen = new TreeSet<>();
        List<Build> builds = new ArrayList<>();
        for (Class<?> kind : RecordType.kinds(Piece.class)) {
            String word = RecordType.word(kind);
            builds.add(engineered(Base.class.isAssignableFrom(kind) ? base(word) : feature(word)));
        }
        builds.add(engineered(base("gate").set("base", "closing", "meeting")));
        builds.add(engineered(TestCards.raised().add("frame").set("frame", "inlay", "inlaid")));
        builds.add(engineered(TestCards.raised().add("frame").set("frame", "inlay", "backed")));
        TestCards.files().forEach(f -> builds.add(engineered(TestCards.whole(f))));
        builds.forEach(b -> Fits.of(b, TestCards.WORKSHOP).forEach(f -> seen.add(f.sort())));
        assertThat(seen).containsExactlyInAnyOrder(Fit.Sort.values());
    }
}
