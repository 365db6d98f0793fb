package app.brightkeel.core.review.wire;

import app.brightkeel.core.harness.Motors;
import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.wire.OwnRun;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.List;
import java.util.stream.Stream;

/** A motor and a screen on one run, or one battery: speckle, and a screen that dies as the motor starts. */
final class MotorOnSonar implements Rule {

    private static final double SAME_RUN = 0.05;
    private static final double SAME_BATTERY = 0.12;

    @Override
    public Identity identity() {
        return new Identity("wire.motor-on-sonar", Link.WIRE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        List<Device> devices = rig.devices();
        WorstOf worst = new WorstOf();
        Topology tree = null;
        for (int m = 0; m < devices.size(); m++) {
            for (int d = 0; d < devices.size(); d++) {
                if (Motors.isOne(devices.get(m)) && devices.get(d).kind().display()) {
                    tree = tree == null ? Topology.of(rig) : tree;
                    double headroom = headroom(rig, tree, m, d);
                    worst.add(
                            headroom,
                            headroom == SAME_RUN
                                    ? "The {} and the {} hang on one run: the motor makes noise on the picture. A battery of its "
                                            + "own, or at least a run of its own."
                                    : "The {} and the {} hang on one battery: the motor may make noise on the picture. A battery "
                                            + "of its own is quiet.",
                            devices.get(m).name(),
                            devices.get(d).name());
                }
            }
        }
        return worst.judgement();
    }

    private static double headroom(Rig rig, Topology tree, int motor, int display) {
        int battery = tree.root(tree.nodeOfDevice(motor));
        if (battery < 0 || battery != tree.root(tree.nodeOfDevice(display))) {
            return 1;
        }
        List<Segment> its = Motors.way(rig, tree, motor);
        boolean run = Motors.way(rig, tree, display).stream().anyMatch(its::contains);
        return run ? SAME_RUN : SAME_BATTERY;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return OwnRun.of(line, Motors::isOne);
    }

    @Override
    public Text byHand() {
        return Text.of("A battery of its own for the motor, or the sonar's; a filter in its lead helps little.");
    }
}
