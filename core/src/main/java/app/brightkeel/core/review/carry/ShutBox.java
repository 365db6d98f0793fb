package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Warmth;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;

/**
 * A box without a vent and what works in it, in the part of the day when that takes most.
 *
 * @param name of the box
 */
record ShutBox(String name, Warmth warmth) {

    /** All of a rig; none where the load or a size is not known. */
    static List<ShutBox> all(Line line) {
        List<ShutBox> all = new ArrayList<>();
        Rig rig = line.rig();
        List<Enclosure> shut = rig.fitOut().boxes().stream()
                .filter(box -> box.shut() && box.outside().known())
                .toList();
        for (Enclosure box : shut) {
            double watts = line.get(Load.STAGE).map(day -> mostW(rig, box, day)).orElse(0.0);
            if (watts > 0) {
                double airC = rig.outing().airC().value();
                all.add(new ShutBox(box.name(), Warmth.of(watts, box.outside(), airC)));
            }
        }
        return all;
    }

    private static double mostW(Rig rig, Enclosure box, DayLoad day) {
        double most = 0;
        for (DayLoad.PhaseLoad phase : day.phases()) {
            double watts = 0;
            for (int d = 0; d < rig.devices().size(); d++) {
                boolean inside = rig.stationOf(rig.devices().get(d).id()).equals(box.station());
                watts += inside ? phase.watts().get(d) : 0;
            }
            most = Math.max(most, watts);
        }
        return most;
    }

    /** One working for all of them; none where no box is shut over something that works. */
    static List<Working> workings(Line line) {
        List<ShutBox> all = all(line);
        if (all.isEmpty()) {
            return List.of();
        }
        Working.Builder told = Working.of(
                "How warm it gets in a shut box",
                "inside = air + P / (U · A)",
                Source.fromMemory("4 W for each m² and degree through plastic, 3.5 to 5.5; the sun left out"));
        for (ShutBox each : all) {
            told.remark("{}", each.name())
                    .step("P", "what works in it", each.warmth().watts(), Unit.WATT)
                    .step("A", "lid and sides, m²", each.warmth().areaM2(), Unit.FACTOR)
                    .figure("", "air", line.rig().outing().airC(), Unit.CELSIUS, "/outing/airC")
                    .result("", "inside", each.warmth().insideC(), Unit.CELSIUS);
        }
        return List.of(told.done());
    }
}
