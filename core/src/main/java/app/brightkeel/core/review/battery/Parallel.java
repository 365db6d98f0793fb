package app.brightkeel.core.review.battery;

import app.brightkeel.core.circuit.Topology;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;

/** Packs that are joined by the harness. */
public final class Parallel {

    private Parallel() {}

    /** Whether a pack shares its tree with another. */
    public static boolean meetsAnother(Topology topology, Rig rig, Pack pack) {
        int root = root(topology, pack);
        return rig.harness().packs().stream()
                .anyMatch(other -> !other.id().equals(pack.id()) && root(topology, other) == root);
    }

    private static int root(Topology topology, Pack pack) {
        int at = topology.ids().indexOf(pack.id());
        while (topology.parents().get(at) >= 0) {
            at = topology.parents().get(at);
        }
        return at;
    }
}
