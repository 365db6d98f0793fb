package app.brightkeel.core.review.change.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Changes of the places of a craft themselves. */
public final class LayoutChanges {

    /** Arms of the lengths they are sold in, for whatever hangs out over the edge of a base [m]; common practice. */
    private static final double[] ARMS_M = {0.15, 0.20, 0.25, 0.30, 0.35};

    private LayoutChanges() {}

    /** Whether something sits at a station. */
    public static boolean used(Rig rig, String station) {
        return rig.places().stream().anyMatch(place -> place.station().equals(station))
                || rig.transducers().stream().anyMatch(t -> t.mount().station().equals(station))
                || rig.fitOut().ballast().stream()
                        .anyMatch(weight -> weight.station().equals(station));
    }

    /** How far a station lies outside the length and width of a craft [m]; 0 within. */
    public static double outsideM(Craft craft, Station station) {
        double along = Math.max(
                -station.fromBowM().value(),
                station.fromBowM().value() - craft.lengthM().value());
        double across = Math.abs(station.sideM().value()) - craft.beamM().value() / 2;
        return Math.max(0, Math.max(along, across));
    }

    /** Places that are in use and lie outside, at the nearest point of the craft. */
    public static Stream<Change> aboard(Line line) {
        Rig rig = line.entered();
        Craft craft = rig.craft();
        return craft.stations().stream()
                .filter(station -> station.placed() && used(rig, station.id()) && outsideM(craft, station) > 0)
                .map(station -> new Change(
                        "carry.aboard." + station.id(),
                        Text.of("Measure the {} again: at the edge of the craft", station.name()),
                        Effort.SETTING,
                        rig.withCraft(craft.with(edge(craft, station)))));
    }

    private static Station edge(Craft craft, Station station) {
        double half = craft.beamM().value() / 2;
        return station.with(near -> near.fromBowM(
                        within(station.fromBowM(), 0, craft.lengthM().value()))
                .sideM(within(station.sideM(), -half, half)));
    }

    private static Figure within(Figure figure, double low, double high) {
        double value = Math.max(low, Math.min(high, figure.value()));
        return value == figure.value() ? figure : Figure.chosen(value);
    }

    /** Shorter arms first: the screen nearer to the edge. */
    public static Stream<Change> arms(Line line) {
        Rig rig = line.entered();
        Craft craft = rig.craft();
        if (!craft.kind().onIce() || !craft.lengthM().isSet() || !craft.beamM().isSet()) {
            return Stream.empty();
        }
        List<Change> all = new ArrayList<>();
        for (Station station : craft.stations()) {
            if (station.spot() == Spot.ON_ARM && station.placed() && used(rig, station.id())) {
                for (double arm : ARMS_M) {
                    all.add(new Change(
                            "carry.arm." + station.id() + "." + Math.round(arm * 1000),
                            Text.of("{}: {} out", station.name(), new Amount(arm, Unit.MILLIMETRE)),
                            Effort.BUY,
                            rig.withCraft(craft.with(armed(craft, station, arm)))));
                }
            }
        }
        return all.stream();
    }

    private static Station armed(Craft craft, Station station, double armM) {
        double half = craft.beamM().value() / 2;
        double side = station.sideM().value();
        if (Math.abs(side) > half) {
            return station.withSideM(Figure.chosen(rounded(Math.signum(side) * (half + armM))));
        }
        boolean behind = station.fromBowM().value() > craft.lengthM().value() / 2;
        double along = behind ? craft.lengthM().value() + armM : -armM;
        return station.withFromBowM(Figure.chosen(rounded(along)));
    }

    private static double rounded(double metres) {
        return Math.round(metres * 1000) / 1000.0;
    }
}
