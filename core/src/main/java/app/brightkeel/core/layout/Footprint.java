package app.brightkeel.core.layout;

import app.brightkeel.core.craft.Outline;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Stand;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Where a base stands on the ice: the convex outline of what touches it, its kickstand included. A base without a form of
 * its own is a rectangle.
 *
 * @param corners one after the other, the inside on the left hand from bow to right
 */
public record Footprint(List<Corner> corners) {

    /** What is lifted off the ice by less than this share of the depth still counts as standing on it. */
    private static final double TOUCHES = 0.02;

    /** Places along the base at which its form is looked at: a round one of 0.3 m is right to 0.1 mm. */
    private static final int STEPS = 120;

    public Footprint {
        corners = List.copyOf(corners);
    }

    /** @param xM from the front edge, @param yM right of the centre line [m] */
    public record Corner(double xM, double yM) {

        /** How far a place lies on the left hand of the way from here to the next corner [m]. */
        double insideM(Corner next, double placeXM, double placeYM) {
            double alongX = next.xM - xM;
            double alongY = next.yM - yM;
            return (alongX * (placeYM - yM) - alongY * (placeXM - xM)) / Math.hypot(alongX, alongY);
        }
    }

    /** Of a base whose length and width are known, without its kickstand. */
    public static Footprint of(Craft craft) {
        return new Footprint(outline(craft, touching(craft), List.of()));
    }

    /** The same with its kickstand, whose place is known. */
    public static Footprint withStand(Craft craft) {
        List<Corner> base = touching(craft);
        return new Footprint(outline(craft, base, foot(craft, base.size() > 4)));
    }

    /** How far outside a place lies [m]; not positive inside. */
    public double outsideM(double xM, double yM) {
        double most = Double.NEGATIVE_INFINITY;
        for (int c = 0; c < corners.size(); c++) {
            Corner to = corners.get((c + 1) % corners.size());
            most = Math.max(most, -corners.get(c).insideM(to, xM, yM));
        }
        return most;
    }

    private static List<Corner> touching(Craft craft) {
        double length = craft.lengthM().value();
        double half = craft.beamM().value() / 2;
        // in plan the form does not depend on how deep it is
        Outcome<Outline> form = Outline.of(craft.withDepthM(Figure.chosen(1)));
        List<Corner> all = new ArrayList<>();
        for (int i = 0; i <= STEPS && !craft.sections().isEmpty() && form.isKnown(); i++) {
            // closer together towards the ends, where a round one turns fastest
            double x = length * (1 - Math.cos(Math.PI * i / STEPS)) / 2;
            if (form.value().keelM(x) <= TOUCHES) {
                double wide = form.value().halfWidthM(x, 1);
                all.add(new Corner(x, -wide));
                all.add(new Corner(x, wide));
            }
        }
        return all.size() > 4 ? all : box(length, half);
    }

    private static List<Corner> box(double lengthM, double halfM) {
        return List.of(
                new Corner(0, -halfM), new Corner(0, halfM), new Corner(lengthM, halfM), new Corner(lengthM, -halfM));
    }

    /** Round both; where a form has no width anywhere, round the box of its measures. */
    private static List<Corner> outline(Craft craft, List<Corner> base, List<Corner> foot) {
        List<Corner> own = hull(base);
        List<Corner> sound = own.size() > 2
                ? own
                : box(craft.lengthM().value(), craft.beamM().value() / 2);
        return hull(Stream.concat(sound.stream(), foot.stream()).toList());
    }

    /** The bar it stands on: as long as the edge of a box, half as long where the base is round. */
    private static List<Corner> foot(Craft craft, boolean round) {
        Stand stand = craft.stand();
        double length = craft.lengthM().value();
        double half = craft.beamM().value() / 2;
        double shorter = round ? 0.25 : 0;
        double out = stand.outM().isSet() ? stand.outM().value() : 0;
        double from = length * shorter;
        double beside = half * (1 - 2 * shorter);
        return switch (stand.edge()) {
            case NONE -> List.of();
            case FRONT -> List.of(new Corner(-out, -beside), new Corner(-out, beside));
            case BACK -> List.of(new Corner(length + out, -beside), new Corner(length + out, beside));
            case LEFT -> List.of(new Corner(from, -half - out), new Corner(length - from, -half - out));
            case RIGHT -> List.of(new Corner(from, half + out), new Corner(length - from, half + out));
        };
    }

    /** Andrew's monotone chain. */
    private static List<Corner> hull(List<Corner> points) {
        List<Corner> sorted = points.stream()
                .distinct()
                .sorted(Comparator.comparingDouble(Corner::xM).thenComparing(Corner::yM))
                .toList();
        List<Corner> round = new ArrayList<>();
        for (Corner each : sorted) {
            turn(round, 2, each);
        }
        int lower = round.size() + 1;
        for (int i = sorted.size() - 2; i >= 0; i--) {
            turn(round, lower, sorted.get(i));
        }
        round.remove(round.size() - 1);
        return round;
    }

    private static void turn(List<Corner> round, int keep, Corner next) {
        while (round.size() >= keep && !left(round.get(round.size() - 2), round.get(round.size() - 1), next)) {
            round.remove(round.size() - 1);
        }
        round.add(next);
    }

    private static boolean left(Corner a, Corner b, Corner c) {
        return (b.xM() - a.xM()) * (c.yM() - a.yM()) - (b.yM() - a.yM()) * (c.xM() - a.xM()) > 1e-12;
    }
}
