package app.brightkeel.core.lists;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.Optional;

/** What the batteries want between the last trip and the first. */
final class LayUpListing {

    private LayUpListing() {}

    /** None where no battery is laid up. */
    static Optional<Listing> of(Rig rig) {
        List<LayUp.Due> all = LayUp.of(rig);
        return all.isEmpty()
                ? Optional.empty()
                : Optional.of(new Columns<LayUp.Due>()
                        .words("id", LayUp.Due::id)
                        .words("day", due -> due.day().toString())
                        .words("battery", LayUp.Due::pack)
                        .words("what to do", LayUp.Due::what)
                        .words("why", LayUp.Due::why)
                        .of(all));
    }
}
