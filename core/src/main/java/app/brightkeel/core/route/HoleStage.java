package app.brightkeel.core.route;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Run;
import java.util.List;

/** The table of holes: several rules look at it. */
public final class HoleStage implements Stage<HoleStage.Needs, List<Hole>> {

    public static final HoleStage STAGE = new HoleStage();

    /** What decides them. */
    public record Needs(Craft craft, FitOut fitOut, Routes routes, List<Run> runs) {}

    private HoleStage() {}

    @Override
    public String name() {
        return "holes";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        return line.get(RouteStage.STAGE)
                .map(routes -> new Needs(
                        line.rig().craft(),
                        line.rig().fitOut(),
                        routes,
                        line.rig().runs()));
    }

    @Override
    public List<Hole> compute(Needs needs) {
        return HoleSchedule.of(needs.craft(), needs.fitOut(), needs.routes(), needs.runs());
    }

    @Override
    public Working working(Line line) {
        Outcome<List<Hole>> holes = line.get(STAGE);
        return holes.isKnown()
                ? HolesWorking.of(line.rig(), holes.value())
                : Working.missing(HolesWorking.TITLE, holes.missing());
    }
}
