package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Segment;
import java.util.List;

/** What the meter should say at each point of a rig, in the order in which it is read. */
public final class Expectations {

    /** More than that with all off, and something is live; handbook §12, common practice, no source [A]. */
    private static final double LIVE_A = 0.005;

    private static final double DEAD_V = 0.05;

    /** A sound pair; common practice, no source [Ω]. */
    private static final double LEAST_OHM = 1e6;

    private static final double MOST_OHM = 1e10;

    private Expectations() {}

    public static List<Expected> of(BenchModel model) {
        return model.points().stream().map(point -> expected(model, point)).toList();
    }

    private static Expected expected(BenchModel model, Point point) {
        int at = model.indexOf(point.id());
        double nominal =
                point.kind().ohms() ? Measured.SOUND_OHM : model.sound().middle()[at];
        double either = 2 * model.spread(at);
        double low = nominal - either;
        double high = nominal + either;
        switch (point.kind()) {
            case INSULATION, UNUSED -> {
                low = LEAST_OHM;
                high = MOST_OHM;
            }
            case DRAIN -> {
                low = -LIVE_A / 5;
                high = Math.max(LIVE_A, high);
            }
            case DEAD -> {
                low = -DEAD_V;
                high = DEAD_V;
            }
            case DROP -> low = Math.min(0, low);
            default -> {}
        }
        return new Expected(
                point.id(),
                point.kind(),
                part(model.circuit(), point),
                title(model.circuit(), point),
                how(model.circuit(), point),
                nominal,
                low,
                high,
                point.kind().unit());
    }

    private static String part(BenchCircuit circuit, Point point) {
        return switch (point.kind()) {
            case DROP -> circuit.places().get(point.index()).part();
            case UNUSED -> lead(circuit, point).id();
            default -> point.subject();
        };
    }

    private static Segment lead(BenchCircuit circuit, Point point) {
        return circuit.rig().harness().segments().get(point.index());
    }

    private static String name(BenchCircuit circuit, Point point) {
        return switch (point.kind()) {
            case INSULATION, UNUSED -> lead(circuit, point).name();
            case DROP -> circuit.places().get(point.index()).name();
            default -> circuit.rig().nameOfPoint(point.subject());
        };
    }

    private static Text title(BenchCircuit circuit, Point point) {
        String name = name(circuit, point);
        return switch (point.kind()) {
            case INSULATION -> Text.of("plus to minus, {}", name);
            case UNUSED -> Text.of("unused conductor {} of the {}", number(point), name);
            case REST -> Text.of("{} at rest", name).capital();
            case DRAIN -> Text.of("{}, all off: what is still drawn", name).capital();
            case DEAD -> Text.of("lead of the {}, switched off", name);
            case POLARITY -> Text.of("lead of the {}, unplugged", name);
            case ON_VOLTS -> Text.of("{}, alone on", name).capital();
            case ON_AMPS -> Text.of("current of the {}, alone on", name);
            case DIM_AMPS -> Text.of("current of the {}, alone on, screen darkest", name);
            case ALL_VOLTS -> Text.of("{}, everything on", name).capital();
            case PACK_VOLTS -> Text.of("{}, everything on", name).capital();
            case ALL_AMPS -> Text.of("current from the {}, everything on", name);
            case DROP -> Text.of("across the {}", name);
            case START -> Text.of("lowest at the {} as it starts", name);
        };
    }

    private static String number(Point point) {
        return point.subject().substring(point.subject().lastIndexOf('/') + 1);
    }

    private static Text how(BenchCircuit circuit, Point point) {
        String name = name(circuit, point);
        return switch (point.kind()) {
            case INSULATION -> Text.of("Fuses out, everything unplugged; meter on ohms, one tip on each wire.");
            case UNUSED ->
                Text.of(
                        "Fuses out, everything unplugged; meter on ohms, one tip on it, the other on plus, minus and each other unused one in turn: the least counts.");
            case REST -> Text.of("An hour after the charge, nothing joined; red tip to plus.");
            case DRAIN -> Text.of("Everything off by its own key; meter on milliamperes in place of the main fuse.");
            case DEAD -> Text.of("Fuse in, switch off; tips in the plug of the lead.");
            case POLARITY ->
                Text.of(
                        "Fuse in, switch on, the plug in the hand; red tip to the side that should be plus. A minus sign: do not plug in.");
            case ON_VOLTS -> Text.of("At the plug of the {}, full brightness, all else off.", name);
            case ON_AMPS -> Text.of("Meter on amperes in place of its fuse; full brightness, all else off.");
            case DIM_AMPS -> Text.of("The same with its screen as dark as it gets: the backlight is the rest.");
            case ALL_VOLTS -> Text.of("At the plug of the {}, everything on at full brightness.", name);
            case PACK_VOLTS ->
                Text.of("On the terminals themselves, not on the lugs; everything on at full brightness.");
            case ALL_AMPS -> Text.of("Meter on amperes in place of the main fuse; everything on at full brightness.");
            case DROP ->
                Text.of(
                        "Meter on millivolts, one tip before and one behind, both poles added; everything on at full brightness.");
            case START -> Text.of("Meter on its lowest-value memory at the plug of the {}; switch it on last.", name);
        };
    }
}
