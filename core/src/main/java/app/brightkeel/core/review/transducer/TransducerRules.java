package app.brightkeel.core.review.transducer;

import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import app.brightkeel.core.sonar.SonarStage;
import java.util.List;

/** The rules of the Transducer link. */
public final class TransducerRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("transducer.incomplete", Link.TRANSDUCER, SonarStage.STAGE),
            new WideTooDeep(),
            new NarrowTooShallow(),
            new HiddenAtBottom(),
            new IceConeUnderWay(),
            new BeyondReach(),
            new AbovePlanned(),
            new BlindTop(),
            new NeedsWay(),
            new WrongForStyle(),
            new LooksElsewhere(),
            new HandleUnmarked(),
            new ViewNotFed(),
            new CannotBeAimed(),
            new PoleLeans(),
            new ModuleMissing(),
            new PinsDiffer(),
            new AdapterLoses(),
            new OlderVersion(),
            new CannotShow(),
            new LikePlugs());

    private TransducerRules() {}
}
