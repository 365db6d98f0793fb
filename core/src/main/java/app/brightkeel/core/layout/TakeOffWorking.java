package app.brightkeel.core.layout;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.Collectors;

/** Tells what leaves the craft, what stays, and what that takes. */
public final class TakeOffWorking {

    private TakeOffWorking() {}

    public static Working of(Line line) {
        Rig rig = line.rig();
        TakeOff off = TakeOff.of(rig);
        Working.Builder told = Working.of(
                "What comes off",
                "Σ minutes",
                Source.practice("by hand about 1 min, with a tool about 4, where nobody timed it"));
        for (int p = 0; p < rig.places().size(); p++) {
            Placement place = rig.places().get(p);
            if (place.comesOff() && place.unit().isEmpty()) {
                told.figure("", rig.nameOfPoint(place.item()), place.offMin(), Unit.MINUTE, "/places/" + p + "/offMin");
            }
        }
        for (TakeOff.Item item : off.off()) {
            if (!item.by().isEmpty()) {
                told.remark(
                        "{}: {}, {}.", Worded.capital(item.name()), item.by(), new Amount(item.minMin(), Unit.MINUTE));
            }
        }
        list(told, "Unplugged first, and on its way held by straps that open, never by cable ties: {}.", off.freed());
        list(told, "Stays aboard: {}.", off.stays());
        told.remark("The reverse puts it on; plugs that stay behind are capped meanwhile.");
        return told.result("", "all of it", off.minMin(), Unit.MINUTE).done();
    }

    private static void list(Working.Builder told, String template, List<TakeOff.Named> names) {
        if (!names.isEmpty()) {
            told.remark(template, names.stream().map(TakeOff.Named::name).collect(Collectors.joining(", ")));
        }
    }
}
