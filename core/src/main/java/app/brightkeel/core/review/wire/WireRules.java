package app.brightkeel.core.review.wire;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import java.util.List;

/** The rules of the Wire link. */
public final class WireRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("wire.incomplete", Link.WIRE, Feed.STAGE),
            new NotFed(),
            new NoOperatingPoint(),
            new BelowMinimum(),
            new StartDip(),
            new AboveMaximum(),
            new VoltageDrop(),
            new LoadAboveAmpacity(),
            new ThinnerThanMaker(),
            new ThinInHandling(),
            new PlugPinsDiffer(),
            new PlugDoesNotMate(),
            new SpareDoesNotMate(),
            new LivePinsOpen(),
            new ColoursUnlike(),
            new SharedSwitch(),
            new TooFewWays(),
            new Unlabelled(),
            new NotTinned(),
            new NoLength(),
            new LeadsNowhere(),
            new ClipUnfused(),
            new NoMainSwitch(),
            new BesideSonar(),
            new MotorOnSonar(),
            new DevicesReadApart());

    private WireRules() {}
}
