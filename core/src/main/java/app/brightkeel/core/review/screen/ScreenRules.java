package app.brightkeel.core.review.screen;

import app.brightkeel.core.load.Load;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import java.util.List;

/** The rules of the Screen link. */
public final class ScreenRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("screen.incomplete", Link.SCREEN, Load.STAGE),
            new DrawAssumed(),
            new DrawImplausible(),
            new RunsOtherwise(),
            new SecondHandDevice(),
            new OtherFamily(),
            new BusEnds(),
            new WantsEthernet(),
            new NoHolder(),
            new HolderMisfit(),
            new HolderOverloaded(),
            new OutOfReach(),
            new HardToRead(),
            new OneSpot(),
            new InTheWay(),
            new PostSchool(),
            new HolderDrilled());

    private ScreenRules() {}
}
