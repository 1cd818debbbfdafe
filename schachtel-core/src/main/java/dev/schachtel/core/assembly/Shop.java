package dev.schachtel.core.assembly;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.PartId;
import dev.schachtel.core.material.HouseRules;

/**
 * What rules look at: the engineered card and the maker's own ways.
 *
 * @param trimmed parts whose overhang is trimmed before their panel goes on
 */
public record Shop(Build build, HouseRules house, Set<PartId> trimmed) {
    static Shop of(Build build, HouseRules house) {
        return of(build, house, new Operations(build, house).all());
    }

    static Shop of(Build build, HouseRules house, List<Op> ops) {
        return new Shop(
                build,
                house,
                ops.stream()
                        .filter(o -> o.kind() == OpKind.TRIM_OVERHANG)
                        .map(o -> o.parts().get(1))
                        .collect(Collectors.toSet()));
    }
}
