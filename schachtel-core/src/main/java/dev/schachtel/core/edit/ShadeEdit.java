package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import dev.schachtel.core.material.Colour;
import dev.schachtel.core.material.Lab;
import dev.schachtel.core.material.MaterialId;
import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Shade;
import dev.schachtel.core.measure.Units;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Changes to the pens, inks and powders by typed text. */
public record ShadeEdit(List<Shade> shades) {
    /** The most that are kept. */
    public static final int MOST = 500;

    private static final int LONGEST = 40;
    /** As in {@code 46.5, -3, -15} or {@code Lab 46.5 -3 -15}. */
    private static final Pattern LAB = Pattern.compile(
            "(?i)(?:lab)?\\s*\\(?\\s*(-?\\d{1,3}(?:\\.\\d{1,4})?)[,;\\s]+(-?\\d{1,3}(?:\\.\\d{1,4})?)[,;\\s]+(-?\\d{1,3}(?:\\.\\d{1,4})?)\\s*\\)?");

    public ShadeEdit {
        shades = List.copyOf(shades);
    }

    /**
     * One thing about a shade: its name, medium, colour, level or family.
     *
     * @throws RefusedException if there is none such, or the text means nothing
     */
    public List<Shade> set(MaterialId id, String what, String text) {
        Shade old = find(id);
        RecordType type = RecordType.of(Shade.class);
        RecordType.Component component = type.component(what)
                .filter(c -> !c.name().equals("id") && !c.name().equals("used"))
                .orElseThrow(() -> new RefusedException(what, "is nothing that is kept of a colour"));
        Object value =
                switch (what) {
                    case "colour" -> colour(text);
                    case "name" -> name(text);
                    case "family" -> family(text);
                    default -> Scalars.read(component, text.strip(), Units.MM, what);
                };
        Shade changed = (Shade) type.with(old, component, value, what);
        Shade now = what.equals("level") ? changed.looked() : changed;
        return shades.stream().map(s -> s == old ? now : s).toList();
    }

    /** A new one, full, at the end. */
    public List<Shade> add(String name, String medium, String colour) {
        if (shades.size() >= MOST) {
            throw new RefusedException("list", "holds " + MOST + " colours; take one out first");
        }
        RecordType.Component component =
                RecordType.of(Shade.class).component("medium").orElseThrow();
        Medium with = (Medium) Scalars.read(component, medium.strip(), Units.MM, "medium");
        String said = name(name);
        List<Shade> all = new ArrayList<>(shades);
        all.add(new Shade(free(said, with), said, with, colour(colour), Shade.Level.FULL, "", 0));
        return all;
    }

    public List<Shade> remove(MaterialId id) {
        Shade gone = find(id);
        return shades.stream().filter(s -> s != gone).toList();
    }

    /** With other colours for some of them, as from a chart that was read. */
    public List<Shade> measured(Map<MaterialId, Colour> read) {
        return shades.stream()
                .map(s -> read.containsKey(s.id()) ? s.measured(read.get(s.id())) : s)
                .toList();
    }

    /**
     * {@code #9fb5c7}, or lightness, a and b of Lab.
     *
     * @throws RefusedException if it is neither, or no screen can show it
     */
    public static Colour colour(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.matches(Colour.PATTERN)) {
            return Colour.parse(plain);
        }
        Matcher lab = LAB.matcher(plain);
        if (!lab.matches()) {
            throw new RefusedException(
                    "colour",
                    "'" + text.strip() + "' is none; write it as #9fb5c7, or as L, a, b such as 46.5, -3, -15");
        }
        Lab asked = new Lab(number(lab, 1), number(lab, 2), number(lab, 3));
        if (asked.lightness() < 0 || asked.lightness() > 100) {
            throw new RefusedException("colour", "has a lightness of " + lab.group(1) + "; it goes from 0 to 100");
        }
        if (!asked.isOnScreen()) {
            throw new RefusedException(
                    "colour",
                    "lies outside what a screen can show; the nearest that it can is "
                            + asked.colour().hex());
        }
        return asked.colour();
    }

    private static double number(Matcher m, int group) {
        return Double.parseDouble(m.group(group));
    }

    private static String name(String text) {
        String said = text.strip();
        if (said.isEmpty() || said.length() > LONGEST || said.chars().anyMatch(Character::isISOControl)) {
            throw new RefusedException("name", "must have 1 to " + LONGEST + " letters");
        }
        return said;
    }

    private static String family(String text) {
        return text.isBlank() ? "" : name(text);
    }

    private MaterialId free(String name, Medium medium) {
        String slug = (name + (medium == Medium.ALCOHOL_PEN ? "" : " " + medium.title()))
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String cut = slug.length() > 34 ? slug.substring(0, 34).replaceAll("-$", "") : slug;
        String root = cut.matches("[a-z].*") ? cut : "colour";
        return Stream.iterate(1, i -> i + 1)
                .map(i -> new MaterialId(i == 1 ? root : root + "-" + i))
                .filter(id -> shades.stream().noneMatch(s -> s.id().equals(id)))
                .findFirst()
                .orElseThrow();
    }

    private Shade find(MaterialId id) {
        return shades.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException(id.value(), "is not among the colours"));
    }
}
