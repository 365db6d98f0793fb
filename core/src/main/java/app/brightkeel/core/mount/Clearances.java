package app.brightkeel.core.mount;

import java.util.List;

/** How free the transducers of a rig are, in their order. */
public record Clearances(List<Clearance> all) {

    public Clearances {
        all = List.copyOf(all);
    }
}
