package app.brightkeel.core.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import java.util.ArrayList;
import java.util.List;

/** Depths and the speed of sound. */
public final class WaterStage implements Stage<Water, WaterState> {

    public static final WaterStage STAGE = new WaterStage();

    private static final String AT = "/outing/water/";

    private WaterStage() {}

    @Override
    public String name() {
        return "water";
    }

    @Override
    public Outcome<Water> needs(Line line) {
        Water water = line.rig().outing().water();
        List<String> missing = new ArrayList<>();
        if (water.kind() == WaterKind.UNDECIDED) {
            missing.add(AT + "kind");
        }
        Outcome.want(missing, water.leastM(), AT + "leastM");
        Outcome.want(missing, water.mostM(), AT + "mostM");
        return Outcome.unless(missing, () -> water);
    }

    @Override
    public WaterState compute(Water water) {
        return new WaterState(
                water.leastM().value(),
                water.typicalM().value(),
                water.mostM().value(),
                sound(water).metresPerSecond(),
                water.displaySoundMs().value(),
                water.waterC().value(),
                water.salinity().value());
    }

    private static SoundSpeed sound(Water water) {
        return new SoundSpeed(
                water.waterC().value(),
                water.salinity().value(),
                water.typicalM().value() / 2);
    }

    @Override
    public Working working(Line line) {
        Outcome<WaterState> outcome = line.get(STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("Depth on the screen", outcome.missing());
        }
        WaterState state = outcome.value();
        Water water = line.rig().outing().water();
        return Working.of(
                        "Depth on the screen",
                        "shown = true · c display / c water",
                        Source.derived("the display times the echo and multiplies by a speed of its own"))
                .figure("least", "shallowest that is fished", water.leastM(), Unit.DEPTH, AT + "leastM")
                .figure("most", "deepest that is fished", water.mostM(), Unit.DEPTH, AT + "mostM")
                .figure("typical", "where most time is spent", water.typicalM(), Unit.DEPTH, AT + "typicalM")
                .opened("c", "speed of sound in this water", state.soundMs(), Unit.METRE_PER_SECOND, speed(water))
                .figure(
                        "c display",
                        "speed the display reckons with",
                        water.displaySoundMs(),
                        Unit.METRE_PER_SECOND,
                        AT + "displaySoundMs")
                .step("error", "of every depth it shows", state.error(), Unit.FINE_PERCENT)
                .step("shown", "at the shallowest depth", state.shownM(state.leastM()), Unit.DEPTH)
                .step("shown", "at the deepest", state.shownM(state.mostM()), Unit.DEPTH)
                .result("shown", "at the typical depth", state.shownM(state.typicalM()), Unit.DEPTH)
                .done();
    }

    private static Working speed(Water water) {
        SoundSpeed sound = sound(water);
        Source source = switch (sound.formula()) {
            case MARCZAK -> Source.published("W. Marczak, J. Acoust. Soc. Am. 102 (1997), fifth-order polynomial");
            case MACKENZIE -> Source.published("K. V. Mackenzie, J. Acoust. Soc. Am. 70 (1981), nine terms");
            case MEDWIN -> Source.published("H. Medwin, J. Acoust. Soc. Am. 58 (1975)");
        };
        return Working.of("Speed of sound", "c (T, S, half of the typical depth)", source)
                .figure("T", "temperature of the water", water.waterC(), Unit.CELSIUS, AT + "waterC")
                .figure("S", "salinity", water.salinity(), Unit.GRAM_PER_KILOGRAM, AT + "salinity")
                .figure("D", "typical depth", water.typicalM(), Unit.DEPTH, AT + "typicalM")
                .step("D/2", "half of it", water.typicalM().value() / 2, Unit.DEPTH)
                .result("c", "speed of sound", sound.metresPerSecond(), Unit.METRE_PER_SECOND)
                .done();
    }
}
