package dev.schachtel.core.pose;

import java.util.List;

/**
 * An edge of one panel that stays on another's sheet, and slides on it.
 *
 * @param name what a finding calls it
 * @param first the panel with the edge, by its number
 * @param second the one that it rests on
 * @param edge on the first panel's sheet
 * @param height over the second one's sheet, mm
 */
public record Rest(String name, int first, int second, Edge edge, double height) implements Tie {
    @Override
    public List<Gap> gaps(Rigid onFirst, Rigid onSecond) {
        return List.of(gap(onFirst.at(edge.begins()), onSecond), gap(onFirst.at(edge.ends()), onSecond));
    }

    private Gap gap(Vec end, Rigid sheet) {
        double over = sheet.out().dot(end.minus(sheet.origin())) - height;
        return new Gap(end, end.minus(sheet.out().times(over)), List.of(sheet.out()));
    }
}
