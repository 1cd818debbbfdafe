package dev.schachtel.core.assembly;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Part;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.build.SlabId;
import dev.schachtel.core.card.Element;
import dev.schachtel.core.card.Id;
import dev.schachtel.core.card.Tuck;
import dev.schachtel.core.material.Material;
import dev.schachtel.core.work.WorkKind;

/**
 * How flat pieces are laid of which some go under the edge of others: the edge is left open, what goes under it is slipped
 * in, and it is glued down at last. Whatever was added before the edge simply lies there already.
 */
final class TuckOps {
    private final Build build;
    private final Fixings fixings;
    private final List<Id> order;
    /** By what has the edge, what is slipped under it. */
    private final Map<Id, List<PartId>> slipped = new LinkedHashMap<>();

    TuckOps(Build build, Fixings fixings) {
        this.build = build;
        this.fixings = fixings;
        this.order = build.spec().elements().stream().map(Element::id).toList();
        for (Tuck tuck : build.spec().tucks()) {
            Optional<Level> piece = sheet(tuck.piece());
            Optional<Level> edge = sheet(tuck.under());
            boolean later = order.indexOf(tuck.piece()) > order.indexOf(tuck.under());
            if (later
                    && piece.filter(this::lies).isPresent()
                    && edge.filter(this::lies).isPresent()
                    && lifts(piece.get(), edge.get())) {
                slipped.computeIfAbsent(tuck.under(), k -> new ArrayList<>())
                        .add(piece.get().slab().part());
            }
        }
    }

    private Optional<Level> sheet(Id piece) {
        return build.levels().stream()
                .filter(l -> l.slab().part().owner().equals(piece) && build.isCard(l))
                .findFirst();
    }

    /** On something, not hung behind a leaf, where nothing goes under anything. */
    private boolean lies(Level sheet) {
        return !fixings.rests(sheet.slab().part()).isEmpty();
    }

    private static boolean lifts(Level piece, Level edge) {
        return edge.bottom().isBelow(piece.top())
                && piece.bottom().isBelow(edge.top())
                && piece.slab().footprints().stream()
                        .anyMatch(p -> edge.slab().footprints().stream().anyMatch(p::overlaps));
    }

    /** How a flat piece is laid: it comes first, then the edges it goes under, what it lies on last. */
    Op laid(Part part, SlabId ground, Material by, int cards) {
        List<PartId> parts = new ArrayList<>(List.of(part.id()));
        slipped.forEach((edge, under) -> {
            if (under.contains(part.id())) {
                sheet(edge).ifPresent(e -> parts.add(e.slab().part()));
            }
        });
        WorkKind kind = parts.size() > 1
                ? WorkKind.TUCK
                : slipped.containsKey(part.owner()) ? WorkKind.ATTACH_OPEN : WorkKind.ATTACH;
        parts.add(fixings.partOf(ground));
        return Op.of(kind, part.owner(), parts, cards).with(Effect.joining(Joining.on(part.id(), ground, by)));
    }

    /** Gluing down each edge over what went under it. */
    List<Op> edges(int cards) {
        List<Op> all = new ArrayList<>();
        slipped.forEach((owner, under) -> sheet(owner).ifPresent(edge -> {
            List<PartId> parts = new ArrayList<>(List.of(edge.slab().part()));
            parts.addAll(under);
            all.add(Op.of(WorkKind.PRESS_EDGE, owner, parts, cards)
                    .resting(Fixings.drying(fixings.by(edge.slab().part()))));
        }));
        return all;
    }
}
