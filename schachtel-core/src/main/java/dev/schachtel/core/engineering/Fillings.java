package dev.schachtel.core.engineering;

import java.util.List;

import dev.schachtel.core.build.Amount;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Derivation;
import dev.schachtel.core.build.Source;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Filling;
import dev.schachtel.core.measure.Area;
import dev.schachtel.core.measure.Length;
import dev.schachtel.core.shape.Circles;

/**
 * How much goes into a chamber. Pieces are counted: n = cover x clear area over the area of one piece; what is fine is
 * measured by volume, cover x clear area x depth, and weighed. The clear area is that of the outline between the walls, a
 * polygon between straight strips. Handbook chapter 2.
 */
record Fillings(Id owner, Filling filling, Area clear, int cover, Length depth) {
    int pieces() {
        return (int) Math.round(clear.shareOf(Circles.area(filling.diameter())) * cover / 100.0);
    }

    private double millilitres() {
        return clear.squareMillimetres() * depth.nanometres() / 1e6 * cover / 100.0 / 1000;
    }

    List<Derivation> derive(Chamber.Sort sort) {
        Derivation.Term share = new Derivation.Term(1, "cover", new Amount.Count(cover), new Source(owner, "cover"));
        Derivation.Term area = new Derivation.Term(
                1,
                sort == Chamber.Sort.DAM ? "the clear area inside the dam" : "the area of the pouch",
                new Amount.Squares(clear),
                new Source(owner, "*"));
        Source what = new Source(owner, "filling");
        if (!filling.isFine()) {
            return List.of(new Derivation(
                    owner,
                    "Filling, pieces",
                    new Amount.Count(pieces()),
                    "{0} % of {1} ÷ one piece, {2} across",
                    List.of(share, area, new Derivation.Term(1, "disc", Amount.of(filling.diameter()), what))));
        }
        Derivation.Term deep = new Derivation.Term(1, "depth", new Amount.Thick(depth), new Source(owner, "layers"));
        Amount volume = Amount.millilitres(millilitres());
        return List.of(
                new Derivation(owner, "Filling, volume", volume, "{0} % of {1} × {2}", List.of(share, area, deep)),
                new Derivation(
                        owner,
                        "Filling, mass",
                        Amount.grams(filling.grams(millilitres())),
                        "{0} × {1} for 100 ml",
                        List.of(
                                new Derivation.Term(1, "", volume, what),
                                new Derivation.Term(1, "", Amount.grams(filling.density()), what))));
    }
}
