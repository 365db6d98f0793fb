package app.brightkeel.core.build;

import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.route.Cable;
import java.util.List;

/** What a cable is plugged or screwed to at its ends. */
final class CableEnds {

    private CableEnds() {}

    /** Ids of both ends, as far as they are said; the transducer or battery first. */
    static List<String> of(Rig rig, Cable cable) {
        return switch (cable.sort()) {
            case SONAR ->
                rig.transducer(cable.id())
                        .flatMap(rig::displayOf)
                        .map(Device::id)
                        .map(display -> List.of(cable.id(), display))
                        .orElse(List.of(cable.id()));
            case POWER -> {
                var segment = rig.harness().segment(cable.id());
                yield List.of(segment.from(), segment.to());
            }
            case DATA ->
                rig.network()
                        .lead(cable.id())
                        .map(lead -> List.of(lead.from(), lead.to()))
                        .orElse(List.of());
        };
    }
}
