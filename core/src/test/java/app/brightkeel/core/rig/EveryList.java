package app.brightkeel.core.rig;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.reference.Chemistry;
import java.util.List;

/** A rig made to hold something in every list there is, which few real ones do. */
public final class EveryList {

    private static final Figure OPEN = Figure.UNSET;

    private EveryList() {}

    /** The same rig, its empty lists filled; it has a transducer, a device and a pack. */
    public static Rig in(Rig rig) {
        Transducer first = rig.transducers().get(0);
        Device device = rig.devices().get(0);
        Pack pack = rig.harness().packs().get(0);
        Water water = rig.outing().water();
        return rig.with(first.withPlug(first.plug()
                        .withAdapters(List.of(new Adapter("adapter", OPEN, List.of(BeamShape.SIDE, BeamShape.LIVE))))))
                .with(device.withSockets(device.sockets().withPorts(List.of(Port.values()))))
                .withOuting(rig.outing()
                        .withViews(List.of(WantedView.values()))
                        .withRan(List.of(new TrialRun(Figure.measured(9), Figure.chosen(0.8), OPEN)))
                        .withWater(water.withLogged(new Logged("a day", Figure.measured(1), List.of(0.5, 0.25)))))
                .withCraft(looked(rig.craft()))
                .withHolders(List.of(Catalogue.holders()
                        .get(0)
                        .with(h -> h.holds(device.id()).poses(List.of(Pose.values())))))
                .withOnHand(List.of(pack.withId("own")))
                .withChargers(List.of(charger(pack)))
                .withPurse(new Purse(
                        Figure.chosen(500),
                        List.of(new Purchase(device.id(), "", device.origin(), Having.OWNED, OPEN, ""))))
                .withNetwork(rig.network().withShares(List.of(Shared.values())))
                .withProposed(List.of(device.id(), pack.id()))
                .withFitOut(fitOut(rig))
                .withRuns(rig.runs().stream().map(EveryList::travelling).toList());
    }

    private static Charger charger(Pack pack) {
        return new Charger("charger", "charger", Chemistry.LIFEPO4, 1, Figure.rated(2), pack.id(), "", false);
    }

    private static Run travelling(Run run) {
        return run.with(r -> r.through(run.legs())
                .exits(List.of("exit"))
                .travels(List.of(
                        new Travel(Moves.SEAT, Figure.measured(0.2), OPEN, false),
                        new Travel(Moves.LID, Figure.measured(0.3), Figure.chosen(90), true))));
    }

    private static Craft looked(Craft craft) {
        return craft.with(craft.stations().get(0).withOffers(List.of(Grip.values())))
                .withKept(List.of(
                        new KeptRoom("well", "stern well", Zone.WELL, OPEN, OPEN, OPEN, OPEN, OPEN),
                        new KeptRoom("rods", "rods", Zone.RODS, OPEN, OPEN, OPEN, OPEN, OPEN)));
    }

    private static FitOut fitOut(Rig rig) {
        String station = rig.craft().stations().get(0).id();
        return rig.fitOut()
                .with(f -> f.passThroughs(List.of(
                                new PassThroughStock(PassThrough.GROMMET, 2),
                                new PassThroughStock(PassThrough.CABLE_FITTING, 1)))
                        .boxes(boxes(rig))
                        .fasteners(List.of(Fastener.unknown(
                                "screws", "screws", rig.devices().get(0).id(), 4)))
                        .closures(List.of(
                                Closure.blank("seat", "seat")
                                        .with(each -> each.kind(ClosureKind.SEAT)
                                                .stations(List.of(station))
                                                .parts(List.of("plate"))
                                                .there(true)),
                                Closure.blank("plate", "plate")
                                        .with(each -> each.parts(
                                                List.of(rig.devices().get(0).id())))))
                        .extras(List.of(new Extra(
                                "hood",
                                "hood",
                                ExtraKind.HOOD,
                                rig.devices().get(0).id())))
                        .ballast(List.of(
                                new Ballast("stone", "stone", Figure.measured(2), station),
                                new Ballast("bottle", "bottle", Figure.measured(3), station))));
    }

    /** One that a cable leaves by name, and where there is a place for it another one. */
    private static List<Enclosure> boxes(Rig rig) {
        List<Station> stations = rig.craft().stations();
        Enclosure first = box(stations.get(0).id());
        return stations.size() == 1
                ? List.of(first)
                : List.of(
                        first,
                        first.with(other -> other.id("bag")
                                .station(stations.get(1).id())
                                .ribs(List.of())
                                .exits(List.of())
                                .pockets(List.of())));
    }

    private static Enclosure box(String station) {
        return new Enclosure(
                "case",
                "case",
                EnclosureKind.values()[0],
                station,
                Size.UNKNOWN,
                OPEN,
                OPEN,
                OPEN,
                OPEN,
                List.of(new Rib("rib", "rib", Inward.WIDE, Figure.measured(0.01))),
                List.of(new Exit(
                        "exit",
                        "exit",
                        BaseEdge.LEFT,
                        OPEN,
                        Figure.measured(0.02),
                        PassThrough.GROMMET,
                        false,
                        ExitUse.CABLES,
                        false)),
                List.of(new Pocket("pocket", "pocket", Pose.STOWED, Size.UNKNOWN, "")),
                false,
                false,
                false,
                "");
    }
}
