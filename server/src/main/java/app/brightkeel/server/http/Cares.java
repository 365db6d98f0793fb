package app.brightkeel.server.http;

import app.brightkeel.core.care.Care;
import app.brightkeel.core.care.CareDone;
import app.brightkeel.core.care.CareDue;
import app.brightkeel.server.store.CareStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.TripStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;

/** What is due of a rig, by what was done and by its days out. */
@Component
class Cares {

    /** Days out beyond so many back move nothing that is due. */
    private static final int MOST_TRIPS = 400;

    private final CareStore store;
    private final TripStore trips;
    private final Lines lines;
    private final Clock clock;

    Cares(CareStore store, TripStore trips, Lines lines, Clock clock) {
        this.store = store;
        this.trips = trips;
        this.lines = lines;
        this.clock = clock;
    }

    /** What is due first on top. */
    List<CareDue> due(StoredRig stored, List<CareDone> done) {
        LocalDate today = LocalDate.now(clock);
        LocalDate since = LocalDate.ofInstant(store.since(stored.id()), clock.getZone());
        return Care.of(lines.of(stored).rig(), trips.trips(stored.id(), 0, MOST_TRIPS), done, since, today);
    }
}
