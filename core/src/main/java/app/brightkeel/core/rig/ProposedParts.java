package app.brightkeel.core.rig;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** What of a rig may be marked as proposed, and by that what another one has anew. */
public final class ProposedParts {

    private ProposedParts() {}

    /** Every part that may be marked, by its id, in the order of the rig. */
    public static Map<String, Object> of(Rig rig) {
        Map<String, Object> all = new LinkedHashMap<>();
        rig.devices().forEach(each -> all.put(each.id(), each));
        rig.transducers().forEach(each -> all.put(each.id(), each));
        rig.holders().forEach(each -> all.put(each.id(), each));
        rig.harness().packs().forEach(each -> all.put(each.id(), each));
        rig.harness().junctions().forEach(each -> all.put(each.id(), each));
        rig.harness().segments().forEach(each -> all.put(each.id(), each));
        rig.chargers().forEach(each -> all.put(each.id(), each));
        rig.fitOut().boxes().forEach(each -> all.put(each.id(), each));
        rig.fitOut().extras().forEach(each -> all.put(each.id(), each));
        return all;
    }

    /** The rig with some parts marked too; those that were are still. */
    public static Rig marked(Rig rig, Stream<String> ids) {
        List<String> all =
                Stream.concat(rig.proposed().stream(), ids).distinct().toList();
        return rig.withProposed(all);
    }
}
