package app.brightkeel.core.review.fuse;

import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import java.util.List;

/** The rules of the Fuse link. */
public final class FuseRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("fuse.incomplete", Link.FUSE, Protection.STAGE),
            new Missing(),
            new NoRating(),
            new TooFarFromBattery(),
            new BareRun(),
            new FuseAboveAmpacity(),
            new AboveMakerMaximum(),
            new OpensInUse(),
            new FarEndShort(),
            new BreakingCapacity(),
            new BreakingVolts(),
            new WireBurnsFirst(),
            new OpensUpstream(),
            new SpareLead(),
            new NoSpares(),
            new ParallelPacksUnfused(),
            new FusingSchool());

    private FuseRules() {}
}
