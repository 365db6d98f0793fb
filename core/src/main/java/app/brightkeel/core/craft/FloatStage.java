package app.brightkeel.core.craft;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;

/** How the craft floats with what is known to be aboard; on the ice nothing floats. */
public final class FloatStage implements Stage<FloatNeeds, Afloat> {

    public static final FloatStage STAGE = new FloatStage();

    private static final double FRESH = 1000;
    private static final double SEA_MORE = 25;
    private static final double SEA_SALINITY = 35;

    private FloatStage() {}

    @Override
    public String name() {
        return "float";
    }

    @Override
    public Outcome<FloatNeeds> needs(Line line) {
        Rig rig = line.rig();
        Craft craft = rig.craft();
        List<String> missing = new ArrayList<>();
        if (craft.kind() == CraftKind.UNDECIDED || craft.kind().onIce()) {
            missing.add("/craft/kind");
        }
        Outcome.want(missing, craft.lengthM(), "/craft/lengthM");
        Outcome.want(missing, craft.beamM(), "/craft/beamM");
        Outcome.want(missing, craft.depthM(), "/craft/depthM");
        Outcome.want(missing, craft.massKg(), "/craft/massKg");
        Outcome.want(missing, craft.seatM(), "/craft/seatM");
        Outcome.want(missing, craft.seatHeightM(), "/craft/seatHeightM");
        Outcome.want(missing, rig.angler().massKg(), "/angler/massKg");
        return Outcome.unless(
                missing,
                () -> new FloatNeeds(
                        craft.kind(),
                        craft.sections(),
                        craft.lengthM().value(),
                        craft.beamM().value(),
                        craft.depthM().value(),
                        Aboard.of(rig),
                        density(rig.outing().water().salinity().value())));
    }

    /** Of water by its salinity [kg/m³]: 1000 fresh, 1025 at 35 g/kg, straight between. */
    static double density(double salinity) {
        return FRESH + SEA_MORE * salinity / SEA_SALINITY;
    }

    @Override
    public Afloat compute(FloatNeeds needs) {
        return Afloat.of(
                needs.hull(), needs.lengthM(), needs.depthM(), needs.aboard().masses(), needs.kilogramPerM3());
    }

    @Override
    public Working working(Line line) {
        return FloatWorking.of(line);
    }
}
