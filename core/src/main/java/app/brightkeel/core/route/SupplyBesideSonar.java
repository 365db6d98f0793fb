package app.brightkeel.core.route;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Station;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How far two cables lie beside each other: nearer than 150 mm and not crossing square; common practice, no source.
 *
 * <p>A passage is taken as the straight line between its two stations. Where their coordinates are not known, only the
 * passages that both take count.
 */
public final class SupplyBesideSonar {

    /** What is kept between supply and sonar [m]; common practice, no source. */
    public static final double WANTED_M = 0.15;

    /** Side by side over less than this is a crossing [m]; common practice, no source. */
    public static final double CROSSING_M = 0.30;

    /** From which angle a crossing is called square [°]; common practice, no source. */
    private static final double SQUARE_DEG = 60;

    /** Points of a passage that are looked at: a step of some centimetres. */
    private static final int POINTS = 24;

    private static final int ALL = (1 << POINTS) - 1;

    private record Pair(String one, String other) {}

    private record Place(double x, double y, double z) {
        Place minus(Place other) {
            return new Place(x - other.x, y - other.y, z - other.z);
        }

        double dot(Place other) {
            return x * other.x + y * other.y + z * other.z;
        }

        double norm() {
            return Math.sqrt(dot(this));
        }
    }

    private record Stretch(Place from, Place to) {
        Place along() {
            return to.minus(from);
        }

        Place at(double share) {
            Place along = along();
            return new Place(from.x() + share * along.x(), from.y() + share * along.y(), from.z() + share * along.z());
        }

        double away(Place point) {
            double square = along().dot(along());
            double share = square == 0 ? 0 : point.minus(from).dot(along()) / square;
            return at(Math.max(0, Math.min(1, share))).minus(point).norm();
        }
    }

    private final Craft craft;
    private final Map<Pair, Integer> known = new HashMap<>();

    public SupplyBesideSonar(Craft craft) {
        this.craft = craft;
    }

    /** Length of the first way that lies beside the second [m]; passages of unknown length count nothing. */
    public double besideM(List<Passage> one, List<Passage> other) {
        double metres = 0;
        for (Passage leg : one) {
            int near = 0;
            for (Passage its : other) {
                near |= near(leg, its);
            }
            double share = Integer.bitCount(near) / (double) POINTS;
            metres += leg.lengthM().isSet() ? share * leg.lengthM().value() : 0;
        }
        return metres;
    }

    /** The points of a passage that lie beside another, one bit each. */
    private int near(Passage leg, Passage other) {
        return leg.id().equals(other.id())
                ? ALL
                : known.computeIfAbsent(new Pair(leg.id(), other.id()), pair -> computed(leg, other));
    }

    private int computed(Passage leg, Passage other) {
        Optional<Stretch> mine = stretch(leg);
        Optional<Stretch> its = stretch(other);
        if (mine.isEmpty() || its.isEmpty() || square(mine.get(), its.get())) {
            return 0;
        }
        int near = 0;
        for (int i = 0; i < POINTS; i++) {
            if (its.get().away(mine.get().at((i + 0.5) / POINTS)) < WANTED_M) {
                near |= 1 << i;
            }
        }
        return near;
    }

    private static boolean square(Stretch one, Stretch other) {
        double norms = one.along().norm() * other.along().norm();
        return norms > 0 && Math.abs(one.along().dot(other.along())) < norms * Math.cos(Math.toRadians(SQUARE_DEG));
    }

    private Optional<Stretch> stretch(Passage leg) {
        return point(leg.from()).flatMap(from -> point(leg.to()).map(to -> new Stretch(from, to)));
    }

    private Optional<Place> point(String id) {
        return craft.station(id)
                .filter(Station::placed)
                .map(at -> new Place(
                        at.fromBowM().value(), at.sideM().value(), at.heightM().value()));
    }
}
