package dev.schachtel.core.pose;

import java.util.List;

/** What two panels must keep to. */
sealed interface Tie permits Hinge, Rest {
    /** What a finding calls it. */
    String name();

    /** The one panel, by its number. */
    int first();

    /** The other. */
    int second();

    /** How far it is from being kept, where both panels are. */
    List<Gap> gaps(Rigid onFirst, Rigid onSecond);

    /**
     * Two places that should lie together.
     *
     * @param along the directions, 1 long, in which that counts
     */
    record Gap(Vec first, Vec second, List<Vec> along) {
        private static final List<Vec> ALL = List.of(Rigid.FLAT.across(), Rigid.FLAT.up(), Rigid.FLAT.out());

        /** In every direction. */
        static Gap of(Vec first, Vec second) {
            return new Gap(first, second, ALL);
        }

        double[] figures() {
            Vec gap = first.minus(second);
            return along.stream().mapToDouble(gap::dot).toArray();
        }
    }
}
