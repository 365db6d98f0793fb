package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;

/**
 * What fits a device, as its maker declares it. Whatever is left open is not judged.
 *
 * @param family    of parts that understand each other, by a letter or word of the person's own; "" where not known
 * @param sonarPins of the socket for a transducer, 1 to 40
 * @param version   of the sound it sends
 * @param shows     shapes of beam it can draw
 * @param powerPins of its power socket, 1 to 40
 * @param ports     towards other devices
 * @param power     what its power lead or socket ends in
 */
@RecordBuilder
public record Sockets(
        String family,
        Figure sonarPins,
        SonarVersion version,
        List<BeamShape> shows,
        Figure powerPins,
        List<Port> ports,
        Ending power)
        implements SocketsBuilder.With {

    /**
     * A transducer and what it is plugged into.
     *
     * @param device the display, or the box of a live head
     */
    public record Plugged(Transducer transducer, Device device) {

        /** All of a rig of which it is known what goes where. */
        public static List<Plugged> all(Rig rig) {
            List<Plugged> all = new ArrayList<>();
            for (Transducer transducer : rig.transducers()) {
                rig.displayOf(transducer).ifPresent(device -> all.add(new Plugged(transducer, device)));
            }
            return all;
        }
    }

    public static final Sockets UNKNOWN =
            new Sockets("", Figure.UNSET, SonarVersion.UNDECIDED, List.of(), Figure.UNSET, List.of(), Ending.UNKNOWN);

    /** Whether a plug goes into the sonar socket, adapters included, as far as the pins of both are known. */
    public boolean takes(Plug plug) {
        Figure pins = plug.pinsAtDisplay();
        return !pins.isSet() || !sonarPins.isSet() || pins.value() == sonarPins.value();
    }

    public Sockets {
        Checks.text("family", family);
        Figure.within("sonarPins", sonarPins, 1, 40, "pins");
        shows = Checks.atMost("shows", BeamShape.values().length, shows);
        Figure.within("powerPins", powerPins, 1, 40, "pins");
        ports = Checks.atMost("ports", Port.values().length, ports);
    }
}
