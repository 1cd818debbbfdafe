package dev.schachtel.core.material;

import dev.schachtel.core.measure.Length;

/**
 * Sheets of one material and size in the drawer.
 *
 * @param directed whether its pattern has a top, so that no part may lie turned on it
 * @param count how many are there, 0 or more
 * @param origin what it is: to be had again, or what an earlier plan left
 * @param price of one in hundredths of the maker's money, 0 when unknown
 */
public record Sheet(
        MaterialId id,
        MaterialId material,
        Length width,
        Length height,
        Grain grain,
        boolean directed,
        int count,
        Origin origin,
        int price) {
    /** Where a sheet comes from. */
    public enum Origin {
        /** Bought, and to be had again. */
        SHOP,
        /** Left over by an earlier plan. */
        OFFCUT,
        /** The covered middle of a part, which may be cut out once that part is. */
        MIDDLE
    }

    /** Another number of them. */
    public Sheet counted(int other) {
        return new Sheet(id, material, width, height, grain, directed, other, origin, price);
    }

    public boolean canBeBought() {
        return origin == Origin.SHOP;
    }
}
