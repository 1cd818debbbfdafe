package dev.schachtel.core.assembly;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Chamber;
import dev.schachtel.core.build.Joint;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.build.Zone;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.material.Material;

/** Operations on what holds a filling: tracing, film, dam or pouch, filling. */
final class ChamberOps {
    private final Build build;
    private final Fixings fixings;
    private final int cards;
    private final List<Op> ops = new ArrayList<>();

    ChamberOps(Build build, Fixings fixings) {
        this.build = build;
        this.fixings = fixings;
        this.cards = build.spec().brief().cards();
    }

    List<Op> all() {
        for (Chamber chamber : build.chambers()) {
            if (chamber.isDam()) {
                dam(chamber);
            } else {
                pouch(chamber);
            }
        }
        return ops;
    }

    private void dam(Chamber chamber) {
        Id owner = chamber.owner();
        PartId under = fixings.partOf(chamber.behind());
        SlabId panel = panel(chamber);
        PartId panelPart = fixings.partOf(panel);
        boolean traced =
                build.zones(Zone.Use.TRACE).stream().anyMatch(z -> z.owner().equals(owner));
        if (traced) {
            ops.add(Op.of(OpKind.TRACE, owner, List.of(under, panelPart), cards));
        }
        Joint held = held(chamber.film());
        Optional<Material> by = Optional.of(held.by());
        ops.add(Op.joining(OpKind.FIX_FILM, Joining.behind(List.of(chamber.film()), panel, by), panelPart, cards)
                .resting(Fixings.drying(held)));
        List<Part> walls =
                chamber.walls().stream().flatMap(w -> build.part(w).stream()).toList();
        int pieces = walls.stream().mapToInt(Part::perCard).sum();
        Optional<Material> foam = walls.stream().findFirst().map(Part::material);
        ops.add(Op.joining(OpKind.LAY_DAM, Joining.behind(chamber.walls(), panel, foam), panelPart, pieces * cards));
        ops.add(Op.of(OpKind.ANTI_STATIC, owner, List.of(chamber.film()), cards).with(Caution.DUST));
        ops.add(Op.of(OpKind.FILL, owner, List.of(under), cards).with(Caution.SMALL_PARTS));
    }

    /** The sheet whose window it lies behind. */
    private SlabId panel(Chamber chamber) {
        return build.levels().stream()
                .map(Level::slab)
                .filter(s -> build.part(s.part()).stream()
                        .flatMap(p -> p.cutouts().stream())
                        .anyMatch(c -> chamber.behind(c.owner())))
                .filter(s -> !s.id().equals(chamber.behind()))
                .map(s -> s.id())
                .reduce((lower, upper) -> upper)
                .orElse(chamber.behind());
    }

    private Joint held(PartId film) {
        SlabId slab = SlabId.of(film);
        return build.joints().stream()
                .filter(j -> j.hold() != Joint.Hold.MEETS)
                .filter(j -> j.lower().equals(slab))
                .findFirst()
                .orElseThrow();
    }

    private void pouch(Chamber chamber) {
        Id owner = chamber.owner();
        PartId panel = fixings.partOf(chamber.behind());
        SlabId film = SlabId.of(chamber.film());
        Optional<Material> by = build.joints().stream()
                .filter(j -> j.upper().equals(film) && j.hold() == Joint.Hold.RESTS)
                .map(Joint::by)
                .findFirst();
        Joining wrapped = new Joining(List.of(chamber.film()), chamber.behind(), Joining.Side.FRONT, by);
        ops.add(Op.joining(OpKind.WRAP, wrapped, panel, cards).resting(Duration.ZERO));
        ops.add(Op.of(OpKind.ANTI_STATIC, owner, List.of(chamber.film()), cards).with(Caution.DUST));
        ops.add(Op.of(OpKind.FILL, owner, List.of(panel), cards).with(Caution.SMALL_PARTS));
        ops.add(Op.of(OpKind.SEAL, owner, List.of(chamber.film(), panel), cards));
    }
}
