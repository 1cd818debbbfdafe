package dev.schachtel.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

import dev.schachtel.core.model.RefusedException;

/**
 * Somebody by name, and where that name stands in what people wrote. It is the same name in other letter case, with other accents,
 * spaces and marks ({@link Acquaintance#same}); part of a longer word is another word, so that nobody called "Ann" is found in
 * "Anniversary".
 */
public final class Person {
    /** What stands where the name stood. */
    public static final String SOMEBODY = "somebody";

    private static final String NOTHING = "…";
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}\\p{M}]+");
    private final List<String> words;

    private Person(List<String> words) {
        this.words = List.copyOf(words);
    }

    /**
     * Somebody of this name.
     *
     * @throws RefusedException if it has no letters: an empty name would be everybody's who has none
     */
    public static Person of(String name) {
        String same = Acquaintance.same(name);
        if (same.isEmpty()) {
            throw new RefusedException("who", "has no letter by which somebody is known");
        }
        return new Person(Arrays.asList(same.split(" ")));
    }

    /** The longest word of the name: whatever has the name has this word, in any letter case and with any accents. */
    public String longestWord() {
        return words.stream().reduce("", (a, b) -> b.length() > a.length() ? b : a);
    }

    /** Whether this is the whole name. */
    public boolean isCalled(String who) {
        return Acquaintance.same(who).equals(String.join(" ", words));
    }

    /** Whether the name stands in a text. */
    public boolean isIn(String text) {
        return !spans(text).isEmpty();
    }

    /**
     * A text without the name: "somebody" stands there instead, or a mark of omission where the text would be longer than this many
     * letters; the same text if the name isn't in it.
     */
    public String outOf(String text, int most) {
        List<Span> spans = spans(text);
        String without = replaced(text, spans, SOMEBODY);
        return without.length() <= Math.max(most, text.length()) ? without : replaced(text, spans, NOTHING);
    }

    private static String replaced(String text, List<Span> spans, String by) {
        StringBuilder all = new StringBuilder();
        int from = 0;
        for (Span span : spans) {
            all.append(text, from, span.from()).append(by);
            from = span.to();
        }
        return all.append(text, from, text.length()).toString();
    }

    private record Span(int from, int to) {}

    /** One word of a text; what is written as one word may be several as names are compared. */
    private record Word(String same, int from, int to) {}

    private List<Span> spans(String text) {
        List<Word> all = new ArrayList<>();
        for (MatchResult word : (Iterable<MatchResult>) WORD.matcher(text).results()::iterator) {
            for (String same : Acquaintance.same(word.group()).split(" ")) {
                if (!same.isEmpty()) {
                    all.add(new Word(same, word.start(), word.end()));
                }
            }
        }
        List<Span> found = new ArrayList<>();
        for (int i = 0; i + words.size() <= all.size(); i++) {
            List<Word> here = all.subList(i, i + words.size());
            if (here.stream().map(Word::same).toList().equals(words)) {
                found.add(new Span(here.get(0).from(), here.get(here.size() - 1).to()));
                i += words.size() - 1;
            }
        }
        return found;
    }
}
