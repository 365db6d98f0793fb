package app.brightkeel.core.review.mount;

import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import java.util.List;

/** The rules of the Mount link. */
public final class MountRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("mount.incomplete", Link.MOUNT, MountStage.STAGE),
            new CraftCannot(),
            new NothingToGrip(),
            new FaceDry(),
            new BeamBlocked(),
            new HousingTooLong(),
            new FaceTilted(),
            new BehindDrive(),
            new ProudOnBeach(),
            new ProudOfPocket(),
            new NotThroughHull(),
            new SideLost(),
            new TurnBlocked(),
            new HoleUnasked(),
            new Fouls(),
            new NoTether(),
            new StrikesBottom(),
            new TooFast());

    private MountRules() {}
}
