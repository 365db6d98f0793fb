package app.brightkeel.core.trip;

import app.brightkeel.core.line.Line;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What was learnt from the trips of a rig, to be asked for in several ways. */
public final class Learnt {

    /** Trips before the last so many teach no more than a season ago. */
    public static final int MOST_TRIPS = 400;

    private final Gear gear;
    private final TripModel model;
    private final Fit fit;
    private final Calibration calibration;

    private Learnt(Gear gear, TripModel model, Fit fit, Calibration calibration) {
        this.gear = gear;
        this.model = model;
        this.fit = fit;
        this.calibration = calibration;
    }

    /**
     * From trips with one battery, in any order.
     *
     * @param gear of the plan as it stood before any of them taught it anything: else they would teach twice
     */
    public static Learnt of(Gear gear, List<Trip> trips) {
        List<Trip> sorted = trips.stream()
                .sorted(Comparator.comparing(Trip::date))
                .skip(Math.max(0, trips.size() - MOST_TRIPS))
                .toList();
        TripModel model = new TripModel(gear, sorted);
        List<Observed> said = model.observed();
        Fit robust = Calibration.robust(model, said);
        List<Observed> slips = Calibration.slips(model, said, robust);
        List<Observed> kept =
                said.stream().filter(each -> !slips.contains(each)).toList();
        Fit fit = Fit.of(model, kept, Fit.even(kept.size()), robust.point());
        return new Learnt(gear, model, fit, Calibration.of(gear, model, fit, slips, kept));
    }

    /** Each thing before and after, what was left out, how well the last trips were foretold. */
    public Calibration calibration() {
        return calibration;
    }

    /** Each trip again, the last first: what the plan had said of it, and what is said now. */
    public List<Hindsight> hindsights() {
        List<Hindsight> all = new ArrayList<>();
        for (int t = model.trips().size() - 1; t >= 0; t--) {
            Trip trip = model.trips().get(t);
            if (trip.begins()) {
                all.add(Hindsight.of(gear, model, fit, t));
            }
        }
        return all;
    }

    /**
     * Years to come with this battery in this rig.
     *
     * @param now of the plan as it stands
     */
    public Outlook outlook(Line line, Gear now) {
        return OutlookMaker.of(line, now, gear, model, fit, calibration);
    }
}
