package app.brightkeel.core.battery;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import java.util.List;

/** By which figures the days of a lay-up come about. */
public final class LayUpWorking {

    private LayUpWorking() {}

    /** How one battery rests, of a filled rig. */
    public static Working of(Pack pack, int index) {
        Working.Builder told = Working.of(
                Text.of("{} laid up", pack.name()),
                "days = base / 2^((t − 20 °C) / 10 °C), at room temperature and below: base",
                Source.derived(
                        "common practice: lead every six weeks; what a battery loses by itself doubles with ten degrees"));
        told.remark(
                "rests from {} to {}",
                pack.keeping().restsFrom(),
                pack.keeping().restsTo());
        told.step("base", "from charge to charge at room temperature", LayUp.baseDays(pack.chemistry()), Unit.COUNT);
        if (pack.keeping().storedC().isSet()) {
            told.figure(
                    "t",
                    "where it is stored",
                    pack.keeping().storedC(),
                    Unit.CELSIUS,
                    Pointer.pack(index, "keeping/storedC"));
        } else {
            told.remark("nobody said how warm it lies: taken as a room");
        }
        List<LayUp.Due> due = LayUp.of(pack);
        due.forEach(each -> told.remark("{}: {}", each.day().toString(), each.what()));
        return told.result("days", "from one charge to the next", LayUp.everyDays(pack), Unit.COUNT)
                .done();
    }
}
