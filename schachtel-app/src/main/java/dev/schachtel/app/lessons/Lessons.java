package dev.schachtel.app.lessons;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

import dev.schachtel.app.words.Html;
import dev.schachtel.core.assembly.Op;
import dev.schachtel.core.build.Build;
import dev.schachtel.core.card.Asked;
import dev.schachtel.core.card.CardSpec;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Piece;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;

/** Keeps lessons, and finds those that matter in a place. */
@Service
public class Lessons {
    static final int LONGEST = 500;
    private static final int ABOUT = 80;
    private static final int MOST_AT_A_STEP = 2;
    private final LessonRepository lessons;
    private final Clock clock;

    Lessons(LessonRepository lessons, Clock clock) {
        this.lessons = lessons;
        this.clock = clock;
    }

    /** What a lesson is about. */
    public enum Topic {
        /** A kind of work: shown with each such step. */
        WORK,
        /** A kind of piece: shown where one is chosen, and at its steps. */
        PIECE,
        /** A material: shown at the steps of pieces that are made of it. */
        MATERIAL,
        /** A rule: shown with what it finds. */
        RULE,
        /** A picture of the box: shown where a piece with it is chosen, and at its steps. */
        PICTURE
    }

    /** One lesson. */
    public record Lesson(long id, Topic topic, String about, String words) {}

    /**
     * Puts a lesson down.
     *
     * @throws RefusedException if it says nothing, or too much
     */
    public void add(Topic topic, String about, String words, @Nullable Long build) {
        String said = words.strip();
        if (said.isEmpty()
                || said.length() > LONGEST
                || said.chars().anyMatch(c -> Character.isISOControl(c) && c != 10 && c != 13)) {
            throw new RefusedException("lesson", "must say something, in 500 letters at most");
        }
        if (about.isBlank() || about.length() > ABOUT) {
            throw new RefusedException("lesson", "must be about something");
        }
        lessons.save(new LessonEntity(topic, about, said.replaceAll("\\s+", " "), build, clock.instant()));
    }

    public void forget(long id) {
        lessons.deleteById(id);
    }

    public List<Lesson> ofBuild(long build) {
        return lessons.findAllByBuildIdOrderById(build).stream()
                .map(LessonEntity::lesson)
                .toList();
    }

    public List<Lesson> all() {
        return lessons.findTop500ByOrderByIdDesc().stream()
                .map(LessonEntity::lesson)
                .toList();
    }

    /** What matters where a piece is chosen. */
    public List<Lesson> of(Piece piece) {
        String kind = RecordType.word(piece.getClass());
        Set<String> pictures = pictures(piece);
        return all().stream()
                .filter(l -> l.topic() == Topic.PIECE && l.about().equals(kind)
                        || l.topic() == Topic.PICTURE && pictures.contains(l.about()))
                .toList();
    }

    /** What was learned about rules, by their names. */
    public Map<String, List<Lesson>> ofRules() {
        return all().stream().filter(l -> l.topic() == Topic.RULE).collect(Collectors.groupingBy(Lesson::about));
    }

    /** The pictures of the box that a piece shows, by their ids. */
    public static Set<String> pictures(Piece piece) {
        Set<String> found = new LinkedHashSet<>();
        pictures(piece, found);
        return found;
    }

    private static void pictures(Object record, Set<String> found) {
        RecordType type = RecordType.of(record.getClass());
        for (RecordType.Component c : type.components()) {
            Object value = type.get(record, c);
            if (value instanceof MaterialId id && c.asked().from() == Asked.Choice.PICTURE) {
                found.add(id.value());
            } else if (c.isFamily()) {
                pictures(value, found);
            }
        }
    }

    /** What matters at a step: its work, the kinds of the pieces that it is about, what they are made of. */
    public List<Lesson> of(Op op, Build build) {
        return at(
                op.kind().id(),
                op.parts().stream().map(p -> p.owner()).collect(Collectors.toSet()),
                build.spec(),
                build);
    }

    /** The orders of a step with what was learned about it after them; safe HTML. */
    public List<String> orders(List<String> orders, Op op, Build build) {
        List<String> all = new ArrayList<>(orders);
        of(op, build).stream()
                .limit(MOST_AT_A_STEP)
                .forEach(l -> all.add("<em class=\"lesson\">" + Html.escape(l.words()) + "</em>"));
        return all;
    }

    private List<Lesson> at(String work, Set<Id> owners, CardSpec spec, Build build) {
        List<Lesson> all = all();
        if (all.isEmpty()) {
            return all;
        }
        Set<String> kinds = owners.stream()
                .flatMap(o -> spec.piece(o).stream())
                .map(p -> RecordType.word(p.getClass()))
                .collect(Collectors.toSet());
        Set<String> pictures = owners.stream()
                .flatMap(o -> spec.piece(o).stream())
                .flatMap(p -> pictures(p).stream())
                .collect(Collectors.toSet());
        Set<String> materials = owners.stream()
                .flatMap(o -> build.partsOf(o).stream())
                .map(p -> p.material().id().value())
                .collect(Collectors.toSet());
        return all.stream()
                .filter(l -> switch (l.topic()) {
                    case WORK -> l.about().equals(work);
                    case PIECE -> kinds.contains(l.about());
                    case MATERIAL -> materials.contains(l.about());
                    case PICTURE -> pictures.contains(l.about());
                    case RULE -> false;
                })
                .toList();
    }
}
