package app.brightkeel.core.parts;

import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** What parts were copied from, by which a part is told from another that took its place. */
public final class Origins {

    private Origins() {}

    /** By id of the part; of sorts that have no origin nothing stands there. */
    public static Map<String, String> of(Rig rig) {
        Map<String, String> origins = new HashMap<>();
        rig.devices().forEach(each -> origins.put(each.id(), each.origin()));
        rig.transducers().forEach(each -> origins.put(each.id(), each.origin()));
        rig.holders().forEach(each -> origins.put(each.id(), each.origin()));
        rig.harness().packs().forEach(each -> origins.put(each.id(), each.origin()));
        return origins;
    }

    /** What was said of a part or a piece of it, as long as it is still the one of which it was said. */
    public static Optional<Purchase> said(Rig rig, String part, String piece) {
        return rig.purse().of(part, piece, of(rig).getOrDefault(part, ""));
    }
}
