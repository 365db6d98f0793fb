package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Crimps;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Fitting;
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
        for (Pack upper : rig.harness().packs()) {
            if (!upper.onTopOf().isEmpty()) {
                all.add(jumper(rig, upper));
            }
        }
        for (Segment segment : rig.harness().segments()) {
            all.add(end(rig, segment, "start", segment.from(), segment.start()));
            for (Fitting fitting : segment.fittings()) {
                if (fitting instanceof Fitting.Joint) {
                    all.add(between(segment, fitting));
                }
            }
            all.add(end(rig, segment, "end", segment.to(), segment.end()));
        }
        for (Device device : rig.devices()) {
            Ending power = device.sockets().power();
            if (power.terminal() != Ending.Terminal.UNDECIDED) {
                all.add(uncrimped(
                        device.id(), device.name(), "power", "", "", power, "red to plus, read with a meter first"));
            }
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

    /** Minus of the upper to plus of the lower, both ends crimped like those of the lead they feed. */
    private static End jumper(Rig rig, Pack upper) {
        double area = Jumpers.areaMm2(rig, upper);
        Optional<Crimps.Terminal> terminal = crimp(area);
        return new End(
                upper.id(),
                upper.name(),
                "series jumper, two ends",
                upper.onTopOf(),
                rig.nameOfPoint(upper.onTopOf()),
                upper.ending().words(),
                Optional.empty(),
                terminal.map(Crimps.Terminal::colour).orElse(""),
                terminal.map(each -> new Amount(each.sleeveM(), Unit.FINE_MILLIMETRE)),
                Crimps.pullN(area).map(newtons -> new Amount(newtons, Unit.NEWTON)),
                "as thick as the lead it feeds; from minus of this one to plus of the one under it, never across one battery");
    }

    /** A plug in the middle of a wire has two halves: four crimps and four sleeves. */
    private static End between(Segment segment, Fitting fitting) {
        double area = Known.areaMm2(segment);
        Optional<Crimps.Terminal> terminal = crimp(area);
        return new End(
                fitting.id(),
                segment.name(),
                "in mid-lead, both halves",
                "",
                "",
                fitting.name(),
                Optional.empty(),
                terminal.map(Crimps.Terminal::colour).orElse(""),
                terminal.map(each -> new Amount(each.sleeveM(), Unit.FINE_MILLIMETRE)),
                Crimps.pullN(area).map(newtons -> new Amount(newtons, Unit.NEWTON)),
                "the shrouded half towards the battery; four sleeves slid on first; tug each by hand");
    }

    private static Optional<Crimps.Terminal> crimp(double areaMm2) {
        return Crimps.terminal(areaMm2).or(() -> Crimps.lug(areaMm2));
    }

    private static End end(Rig rig, Segment segment, String which, String joined, Ending ending) {
        double area = Known.areaMm2(segment);
        Optional<Crimps.Terminal> terminal = crimp(area);
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
                ending.terminal() == Ending.Terminal.BUTT
                        ? "sealed butt splices, one to each wire, staggered; shrunk until glue shows; colour to colour"
                        : terminal.isEmpty()
                                ? "tug each by hand"
                                : "the sleeve slid on first; tug each by hand; grease on plugs");
    }
}
