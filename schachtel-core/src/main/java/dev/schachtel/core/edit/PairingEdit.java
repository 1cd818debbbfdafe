package dev.schachtel.core.edit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import dev.schachtel.core.material.Medium;
import dev.schachtel.core.material.Pairing;
import dev.schachtel.core.material.Under;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.model.Scalars;

/** Changes to the table of what goes on what, by words. */
public record PairingEdit(List<Pairing> table) {
    private static final int LONGEST = 120;

    public PairingEdit {
        table = List.copyOf(table);
    }

    /**
     * The table with this line; what goes well needs none.
     *
     * @throws RefusedException if a word is none of those known, or a reason is missing or too long
     */
    public List<Pairing> set(String medium, String under, String verdict, String reason) {
        Medium over = one(Medium.values(), medium, "medium");
        Under below = one(Under.values(), under, "ground");
        Pairing.Verdict how = one(Pairing.Verdict.values(), verdict, "verdict");
        List<Pairing> all = new ArrayList<>(table);
        int at = 0;
        while (at < all.size() && !(all.get(at).medium() == over && all.get(at).under() == below)) {
            at++;
        }
        if (at < all.size()) {
            all.remove(at);
        }
        if (how != Pairing.Verdict.GOOD) {
            String said = reason.strip();
            if (said.isEmpty() || said.length() > LONGEST || said.chars().anyMatch(Character::isISOControl)) {
                throw new RefusedException("reason", "must have 1 to " + LONGEST + " letters");
            }
            all.add(at, new Pairing(over, below, how, said));
        }
        return all;
    }

    private static <E extends Enum<E>> E one(E[] all, String word, String what) {
        return Arrays.stream(all)
                .filter(e -> Scalars.kebab(e.name()).equals(word))
                .findFirst()
                .orElseThrow(() -> new RefusedException(what, "'" + word + "' is none that is known here"));
    }
}
