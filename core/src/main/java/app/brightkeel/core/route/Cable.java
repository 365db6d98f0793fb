package app.brightkeel.core.route;

import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A cable that may have to find its way through the craft.
 *
 * @param id        of the transducer, segment or data lead
 * @param start     id of the station it begins at, "" where that is not said
 * @param end       id of the station it has to reach, "" where that is not said
 * @param suppliedM what there is of it, extension included [m]
 * @param index     place of the part in its list
 * @param plugM     largest width of a plug that cannot be taken off; unset where nobody gave it
 * @param twisted   whether a supply wire is twisted, and so quiet
 */
@RecordBuilder
public record Cable(
        String id,
        Kind sort,
        String name,
        String start,
        String end,
        Figure suppliedM,
        int index,
        Figure plugM,
        boolean twisted)
        implements CableBuilder.With {

    /** What a cable carries. */
    public enum Kind {
        SONAR,
        POWER,
        DATA
    }

    /** Every cable of a rig: transducers' leads, supply wires, data leads, in this order. */
    public static List<Cable> all(Rig rig) {
        List<Cable> all = new ArrayList<>();
        for (int t = 0; t < rig.transducers().size(); t++) {
            all.add(lead(rig, t));
        }
        for (int s = 0; s < rig.harness().segments().size(); s++) {
            all.add(wire(rig, s));
        }
        for (int d = 0; d < rig.network().leads().size(); d++) {
            all.add(data(rig, d));
        }
        return all;
    }

    /** The one of a transducer, segment or data lead, if there is such a part. */
    public static Optional<Cable> of(Rig rig, String id) {
        for (int t = 0; t < rig.transducers().size(); t++) {
            if (rig.transducers().get(t).id().equals(id)) {
                return Optional.of(lead(rig, t));
            }
        }
        for (int s = 0; s < rig.harness().segments().size(); s++) {
            if (rig.harness().segments().get(s).id().equals(id)) {
                return Optional.of(wire(rig, s));
            }
        }
        for (int d = 0; d < rig.network().leads().size(); d++) {
            if (rig.network().leads().get(d).id().equals(id)) {
                return Optional.of(data(rig, d));
            }
        }
        return Optional.empty();
    }

    private static Cable lead(Rig rig, int t) {
        Transducer transducer = rig.transducers().get(t);
        Figure length = transducer.lead().lengthM();
        return new Cable(
                transducer.id(),
                Kind.SONAR,
                "lead of the " + transducer.name(),
                transducer.mount().station(),
                rig.displayOf(transducer)
                        .map(display -> rig.stationOf(display.id()))
                        .orElse(""),
                length.isSet() ? new Figure.Given(transducer.lead().totalM(), length.basis()) : length,
                t,
                transducer.lead().plugM(),
                false);
    }

    private static Cable wire(Rig rig, int s) {
        Segment segment = rig.harness().segments().get(s);
        return new Cable(
                segment.id(),
                Kind.POWER,
                segment.name(),
                rig.stationOf(segment.from()),
                rig.stationOf(segment.to()),
                segment.wire().lengthM(),
                s,
                Figure.UNSET,
                segment.wire().twisted());
    }

    private static Cable data(Rig rig, int d) {
        DataLead lead = rig.network().leads().get(d);
        return new Cable(
                lead.id(),
                Kind.DATA,
                lead.name(),
                rig.stationOf(lead.from()),
                rig.stationOf(lead.to()),
                lead.lengthM(),
                d,
                lead.plugM(),
                false);
    }

    /** Pointer of its length. */
    public String lengthAt() {
        return switch (sort) {
            case SONAR -> Pointer.transducer(index, "lead/lengthM");
            case POWER -> Pointer.segment(index, "wire/lengthM");
            case DATA -> Pointer.dataLead(index, "lengthM");
        };
    }

    /** Pointer of the width of its plug; a wire has none, its ends are crimped on last. */
    public String plugAt() {
        return switch (sort) {
            case SONAR -> Pointer.transducer(index, "lead/plugM");
            case DATA -> Pointer.dataLead(index, "plugM");
            case POWER -> throw new IllegalStateException("a wire has no plug of its own");
        };
    }

    /** Whether it is a supply wire that is not twisted, and is heard in a sonar lead beside it. */
    public boolean loud() {
        return sort == Kind.POWER && !twisted;
    }

    public boolean sonar() {
        return sort == Kind.SONAR;
    }

    /** Whether both its ends sit in the same place. */
    public boolean inOnePlace() {
        return !start.isEmpty() && start.equals(end);
    }

    /** Whether it runs from one place of the craft to another, both said. */
    public boolean crosses() {
        return !start.isEmpty() && !end.isEmpty() && !start.equals(end);
    }
}
