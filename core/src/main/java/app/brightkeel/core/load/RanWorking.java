package app.brightkeel.core.load;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.TrialRun;
import java.util.Optional;

/** Tells what all of a rig drew by the hours it ran. */
public final class RanWorking {

    private RanWorking() {}

    /** None where nobody saw it run. */
    public static Optional<Working> of(Line line) {
        return RanTogether.of(line).map(ran -> told(line, ran));
    }

    private static Working told(Line line, RanTogether ran) {
        Working.Builder told = Working.of(
                "What all of it drew, by the hours it ran",
                "P = Wh / hours; base + backlight × brightness by least squares",
                Source.derived("energy of the battery over the hours it lasted"));
        for (RanTogether.Run run : ran.runs()) {
            TrialRun entered = line.rig().outing().ran().get(run.place());
            String at = "/outing/ran/" + run.place() + "/";
            told.figure("H", "it ran for", entered.hours(), Unit.HOUR, at + "hours")
                    .figure("b", "with every screen at", entered.brightness(), Unit.PERCENT, at + "brightness");
            if (entered.tempC().isSet()) {
                told.figure("T", "its battery at", entered.tempC(), Unit.CELSIUS, at + "tempC");
            }
            told.step("f", "left by the cold of its capacity", run.cold(), Unit.PERCENT)
                    .step("E", "held by the battery", run.wh(), Unit.WATT_HOUR)
                    .step("", "drawn in that run: E / H", run.watts(), Unit.WATT);
        }
        return told.remark("These hours hold the cold of their day already: the watts are not derated for it again.")
                .step("", "base of all devices, dark screens", ran.baseW(), Unit.WATT)
                .step("", "all backlights at full", ran.backW(), Unit.WATT)
                .step("", "share of the backlights at full", ran.backW() / (ran.baseW() + ran.backW()), Unit.PERCENT)
                .step("", "the plan has, as bright", ran.plannedW(), Unit.WATT)
                .result("P", "it drew on the mean of the runs", ran.seenW(), Unit.WATT)
                .done();
    }
}
