package app.brightkeel.server.demo;

import app.brightkeel.core.care.Care;
import app.brightkeel.core.care.CareDone;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.demo.DemoTrips;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.trip.Trip;
import app.brightkeel.server.store.CareStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.stereotype.Component;

/** Puts the invented rigs on an empty shelf, before anybody is answered: nobody sees it empty. */
@Component
@ConditionalOnBooleanProperty("keel.demo")
class DemoData implements SmartInitializingSingleton {

    private final RigStore store;
    /** What its owners wrote down, of rigs that have such work. */
    private static final List<CareDone> DONE = List.of(
            done("contacts", "2026-08-30"),
            done("face", "2026-10-11"),
            done("seals", "2026-03-21"),
            done("fuses", "2026-03-21"),
            done("tethers", "2026-03-21"),
            done("holders", "2026-08-30"),
            done("charge-pack", "2026-10-25"));

    private final TripStore trips;
    private final CareStore care;
    private final DemoGarage gear;

    DemoData(RigStore store, TripStore trips, CareStore care, DemoGarage gear) {
        this.store = store;
        this.trips = trips;
        this.care = care;
        this.gear = gear;
    }

    private static CareDone done(String task, String day) {
        return new CareDone(task, day, Figure.UNSET);
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (store.heads().isEmpty()) {
            gear.put(DemoRigs.all()).forEach(this::create);
            gear.plan();
        }
    }

    /** With the seasons it has seen; ids of trips are those of the whole log, not of a rig. */
    private void create(Rig rig) {
        StoredRig stored = store.create(rig);
        List<Trip> log = DemoTrips.of(rig.name()).stream()
                .map(trip -> trip.withId(UUID.randomUUID().toString()))
                .toList();
        if (!log.isEmpty()) {
            trips.keepAll(stored.id(), stored.revision(), log);
            DONE.stream().filter(done -> Care.has(rig, done.task())).forEach(done -> care.keep(stored.id(), done));
        }
    }
}
