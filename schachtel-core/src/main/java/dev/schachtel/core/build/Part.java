package dev.schachtel.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.CutMethod;
import dev.schachtel.core.material.Grain;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Outline;
import dev.schachtel.core.shape.Placement;

/**
 * One thing to cut.
 *
 * @param outline flat, as it is cut, in its own coordinates
 * @param at where its copies lie on the face; at least one
 * @param stacked how many are laid on each other at each place, 1 or more
 * @param grain which way its grain should run in its own coordinates; NONE: no matter
 * @param stitched how far inside its edge the die presses a line of stitches, 0 without one
 */
public record Part(
        PartId id,
        String name,
        Material material,
        Form form,
        Outline outline,
        List<Placement> at,
        int stacked,
        CutMethod method,
        Grain grain,
        List<Cutout> cutouts,
        List<Slit> slits,
        Length stitched) {
    public Part {
        at = List.copyOf(at);
        cutouts = List.copyOf(cutouts);
        slits = List.copyOf(slits);
    }

    /** A single uncut part whose grain does not matter. */
    public static Part of(PartId id, String name, Material material, Form form, Outline outline) {
        return new Part(
                id,
                name,
                material,
                form,
                outline,
                List.of(Placement.ORIGIN),
                1,
                CutMethod.TRIMMER,
                Grain.NONE,
                List.of(),
                List.of(),
                Length.ZERO);
    }

    public Id owner() {
        return id.owner();
    }

    /** How many of it one card takes. */
    public int perCard() {
        return at.size() * stacked;
    }

    /** Grams of all its copies in one card: area x grammage, no less than 0. */
    public double grams() {
        return outline.area().squareMillimetres() / 1e6 * material.grammage() * perCard();
    }

    public Part at(List<Placement> places) {
        return new Part(id, name, material, form, outline, places, stacked, method, grain, cutouts, slits, stitched);
    }

    public Part at(Placement place) {
        return at(List.of(place));
    }

    public Part stacked(int layers) {
        return new Part(id, name, material, form, outline, at, layers, method, grain, cutouts, slits, stitched);
    }

    public Part cutBy(CutMethod way) {
        return new Part(id, name, material, form, outline, at, stacked, way, grain, cutouts, slits, stitched);
    }

    public Part grain(Grain wish) {
        return new Part(id, name, material, form, outline, at, stacked, method, wish, cutouts, slits, stitched);
    }

    public Part stitched(Length inside) {
        return new Part(id, name, material, form, outline, at, stacked, method, grain, cutouts, slits, inside);
    }

    /** The line of stitches on a copy that lies there; empty without one. */
    public Optional<Outline> stitches(Outline copy) {
        return stitched.isZero()
                ? Optional.empty()
                : Optional.of(new Outline(copy.outer(), List.of()).grown(stitched.negated()));
    }

    /** With an opening that lies there on the face when the part, opened out, lies at its first placement. */
    public Part with(Cutout cutout, Outline openedOut) {
        Placement lies = at.get(0);
        Outline own =
                openedOut.placed(Placement.at(lies.across().negated(), lies.up().negated()));
        List<Cutout> all = new ArrayList<>(cutouts);
        all.add(cutout);
        return new Part(
                id, name, material, form, outline.without(own), at, stacked, method, grain, all, slits, stitched);
    }

    /** With an opening that its outline shows already, such as a die cut edge. */
    public Part noting(Cutout cutout) {
        List<Cutout> all = new ArrayList<>(cutouts);
        all.add(cutout);
        return new Part(id, name, material, form, outline, at, stacked, method, grain, all, slits, stitched);
    }

    /** With a cut that takes nothing out, in this part's own coordinates. */
    public Part with(Slit slit) {
        List<Slit> all = new ArrayList<>(slits);
        all.add(slit);
        return new Part(id, name, material, form, outline, at, stacked, method, grain, cutouts, all, stitched);
    }

    /** The outlines of all copies where they lie on the face. */
    public List<Outline> footprints() {
        return at.stream().map(outline::placed).toList();
    }
}
