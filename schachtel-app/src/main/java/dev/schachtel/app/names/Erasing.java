package dev.schachtel.app.names;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import dev.schachtel.core.card.Brief;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.log.Person;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Texts;

/** One look through everything for a name: what was found, and what stands there instead. */
public final class Erasing {
    private static final String UNREADABLE = "a file that can’t be read any more";

    /** Wherever a name can stand there is room for this many letters. */
    private static final int SHORTEST_NAME_FIELD = 60;

    /** Different texts that are told one by one. */
    private static final int TOLD = 500;

    private final Person person;
    private final Set<String> left;
    private final boolean meant;
    private final Map<Found, Integer> found = new LinkedHashMap<>();
    private int more;

    private Erasing(Person person, Set<String> left, boolean meant) {
        this.person = person;
        this.left = Set.copyOf(left);
        this.meant = meant;
    }

    /** Only looked at. */
    public static Erasing shown(Person person) {
        return new Erasing(person, Set.of(), false);
    }

    /** But for texts that are left as they are. */
    public static Erasing meant(Person person, Set<String> left) {
        return new Erasing(person, left, true);
    }

    /**
     * A text with the name in it.
     *
     * @param where what it belongs to, in words for the page
     * @param instead what stands there afterwards; empty where it is removed
     */
    public record Found(String where, String text, String instead) {}

    public boolean isMeant() {
        return meant;
    }

    /** Whatever has the name has this word, in any letter case and with any accents. */
    public String word() {
        return person.longestWord();
    }

    /** What stands there instead of a text of this many letters at most. */
    public String text(String where, String text, int most) {
        return person.isIn(text) ? instead(where, text, person.outOf(text, most)) : text;
    }

    /** Who it is where only a name can stand: this instead, if it is the name. */
    public String who(String where, String who, String instead) {
        return person.isCalled(who) ? instead(where, who, instead) : text(where, who, SHORTEST_NAME_FIELD);
    }

    /** Whether something that is kept about this person alone is removed. */
    public boolean isRemoved(String where, String who, String text) {
        return person.isCalled(who) && instead(where, text, "").isEmpty();
    }

    /** What stands there instead of the texts of a record. */
    public <T extends Record> T texts(String where, T record) {
        return Texts.changed(record, (text, most) -> text(where, text, most));
    }

    /** A card file without the name, and the same text where it isn't in it. One that can't be read any more loses it anywhere. */
    public String card(String where, String cardFile) {
        try {
            return CardFile.withTexts(
                    cardFile, brief -> nobodys(where, brief), (text, most) -> text(where, text, most));
        } catch (RefusedException unreadable) {
            return raw(where, cardFile);
        }
    }

    /** A stored document that can't be read any more, wherever the name stands in it. */
    public String raw(String where, String document) {
        String without = person.outOf(document, document.length());
        if (!without.equals(document)) {
            instead(where, UNREADABLE, Person.SOMEBODY);
        }
        return without;
    }

    private Brief nobodys(String where, Brief brief) {
        String who = who(where, brief.recipient(), "");
        return who.equals(brief.recipient()) ? brief : brief.madeFor(who, who.isEmpty() ? "" : brief.occasion());
    }

    private String instead(String where, String text, String instead) {
        if (left.contains(text)) {
            return text;
        }
        Found one = new Found(where, text, instead);
        if (found.size() < TOLD || found.containsKey(one)) {
            found.merge(one, 1, Integer::sum);
        } else {
            more++;
        }
        return instead;
    }

    /** What was found, and how often, in the order in which it was. */
    public List<Map.Entry<Found, Integer>> found() {
        return List.copyOf(found.entrySet());
    }

    /** So many texts more hold the word by which they were sought, and are not read until erasing is meant. */
    public void unread(int texts) {
        more += texts;
    }

    /** How often a name was found beside what is told one by one. */
    public int more() {
        return more;
    }

    public int times() {
        return more + found.values().stream().mapToInt(n -> n).sum();
    }
}
