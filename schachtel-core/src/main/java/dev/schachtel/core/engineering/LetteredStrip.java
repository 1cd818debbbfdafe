package dev.schachtel.core.engineering;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Art;
import dev.schachtel.core.build.Fault;
import dev.schachtel.core.build.Form;
import dev.schachtel.core.build.Lettering;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.RuleId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Course;
import dev.schachtel.core.card.Sentiment;
import dev.schachtel.core.card.Worded;
import dev.schachtel.core.letters.TextLine;
import dev.schachtel.core.material.Colour;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Box;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Point;

/**
 * The words of a strip and the strip they need, about the strip's middle. Words with a height of their own make it grow: 3 mm
 * all round them, no less than asked. Handbook chapter 10, words.
 */
record LetteredStrip(TextLine line, WordBand band) {
    private static final double MARGIN = 3;
    /** Words that fill a strip keep this share of it free on each side, up to the margin. */
    private static final double FREE = 0.12;
    /** A band goes round no more of its circle, and its inner edge has a radius of that many millimetres at least. */
    private static final double ROUND = 0.9;

    private static final double LEAST = 1;
    /** Two inks run into each other over this share of one's length, on each side. */
    private static final double SOFT = 0.2;

    static LetteredStrip of(Sentiment strip) {
        return of(strip, Mm.of(strip.width()), Mm.of(strip.height()));
    }

    /** Words without a strip. */
    static LetteredStrip of(Worded words) {
        return of(words, 0, 0);
    }

    private static LetteredStrip of(Worded strip, double w, double h) {
        boolean grows = !strip.xHeight().isZero();
        TextLine level = grows
                ? TextLine.of(strip.text(), strip.letters(), strip.xHeight())
                : TextLine.within(strip.text(), strip.letters(), inside(w), inside(h));
        double wide = grows ? Math.max(w, level.box().width() + 2 * MARGIN) : w;
        double high = grows ? Math.max(h, level.box().height() + 2 * MARGIN) : h;
        Point middle = new Point(-level.foot().x(), -level.foot().y());
        double asked = radius(strip.course());
        if (asked == 0) {
            return new LetteredStrip(level, new WordBand(wide, high, middle, 0));
        }
        double least = Math.max(wide / (2 * Math.PI * ROUND), high / 2 + Math.abs(middle.y()) + LEAST);
        double radius = Math.signum(asked) * Math.max(Math.ceil(least), Math.abs(asked));
        TextLine bent = TextLine.bent(strip.text(), strip.letters(), Mm.length(level.xHeight()), Mm.length(radius));
        return new LetteredStrip(bent, new WordBand(wide, high, new Point(0, middle.y()), radius));
    }

    private static Length inside(double side) {
        return Mm.length(side - 2 * Math.min(MARGIN, FREE * side));
    }

    /** Less than 0 if the circle's middle lies above the words; 0 for straight. */
    private static double radius(Course course) {
        if (course instanceof Course.Arch arch) {
            return Mm.of(arch.radius());
        }
        return course instanceof Course.Bowl bowl ? -Mm.of(bowl.radius()) : 0;
    }

    /** Notes letters that are missing, and a bend that is too tight. */
    void judge(Worded words, BuildDraft draft) {
        Letters.judge(line, new Source(words.id(), "letters"), words.text(), draft);
        if (isBentLess(words.course())) {
            Source radius = new Source(words.id(), "course.radius");
            Length needed = Mm.length(Math.abs(band.radius()));
            draft.fault(Fault.mend(RuleId.WORDS_BENT, radius, words.text(), Amount.of(needed), Amount.of(needed))
                    .remedy(draft.lever(radius).map(l -> l.to(needed))));
        }
    }

    /** The words as they are on a sheet. */
    Lettering lettering(Worded words, PartId part, SlabId on) {
        return new Lettering(words.id(), on, part, words.text(), words.allInks(), line.xHeight(), letters(words));
    }

    /** The radius that is taken instead of one with which words can't be bent. */
    private boolean isBentLess(Course course) {
        return Math.abs(band.radius()) > Math.abs(radius(course)) + 1e-6;
    }

    boolean isStraight() {
        return band.radius() == 0;
    }

    /** The strip with a border all round. */
    Outline outline(Length border) {
        return band.outline(Mm.of(border)).moved(back());
    }

    Form form(Length border) {
        Box box = outline(border).bounds();
        return isStraight() ? Form.rectangle(box.wide(), box.high()) : Form.of(Form.Sort.SHAPE, box.wide(), box.high());
    }

    private Point back() {
        Point middle = band.outline(0).bounds().centre();
        return new Point(-middle.x(), -middle.y());
    }

    /** All letters in their inks, where they lie. */
    private List<Art.Tint> letters(Worded words) {
        List<Colour> inks = words.allInks();
        Point by = back().plus(
                        Mm.of(words.across()) - line.foot().x(),
                        Mm.of(words.up()) - line.foot().y());
        Map<Colour, List<Outline>> areas = new LinkedHashMap<>();
        for (TextLine.Letter letter : line.letters()) {
            List<Outline> of = areas.computeIfAbsent(ink(inks, letter.place()), k -> new ArrayList<>());
            letter.outlines().forEach(o -> of.add(o.moved(by)));
        }
        return areas.entrySet().stream()
                .map(e -> new Art.Tint("words", e.getKey(), e.getValue()))
                .toList();
    }

    /** What a letter is inked in whose middle is there along the line, from 0 to 1. */
    private static Colour ink(List<Colour> inks, double place) {
        double at = Math.max(0, Math.min(place, 1)) * inks.size();
        int own = Math.min((int) at, inks.size() - 1);
        double in = at - own;
        if (in < SOFT && own > 0) {
            return inks.get(own - 1).mixed(inks.get(own), 0.5 + in / SOFT / 2);
        }
        return in > 1 - SOFT && own < inks.size() - 1
                ? inks.get(own).mixed(inks.get(own + 1), (in - 1 + SOFT) / SOFT / 2)
                : inks.get(own);
    }
}
