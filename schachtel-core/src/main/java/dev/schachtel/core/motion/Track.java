package dev.schachtel.core.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

import dev.schachtel.core.build.Build;
import dev.schachtel.core.build.Level;
import dev.schachtel.core.build.Motion;
import dev.schachtel.core.build.Move;
import dev.schachtel.core.pose.Rigid;
import dev.schachtel.core.pose.Vec;
import dev.schachtel.core.shape.Mm;
import dev.schachtel.core.shape.Path;
import dev.schachtel.core.shape.Point;

/**
 * Where something is, from one end of its way to the other: even shares, so close that what lies between two of them can be filled in
 * straight.
 */
public record Track(List<Rigid> places) {
    /** Filled in, nothing is further off than this, mm. */
    public static final double EXACT = 0.05;

    private static final int FEWEST = 8;
    private static final int MOST = 512;

    public Track {
        places = List.copyOf(places);
    }

    /**
     * As many places as it takes.
     *
     * @param corners what must be that exact, as it lies before it moves
     */
    static List<Track> of(DoubleFunction<List<Rigid>> at, List<Vec> corners) {
        int n = FEWEST;
        List<List<Rigid>> all = sampled(at, n);
        while (n < MOST) {
            List<List<Rigid>> twice = sampled(at, 2 * n);
            if (isExact(all, twice, corners)) {
                break;
            }
            all = twice;
            n *= 2;
        }
        List<Track> tracks = new ArrayList<>();
        for (int i = 0; i < all.get(0).size(); i++) {
            int body = i;
            tracks.add(new Track(all.stream().map(p -> p.get(body)).toList()));
        }
        return tracks;
    }

    /** Where it is at a share, filled in straight. */
    public Rigid at(double share) {
        double at = Math.max(0, Math.min(1, share)) * (places.size() - 1);
        int low = (int) Math.min(places.size() - 2.0, Math.floor(at));
        return places.size() == 1 ? places.get(0) : places.get(low).between(places.get(low + 1), at - low);
    }

    private static List<List<Rigid>> sampled(DoubleFunction<List<Rigid>> at, int n) {
        List<List<Rigid>> all = new ArrayList<>();
        for (int i = 0; i <= n; i++) {
            all.add(at.apply(i / (double) n));
        }
        return all;
    }

    /** Half way between two places, corners lie where the finer track has them. */
    private static boolean isExact(List<List<Rigid>> coarse, List<List<Rigid>> fine, List<Vec> corners) {
        for (int i = 0; i + 1 < coarse.size(); i++) {
            for (int body = 0; body < coarse.get(i).size(); body++) {
                Rigid from = coarse.get(i).get(body);
                Rigid to = coarse.get(i + 1).get(body);
                Rigid truly = fine.get(2 * i + 1).get(body);
                for (Vec c : corners) {
                    Vec between = from.at(c).plus(to.at(c)).times(0.5);
                    if (between.minus(truly.at(c)).length() > EXACT / 2) {
                        return false;
                    }
                }
            }
        }
        return true;
    }

    /** What a movement does to what is drawn, at a share of its way; nothing at rest. */
    static Rigid moved(Build build, Motion motion, double share) {
        double rest = motion.restShare();
        return motion.move().tell(new Move.Cases<>() {
            @Override
            public Rigid slide(Move.Slide slide) {
                return shift(slide.path(), rest, share);
            }

            @Override
            public Rigid roll(Move.Roll roll) {
                Point about = roll.path().at(rest);
                Rigid turned = round(about, -(share - rest) * roll.turns() * 2 * Math.PI);
                return shift(roll.path(), rest, share).after(turned);
            }

            @Override
            public Rigid turn(Move.Turn turn) {
                return round(turn.about(), (turn.to().radians() - turn.from().radians()) * (share - rest));
            }

            @Override
            public Rigid fold(Move.Fold fold) {
                return lifted(build, motion, fold, share - rest);
            }

            @Override
            public Rigid hang(Move.Hang hang) {
                return round(hang.from(), 2 * hang.swing().radians() * (share - rest));
            }
        });
    }

    private static Rigid shift(Path path, double rest, double share) {
        Vec by = Vec.of(path.at(share)).minus(Vec.of(path.at(rest)));
        return new Rigid(Rigid.FLAT.across(), Rigid.FLAT.up(), Rigid.FLAT.out(), by);
    }

    private static Rigid round(Point about, double angle) {
        return Rigid.about(Vec.of(about), Rigid.FLAT.out(), angle);
    }

    /** Out of the face, about the lower side of what moves. */
    private static Rigid lifted(Build build, Motion motion, Move.Fold fold, double by) {
        Level level = build.level(motion.moving().get(0)).orElseThrow();
        Vec from = new Vec(fold.from().x(), fold.from().y(), Mm.of(level.bottom()));
        Vec along = Vec.of(fold.to()).minus(Vec.of(fold.from())).unit();
        Vec out = Vec.of(level.slab().footprints().get(0).centroid()).minus(Vec.of(fold.from()));
        double side = Math.signum(along.cross(out).z());
        return Rigid.about(from, along, side * fold.opens().radians() * by);
    }
}
