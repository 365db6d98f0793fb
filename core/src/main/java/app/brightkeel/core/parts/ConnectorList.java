package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Crimps;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every end that is joined to something: what goes on it, how it is crimped, and the pull it must stand. */
public final class ConnectorList {

    /**
     * One end.
     *
     * @param partId   whose end it is
     * @param end      which end of it
     * @param joinedId what it is joined to; empty where to nothing
     * @param ending   what it is
     * @param pins     of it; empty where nobody counted
     * @param crimp    colour of the terminal; empty words where the gauge is open or nothing is crimped
     * @param sleeve   over it, as bought
     * @param pull     for a minute; empty where none is given for so thin a wire
     * @param remark   what to think of
     */
    public record End(
            String partId,
            String part,
            String end,
            String joinedId,
            String joined,
            String ending,
            Optional<Amount> pins,
            String crimp,
            Optional<Amount> sleeve,
            Optional<Amount> pull,
            String remark) {}

    private ConnectorList() {}

    public static List<End> of(Line line) {
        Rig rig = line.rig();
        List<End> all = new ArrayList<>();
        for (Pack pack : rig.harness().packs()) {
            all.add(uncrimped(
                    pack.id(),
                    pack.name(),
                    "terminals",
                    "",
                    "",
                    pack.ending(),
                    "cap over plus; the live side is the shrouded one"));
        }
        for (Segment segment : rig.harness().segments()) {
            all.add(end(rig, segment, "start", segment.from(), segment.start()));
            all.add(end(rig, segment, "end", segment.to(), segment.end()));
        }
        for (Segment spare : rig.harness().spares()) {
            all.add(end(rig, spare, "start", spare.from(), spare.start()));
            all.add(end(rig, spare, "end", spare.to(), spare.end()));
        }
        for (Charger charger : rig.chargers()) {
            all.add(uncrimped(
                    charger.id(),
                    charger.name(),
                    "lead",
                    charger.charges(),
                    rig.nameOfPoint(charger.charges()),
                    charger.ending(),
                    charger.ending().terminal().plug() ? "the same plug as the leads" : ""));
        }
        return List.copyOf(all);
    }

    private static End uncrimped(
            String id, String name, String which, String joinedId, String joined, Ending ending, String remark) {
        return new End(
                id,
                name,
                which,
                joinedId,
                joined,
                ending.words(),
                Known.of(ending.pins(), Unit.COUNT),
                "",
                Optional.empty(),
                Optional.empty(),
                remark);
    }

    private static End end(Rig rig, Segment segment, String which, String joined, Ending ending) {
        double area =
                segment.wire().gauge().decided() ? segment.wire().gauge().size().areaMm2() : 0;
        Optional<Crimps.Terminal> terminal = Crimps.terminal(area).or(() -> Crimps.lug(area));
        return new End(
                segment.id(),
                segment.name(),
                which,
                joined,
                rig.nameOfPoint(joined),
                ending.words(),
                Known.of(ending.pins(), Unit.COUNT),
                terminal.map(Crimps.Terminal::colour).orElse(""),
                terminal.map(each -> new Amount(each.sleeveM(), Unit.FINE_MILLIMETRE)),
                Crimps.pullN(area).map(newtons -> new Amount(newtons, Unit.NEWTON)),
                terminal.isEmpty()
                        ? "tug each by hand"
                        : "the sleeve slid on first; tug each by hand; grease on plugs");
    }
}
