package dev.schachtel.core.edit;

import dev.schachtel.core.house.HouseRules;
import dev.schachtel.core.model.RecordType;
import dev.schachtel.core.model.RefusedException;

/** Changes to how many lots can dry or be pressed at a time, by text as the maker types it: 1 to 200. */
public final class HouseEdit {
    private static final int MOST = 200;

    private HouseEdit() {}

    /**
     * Boards or weights.
     *
     * @throws RefusedException with what was typed and what is allowed
     */
    public static HouseRules set(HouseRules house, String component, String text) {
        if (!component.equals("boards") && !component.equals("weights")) {
            throw new RefusedException(component, "is nothing that can be counted here");
        }
        String typed = text.strip();
        if (!typed.matches("[1-9]\\d{0,2}") || Integer.parseInt(typed) > MOST) {
            throw new RefusedException("'" + typed + "'", "must be a whole number from 1 to " + MOST);
        }
        RecordType recordType = RecordType.of(HouseRules.class);
        return (HouseRules) recordType.with(
                house, recordType.component(component).orElseThrow(), Integer.parseInt(typed), component);
    }
}
