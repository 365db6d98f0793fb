package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.WantedView;

/** What a rig shows of the water: what its transducers see, as far as it comes through plugs and adapters to a screen. */
public final class Fed {

    private Fed() {}

    /** How one transducer stands to a view. */
    public enum Way {
        /** It is shown. */
        SHOWN,
        /** It sees that, and plug, adapter or display are in the way. */
        STOPPED,
        /** A live head that is turned elsewhere. */
        TURNED,
        /** It does not see that. */
        NONE
    }

    /** Of one transducer of a filled rig; what is not known of plugs and displays is not in the way. */
    public static Way of(Rig rig, Transducer transducer, WantedView view) {
        return switch (view) {
            case DOWN -> through(rig, transducer, BeamShape.CONE);
            case DOWN_PICTURE -> through(rig, transducer, BeamShape.LINE);
            case SIDES -> through(rig, transducer, BeamShape.SIDE);
            case AHEAD -> live(rig, transducer, Look.FORWARD);
            case BELOW_LIVE -> live(rig, transducer, Look.DOWN);
            case TEMPERATURE -> transducer.mount().kind() == MountKind.IN_HULL ? Way.STOPPED : Way.SHOWN;
        };
    }

    private static Way live(Rig rig, Transducer transducer, Look look) {
        Way way = through(rig, transducer, BeamShape.LIVE);
        boolean turned = transducer.look() != look && transducer.look() != Look.UNDECIDED;
        return way == Way.SHOWN && turned ? Way.TURNED : way;
    }

    private static Way through(Rig rig, Transducer transducer, BeamShape shape) {
        if (!transducer.has(shape)) {
            return Way.NONE;
        }
        boolean lost = transducer.plug().adapters().stream()
                .anyMatch(adapter -> adapter.loses().contains(shape));
        boolean refused = rig.displayOf(transducer)
                .filter(device -> !takes(device, transducer, shape))
                .isPresent();
        return lost || refused ? Way.STOPPED : Way.SHOWN;
    }

    private static boolean takes(Device device, Transducer transducer, BeamShape shape) {
        Sockets sockets = device.sockets();
        return sockets.takes(transducer.plug())
                && (sockets.shows().isEmpty() || sockets.shows().contains(shape));
    }
}
