package app.brightkeel.core.review.wire;

import static app.brightkeel.core.review.ChangeKind.among;
import static app.brightkeel.core.review.ChangeKind.curing;
import static java.util.Map.entry;

import app.brightkeel.core.harness.Ends;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.wire.Distribution;
import app.brightkeel.core.review.change.wire.EndChanges;
import app.brightkeel.core.review.change.wire.HarnessEdits;
import app.brightkeel.core.review.change.wire.JunctionChanges;
import app.brightkeel.core.review.change.wire.OwnRun;
import app.brightkeel.core.review.change.wire.WireChanges;
import app.brightkeel.core.review.change.wire.WireSorts;
import java.util.Map;
import java.util.stream.Stream;

/** Changes of the harness by what their ids say. */
final class WireKinds {

    private static final ChangeKind EDIT = HarnessEdits::of;

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("out", EDIT),
            entry("in", EDIT),
            entry("hang", EDIT),
            entry("move", EDIT),
            entry("gauge", ChangeKind.of(2, (line, said) -> WireChanges.gauge(line, said[0], said[1]))),
            entry("gauge-all", among(WireChanges::thicker)),
            entry("school", ChangeKind.of(1, (line, said) -> Distribution.of(line, said[0]))),
            entry("spare", among(WireChanges::thickerSpares)),
            entry("sheath", among(line -> WireChanges.sheath(line).stream())),
            entry("twelve-volts", among(line -> WireChanges.twelveVolts(line).stream())),
            entry("right-plug", among(line -> WireChanges.rightPlugs(line).stream())),
            entry("direct-lead", among(line -> WireChanges.directLead(line).stream())),
            entry("tinned", among(WireSorts::tinned)),
            entry("twist", curing(new BesideSonar())),
            entry("length", curing(new NoLength())),
            entry("main-switch", curing(new NoMainSwitch())),
            entry(
                    "own-run",
                    among(line -> Stream.of(
                                    OwnRun.of(line), new MotorOnSonar().cures(line), new SharedSwitch().cures(line))
                            .flatMap(each -> each))),
            entry(
                    "end",
                    among(line -> Stream.of(Ends.joined(line.rig()), Ends.spare(line.rig()))
                            .flatMap(pairs -> EndChanges.mating(line, pairs)))),
            entry("shrouded-at-battery", among(EndChanges::shrouded)),
            entry("same-colours", among(EndChanges::sameColours)),
            entry("take-out", curing(new LeadsNowhere())),
            entry("no-clips", curing(new ClipUnfused())),
            entry("ways", among(JunctionChanges::moreWays)),
            entry("labels", among(JunctionChanges::labels)));

    private WireKinds() {}
}
