package app.brightkeel.core.layout;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Craft;
import java.util.ArrayList;
import java.util.List;

/** What a base stands on, whatever stands on it. */
final class StandsOn implements Stage<Craft, Footprint> {

    static final StandsOn STAGE = new StandsOn();

    private StandsOn() {}

    @Override
    public String name() {
        return "stands on";
    }

    @Override
    public Outcome<Craft> needs(Line line) {
        Craft craft = line.rig().craft();
        List<String> missing = new ArrayList<>();
        Outcome.want(missing, craft.lengthM(), "/craft/lengthM");
        Outcome.want(missing, craft.beamM(), "/craft/beamM");
        return Outcome.unless(missing, () -> craft);
    }

    @Override
    public Footprint compute(Craft craft) {
        return Footprint.withStand(craft);
    }

    /** Told with how it is carried. */
    @Override
    public Working working(Line line) {
        return CarryStage.STAGE.working(line);
    }
}
