package dev.schachtel.core.card;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

import dev.schachtel.core.letters.Typeface;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.MaterialId;

/** Pictures of the box that a piece shows, one place after another; they begin again when all are used. */
public sealed interface Showing
        permits Showing.Nothing, Showing.One, Showing.Two, Showing.Three, Showing.Six, Showing.Words {
    List<MaterialId> pictures();

    /** Places that differ from each other. */
    default int places() {
        return pictures().size();
    }

    /** Left free. */
    @Kind(value = "nothing", title = "No picture")
    record Nothing() implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of();
        }
    }

    /** The same picture. */
    @Kind(value = "one", title = "The same picture")
    record One(@Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first);
        }
    }

    /** Two pictures in turn. */
    @Kind(value = "two", title = "Two pictures in turn")
    record Two(
            @Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first,
            @Asked(value = "Second picture", initial = "goat", from = Asked.Choice.PICTURE) MaterialId second)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first, second);
        }
    }

    /** Three pictures in turn. */
    @Kind(value = "three", title = "Three pictures in turn")
    record Three(
            @Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first,
            @Asked(value = "Second picture", initial = "goat", from = Asked.Choice.PICTURE) MaterialId second,
            @Asked(value = "Third picture", initial = "kestrel", from = Asked.Choice.PICTURE) MaterialId third)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first, second, third);
        }
    }

    /** Six pictures in turn. */
    @Kind(value = "six", title = "Six pictures in turn")
    record Six(
            @Asked(value = "Picture", initial = "car", from = Asked.Choice.PICTURE) MaterialId first,
            @Asked(value = "Second picture", initial = "goat", from = Asked.Choice.PICTURE) MaterialId second,
            @Asked(value = "Third picture", initial = "kestrel", from = Asked.Choice.PICTURE) MaterialId third,
            @Asked(value = "Fourth picture", initial = "tall-tree", from = Asked.Choice.PICTURE) MaterialId fourth,
            @Asked(value = "Fifth picture", initial = "conductor", from = Asked.Choice.PICTURE) MaterialId fifth,
            @Asked(value = "Sixth picture", initial = "moon", from = Asked.Choice.PICTURE) MaterialId sixth)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of(first, second, third, fourth, fifth, sixth);
        }
    }

    /** Words: one in each place where there are as many, else their letters, spread over all places. */
    @Kind(value = "words", title = "Words, split over the places")
    record Words(
            @Asked(value = "Words", initial = "Hurrah") String text,
            @Asked(value = "Letters", initial = "plain", pull = Pull.LETTERS) Typeface letters,
            @Asked(value = "Ink", initial = "#22303a") Colour ink)
            implements Showing {
        @Override
        public List<MaterialId> pictures() {
            return List.of();
        }

        private List<String> words() {
            return Arrays.stream(text.strip().split("\\s+"))
                    .filter(w -> !w.isEmpty())
                    .toList();
        }

        /** Words, or the letters of a single one. */
        @Override
        public int places() {
            List<String> words = words();
            return words.size() == 1
                    ? words.get(0).codePointCount(0, words.get(0).length())
                    : words.size();
        }

        /** What stands in each of so many places, from the first; some stay free where there are more places than letters. */
        public List<String> over(int places) {
            List<String> words = words();
            if (words.size() > 1 && places % words.size() == 0) {
                return IntStream.range(0, places)
                        .mapToObj(i -> words.get(i % words.size()))
                        .toList();
            }
            List<String> letters = String.join("", words)
                    .codePoints()
                    .mapToObj(Character::toString)
                    .toList();
            int used = Math.min(places, letters.size());
            return IntStream.range(0, places)
                    .mapToObj(i -> i >= used
                            ? ""
                            : String.join(
                                    "", letters.subList(i * letters.size() / used, (i + 1) * letters.size() / used)))
                    .toList();
        }
    }
}
