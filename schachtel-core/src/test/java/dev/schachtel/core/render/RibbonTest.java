package dev.schachtel.core.render;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import dev.schachtel.core.TestCards;
import dev.schachtel.core.motion.Course;
import dev.schachtel.core.motion.Movements;

import static org.assertj.core.api.Assertions.assertThat;

/** The words on a ribbon are read off what was drawn: they lie over its line or under it, never on it. */
class RibbonTest {
    private static final Pattern LINE = Pattern.compile("rib-l\" d=\"([^\"]+)");
    private static final Pattern POINT = Pattern.compile("[ML]([\\d.]+),([\\d.]+)");
    private static final Pattern WORDS = Pattern.compile("rib-n\" x=\"133\" y=\"([\\d.]+)");

    private static String group(Pattern pattern, String svg) {
        Matcher m = pattern.matcher(svg);
        assertThat(m.find()).isTrue();
        return m.group(1);
    }

    private static List<Double> middle(String svg) {
        List<Double> heights = new ArrayList<>();
        Matcher point = POINT.matcher(group(LINE, svg));
        while (point.find()) {
            if (Math.abs(Double.parseDouble(point.group(1)) - 133) < 70) {
                heights.add(Double.parseDouble(point.group(2)));
            }
        }
        return heights;
    }

    @ParameterizedTest
    @ValueSource(strings = {"upper-station", "turntable", "level-crossing", "viaduct", "cable-drum", "guards-door"})
    void wordsLieBesideTheLine(String file) {
        for (Course course : Movements.of(TestCards.of(file + ".json").build()).courses()) {
            String svg = RibbonSvg.write(course);
            double foot = Double.parseDouble(group(WORDS, svg));
            assertThat(foot).isBetween(8.0, 36.0);
            assertThat(middle(svg)).as(file).isNotEmpty().allMatch(y -> y > foot || y < foot - 8);
        }
    }
}
