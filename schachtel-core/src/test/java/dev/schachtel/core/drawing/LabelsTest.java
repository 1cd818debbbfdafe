package dev.schachtel.core.drawing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Every size written in a drawing is the size of what it stands at. */
class LabelsTest {
    static List<String> files() {
        return TestCards.files();
    }

    private static <M extends Mark> List<M> all(Scene scene, Class<M> kind) {
        return scene.marks().stream()
                .flatMap(m -> m instanceof Mark.Moving moving ? moving.marks().stream() : Stream.of(m))
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }

    private static Optional<Length> size(Words words) {
        return words.runs().stream()
                .filter(Words.Size.class::isInstance)
                .map(r -> ((Words.Size) r).length())
                .findFirst();
    }

    private static String plain(Words words) {
        return words.runs().stream()
                .map(r -> r instanceof Words.Plain p ? p.text() : "")
                .collect(Collectors.joining());
    }

    /** What a dimension's line spans on the side where it runs. */
    private static double span(Mark.Dimension d) {
        boolean up = d.side() == Mark.Side.LEFT || d.side() == Mark.Side.RIGHT;
        return up
                ? Math.abs(d.to().y() - d.from().y())
                : Math.abs(d.to().x() - d.from().x());
    }

    /** With each piece selected in turn. */
    @ParameterizedTest
    @MethodSource("files")
    void aDimensionSaysHowLongItIs(String file) {
        Build build = TestCards.whole(file).build();
        List<Id> ids = Stream.concat(Stream.of(Id.BASE), build.spec().pieces().map(p -> p.id()))
                .toList();
        int seen = 0;
        for (Id id : ids) {
            for (Mark.Dimension d : all(Views.FRONT.of(build, id), Mark.Dimension.class)) {
                Length said = size(d.words()).orElseThrow();
                assertThat(Mm.of(said)).as("%s of %s", d, id).isCloseTo(span(d), within(0.01));
                seen++;
            }
        }
        assertThat(seen).isGreaterThanOrEqualTo(2 * ids.size());
    }

    /** The whole face is always dimensioned, across and up. */
    @ParameterizedTest
    @MethodSource("files")
    void theFaceHasItsWidthAndHeight(String file) {
        Build build = TestCards.whole(file).build();
        Box face = build.face().bounds();
        List<Length> sizes = all(Views.FRONT.of(build, Id.BASE), Mark.Dimension.class).stream()
                .flatMap(d -> size(d.words()).stream())
                .toList();
        assertThat(sizes).contains(face.wide(), face.high());
    }

    /** Cut through, every layer is drawn as thick as it is, all by one scale, and the whole says its height. */
    @ParameterizedTest
    @MethodSource("files")
    void aSectionIsToScaleUpwards(String file) {
        Build build = TestCards.whole(file).build();
        Scene scene = new SectionView(build, Optional.empty(), 0.5).scene();
        Mark.Dimension whole = all(scene, Mark.Dimension.class).get(0);
        double larger = span(whole) / Mm.of(build.thickness());
        assertThat(plain(whole.words())).isEqualTo(Units.tenths(build.thickness()) + " mm");
        List<Mark.Area> blocks = all(scene, Mark.Area.class);
        assertThat(blocks).isNotEmpty();
        for (Mark.Area block : blocks) {
            Box drawn = block.outline().bounds();
            assertThat(build.levels())
                    .as("block at %s", drawn)
                    .anyMatch(l -> near(Mm.of(l.bottom()) * larger, drawn.bottom())
                            && near(Mm.of(l.top()) * larger, drawn.top())
                            && l.slab().bounds().left() <= drawn.left() + 0.01
                            && l.slab().bounds().right() >= drawn.right() - 0.01);
        }
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) < 0.01;
    }

    /** At any height of the card, what is drawn across is what lies there, piece by piece. */
    @Test
    void aSectionCutsWhatLiesThere() {
        Build build = TestCards.of("upper-station.json").build();
        double y = SectionView.height(build, Optional.of(new Id("shaker")));
        Scene scene = new SectionView(build, Optional.of(new Id("shaker")), 0.5).scene();
        double drawn = all(scene, Mark.Area.class).stream()
                .mapToDouble(a -> a.outline().bounds().width())
                .sum();
        double lies = build.levels().stream()
                .flatMap(l -> l.slab().footprints().stream())
                .flatMap(f -> f.across(y).stream())
                .mapToDouble(
                        s -> Math.max(0, Math.min(s.to(), build.face().bounds().right()) - Math.max(s.from(), 0)))
                .sum();
        assertThat(drawn).isCloseTo(lies, within(0.05));
    }

    /** Taken apart, names fit into the room kept for them, at eight points a letter. */
    @ParameterizedTest
    @MethodSource("files")
    void namesOfLayersHaveTheirRoom(String file) {
        Build build = TestCards.whole(file).build();
        Scene scene = Views.TAKEN_APART.of(build, Id.BASE);
        List<Mark.Label> labels = all(scene, Mark.Label.class);
        assertThat(labels).isNotEmpty();
        for (Mark.Label label : labels) {
            int letters = plain(label.words()).length();
            assertThat((double) scene.room().right())
                    .isGreaterThanOrEqualTo(label.shift().right() + 7 * letters);
        }
    }

    /** Each part's letter stands once, and the legend's letters are those of the build. */
    @ParameterizedTest
    @MethodSource("files")
    void lettersAreThoseOfTheParts(String file) {
        Build build = TestCards.whole(file).build();
        Map<?, String> letters = build.letters();
        for (Mark.Letter letter : all(Views.TAKEN_APART.of(build, Id.BASE), Mark.Letter.class)) {
            assertThat(letter.letter()).isEqualTo(letters.getOrDefault(letter.part(), ""));
        }
    }

    /** Opened out flat, each part of the base keeps its area and its folds lie on it. */
    @ParameterizedTest
    @MethodSource("files")
    void aBlankIsDrawnWhole(String file) {
        Build build = TestCards.whole(file).build();
        Scene scene = Views.OPENED_FLAT.of(build, Id.BASE);
        Outline blank = build.partsOf(Id.BASE).get(0).outline();
        Box extent = scene.extent();
        assertThat(extent.width()).isGreaterThanOrEqualTo(blank.bounds().width() - 0.01);
        assertThat(extent.height()).isGreaterThanOrEqualTo(blank.bounds().height() - 0.01);
        for (Mark.Line line : all(scene, Mark.Line.class)) {
            if (line.meaning() == Meaning.MOUNTAIN || line.meaning() == Meaning.VALLEY) {
                for (Point p : line.points()) {
                    assertThat(extent.grown(0.01).holds(p)).isTrue();
                }
            }
        }
    }

    @Test
    void heightsOfTheSectionGoThroughWhatIsSelected() {
        Build build = TestCards.of("upper-station.json").build();
        Level strip = build.levels().stream()
                .filter(l -> l.slab().id().value().equals("sentiment/strip"))
                .findFirst()
                .orElseThrow();
        assertThat(SectionView.height(build, Optional.of(new Id("sentiment"))))
                .isCloseTo(strip.slab().bounds().centre().y(), within(1e-6));
    }
}
