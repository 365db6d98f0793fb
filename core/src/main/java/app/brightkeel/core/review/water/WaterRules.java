package app.brightkeel.core.review.water;

import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import app.brightkeel.core.water.WaterStage;
import java.util.List;

/** The rules of the Water link. */
public final class WaterRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("water.incomplete", Link.WATER, WaterStage.STAGE),
            new DepthsDisordered(),
            new Frozen(),
            new DisplayShowsWrong(),
            new MovesOnIce(),
            new SalinityOfAnotherKind(),
            new StyleAgainstMotion());

    private WaterRules() {}
}
