package app.brightkeel.core.layout;

import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.Optional;

/** What comes off by itself or in one box, and the plugs between that and all else. */
public final class TakenTogether {
    /** No id has a blank in it. */
    private static final String UNIT = "unit ";

    private final Rig rig;

    public TakenTogether(Rig rig) {
        this.rig = rig;
    }

    /** Whether a mount lifts out with its transducer. */
    public static boolean comesOff(Rig rig, Transducer transducer) {
        MountKind kind = transducer.mount().kind();
        return !transducer.mount().unit().isEmpty()
                || kind.losable()
                || kind.throughIce() && rig.craft().kind().onIce();
    }

    /** The box a thing comes off in, or the thing itself; "" for whatever stays. */
    public String of(String item) {
        Optional<Transducer> transducer = rig.transducer(item);
        if (transducer.isPresent()) {
            String unit = transducer.get().mount().unit();
            if (!unit.isEmpty()) {
                return UNIT + unit;
            }
            return comesOff(rig, transducer.get()) ? item : "";
        }
        return rig.placeOf(item)
                .filter(Placement::comesOff)
                .map(place -> place.unit().isEmpty()
                        ? rig.fitOut().boxAt(place.station()).map(Enclosure::id).orElse(item)
                        : UNIT + place.unit())
                .orElse("");
    }

    /** Connections of a thing to what is not taken off together with it. */
    int plugs(String item) {
        String mine = of(item);
        int plugs = 0;
        for (Transducer transducer : rig.transducers()) {
            String display = rig.displayOf(transducer).map(Device::id).orElse("");
            plugs += between(item, mine, transducer.id(), display);
        }
        for (Segment segment : rig.harness().segments()) {
            plugs += between(item, mine, segment.from(), segment.to());
        }
        for (DataLead lead : rig.network().leads()) {
            plugs += between(item, mine, lead.from(), lead.to());
        }
        return plugs;
    }

    private int between(String item, String mine, String from, String to) {
        String other = item.equals(from) ? to : item.equals(to) ? from : "";
        return !other.isEmpty() && !of(other).equals(mine) ? 1 : 0;
    }
}
