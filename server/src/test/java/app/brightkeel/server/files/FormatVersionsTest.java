package app.brightkeel.server.files;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Backing;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.ClosureKind;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Extra;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Fixing;
import app.brightkeel.core.rig.Grip;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Plug;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Purse;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Seating;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Sharing;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Transport;
import app.brightkeel.core.rig.TrialRun;
import app.brightkeel.core.rig.WantedView;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.Zone;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** One file of each version is kept for ever and read for ever; this program writes the last. */
public class FormatVersionsTest {

    private static final JsonMapper MAPPER = RigJson.mapper();

    @DataProvider
    public Object[][] versions() {
        Rig rig = withoutSonar(withoutHolders(bare(DemoRigs.oystercatcher()))).withQuieted(Set.of());
        Rig bare = withoutCraft(rig);
        Rig dry = bare.withOuting(rig.outing().withWater(Water.UNKNOWN));
        return new Object[][] {
            {1, dry.withNotes(List.of())},
            {2, dry},
            {3, bare},
            {4, rig},
            {5, withoutHolders(withoutData(bare(DemoRigs.gannet())))},
            {6, withoutPower(shortLead(bare(DemoRigs.sandpiper())))},
            {7, withoutEnds(bare(DemoRigs.lanternCrate()))},
            {8, bareSpares(withoutData(bare(DemoRigs.gannet())))},
            {9, plain(bare(DemoRigs.reedling()))},
            {10, shortLead(bare(DemoRigs.sandpiper()))},
            {11, shared(bare(DemoRigs.oystercatcher()))},
            {12, fitted(roomless(DemoRigs.oystercatcher()))},
            {13, roomy(fitted(DemoRigs.oystercatcher()))},
            {14, covered(roomy(fitted(DemoRigs.oystercatcher())))},
            {15, pieced(covered(roomy(fitted(DemoRigs.oystercatcher()))))}
        };
    }

    /** As it was known before version 11: without tethers and caps, and nothing of how it travels, what is wanted and owned. */
    private static Rig bare(Rig rig) {
        return roomless(rig)
                .withFitOut(rig.fitOut()
                        .withExtras(List.of())
                        .withFasteners(List.of())
                        .withClosures(List.of()))
                .withHolders(rig.holders().stream()
                        .filter(holder -> holder.origin().equals("ball-small"))
                        .toList())
                .withSharing(Sharing.UNKNOWN)
                .withPurse(Purse.NONE)
                .withOuting(rig.outing().withViews(List.of()));
    }

    /** As it was known before version 13: without wells and drink holders. */
    private static Rig roomless(Rig rig) {
        return rig.withCraft(rig.craft().withKept(List.of()));
    }

    /** As long as the lead of its bag was when its files were written. */
    private static Rig shortLead(Rig rig) {
        Segment lead = rig.harness().segment("lead");
        return rig.with(lead.withWire(lead.wire().withLengthM(Figure.measured(1.1))));
    }

    /** With what version 11 brought, as its file has it. */
    private static Rig shared(Rig rig) {
        Transducer transducer = rig.transducers().get(0);
        return rig.withSharing(new Sharing(Transport.ROOF, Figure.chosen(2), Figure.UNSET))
                .withFitOut(rig.fitOut().withExtras(List.of(new Extra("hood", "sun hood", ExtraKind.HOOD, "display"))))
                .withPurse(new Purse(
                        Figure.chosen(400),
                        List.of(new Purchase(
                                "display", "", "display-7-in-chirp", Having.OWNED, Figure.chosen(250), ""))))
                .withOuting(rig.outing().withViews(List.of(WantedView.DOWN, WantedView.TEMPERATURE)))
                .with(transducer.withPlug(transducer
                        .plug()
                        .withTag("blue")
                        .withAdapters(List.of(
                                new Adapter("8 to 12-pin adapter", Figure.rated(12), List.of()),
                                new Adapter("12 to 8-pin adapter", Figure.rated(8), List.of(BeamShape.SIDE))))));
    }

    /** With what version 12 brought, as its file has it. */
    private static Rig fitted(Rig rig) {
        Craft craft = rig.craft();
        Passage first = craft.passages().get(0);
        Pack pack = rig.harness().packs().get(0);
        Placement place = rig.placeOf(pack.id()).orElseThrow();
        Transducer transducer = rig.transducers().get(0);
        Size tried = new Size(Figure.measured(0.151), Figure.measured(0.098), Figure.measured(0.095));
        return rig.withFitOut(rig.fitOut().withFasteners(List.of(bolts())))
                .withCraft(craft.with(craft.stations().get(0).withOffers(List.of(Grip.TRACK, Grip.FLAT)))
                        .with(first.withOpening(first.opening().withSharp(true)))
                        .withAlsoPaddled(true))
                .withOuting(rig.outing()
                        .withRan(List.of(new TrialRun(Figure.measured(9), Figure.chosen(0.8), Figure.UNSET))))
                .with(pack.with(p -> p.label(pack.label().withSecondHand(true))
                        .keeping(pack.keeping()
                                .with(k -> k.restsFrom("2026-11-01")
                                        .restsTo("2027-04-01")
                                        .storedC(Figure.measured(12))))))
                .with(place.withUnit("seat").withHeld(place.held().withTried(tried)))
                .with(transducer.withMount(transducer.mount().withOtherEdgeM(Figure.measured(0.06))));
    }

    /** With what version 13 brought, as its file has it. */
    private static Rig roomy(Rig rig) {
        Transducer transducer = rig.transducers().get(0);
        Device display = rig.devices().get(0);
        Ending bare = new Ending(Ending.Terminal.BARE, Ending.Half.UNDECIDED, Figure.UNSET, Figure.measured(0.006));
        return rig.withProposed(List.of(display.id()))
                .withCraft(rig.craft()
                        .withKept(List.of(
                                room("well", "stern well", Zone.WELL, 3.2, 0.6, 0.42, Figure.measured(4)),
                                room("seat-folded", "seat folded", Zone.SEAT, 1.7, 0.4, 0.45, Figure.UNSET))))
                .with(transducer.withMount(transducer.mount().withUnit("seat")))
                .with(display.withSecondHand(true).withSockets(display.sockets().withPower(bare)))
                .withHolders(rig.holders().stream()
                        .map(holder -> holder.withFootBolts("30 × 60 mm"))
                        .toList())
                .withFitOut(rig.fitOut().withBoards(rig.fitOut().boards().withInsideM(Figure.measured(0.36))))
                .withPurse(new Purse(
                        Figure.UNSET,
                        List.of(new Purchase(
                                transducer.id(),
                                "",
                                transducer.origin(),
                                Having.COMES_WITH,
                                Figure.UNSET,
                                display.id()))))
                .withPlaces(rig.places().stream()
                        .map(place -> place.withHeld(place.held().withApartM(Figure.measured(0.12))))
                        .toList());
    }

    /** With what version 14 brought, as its file has it. */
    private static Rig covered(Rig rig) {
        String station = rig.craft().stations().get(0).id();
        Closure plate = Closure.blank("plate", "plate over the scupper");
        return rig.withFitOut(rig.fitOut()
                .withFasteners(List.of(bolts().with(b -> b.supplied(3).of("plate"))))
                .withClosures(List.of(
                        plate.with(p -> p.kind(ClosureKind.PLATE)
                                .stations(List.of(station))
                                .seating(Seating.FLUSH)
                                .there(true)
                                .gasket(true)
                                .under("the cord is tied again")),
                        Closure.blank("seat", "seat")
                                .with(s -> s.kind(ClosureKind.SEAT).parts(List.of("plate", "display"))))));
    }

    /** With what version 15 brought, as its file has it. */
    private static Rig pieced(Rig rig) {
        Device display = rig.device("display");
        return rig.withPurse(rig.purse()
                .with(new Purchase(
                        display.id(), "", display.origin(), Having.OWNED, Figure.UNSET, "", "item-0a1b2c3d4e5f")));
    }

    private static KeptRoom room(
            String id, String name, Zone use, double fromBowM, double longM, double wideM, Figure loadKg) {
        return new KeptRoom(
                id,
                name,
                use,
                Figure.measured(fromBowM),
                Figure.measured(0),
                Figure.measured(longM),
                Figure.measured(wideM),
                loadKg);
    }

    private static Fastener bolts() {
        return new Fastener(
                "screws",
                "screws of the base",
                FastenerKind.BOLT,
                "display",
                Figure.measured(0.005),
                Figure.measured(0.02),
                4,
                Figure.measured(0.003),
                Figure.measured(0.006),
                Figure.measured(0.05),
                Material.POLYETHYLENE,
                Backing.WASHERS,
                BackReach.REACHED,
                4,
                false);
    }

    /** As the demo rig was when its file was written. */
    private static Rig plain(Rig rig) {
        return there(rig)
                .withHarness(rig.harness()
                        .withSegments(rig.harness().segments().stream()
                                .map(segment -> segment.withWire(segment.wire().withTinned(false)))
                                .toList()));
    }

    /** Before version 10 a hole of a box that was measured was there. */
    private static Rig there(Rig rig) {
        return rig.withFitOut(rig.fitOut()
                .withBoxes(rig.fitOut().boxes().stream()
                        .map(box -> box.withExits(box.exits().stream()
                                .map(exit -> exit.withCut(false))
                                .toList()))
                        .toList()));
    }

    /** The same of one whose spare lead had no fuse yet. */
    private static Rig bareSpares(Rig rig) {
        return rig.withHarness(rig.harness()
                .withSpares(rig.harness().spares().stream()
                        .map(spare -> spare.withFittings(List.of()))
                        .toList()));
    }

    /** As it was known before version 9: no data leads, and no place for where wires meet, so that none of them is laid. */
    private static Rig withoutData(Rig rig) {
        Set<String> points =
                rig.harness().junctions().stream().map(Junction::id).collect(Collectors.toSet());
        Set<String> wires = rig.harness().segments().stream()
                .filter(wire -> points.contains(wire.from()) || points.contains(wire.to()))
                .map(Segment::id)
                .collect(Collectors.toSet());
        Rig without = rig.withNetwork(rig.network().withLeads(List.of()));
        return without.withPlaces(without.places().stream()
                        .filter(place -> !points.contains(place.item()))
                        .toList())
                .withRuns(without.runs().stream()
                        .filter(run -> !wires.contains(run.carries()))
                        .toList());
    }

    /** As it was known before version 8: nothing of ends, ways, labels, tin and spare leads of the demo rigs. */
    private static Rig withoutEnds(Rig rig) {
        Harness harness = rig.harness();
        return rig.withHarness(harness.with(h -> h.spares(List.of())
                        .packs(harness.packs().stream()
                                .map(pack -> pack.withEnding(Ending.UNKNOWN))
                                .toList())
                        .junctions(harness.junctions().stream()
                                .map(point -> new Junction(point.id(), point.name()))
                                .toList())
                        .segments(harness.segments().stream()
                                .map(FormatVersionsTest::withoutEnds)
                                .toList())))
                .withChargers(rig.chargers().stream()
                        .map(charger -> charger.withEnding(Ending.UNKNOWN))
                        .toList());
    }

    private static Segment withoutEnds(Segment segment) {
        return segment.with(s -> s.start(Ending.UNKNOWN)
                .end(Ending.UNKNOWN)
                .wire(segment.wire().with(wire -> wire.tinned(false).twisted(false))));
    }

    /** As it was known before version 7: nothing of networks, chargers, what is on hand and what packs are there for. */
    private static Rig withoutPower(Rig newer) {
        Rig rig = withoutEnds(newer);
        return rig.withNetwork(NetworkPlan.NONE)
                .withOnHand(List.of())
                .withChargers(List.of())
                .withDevices(rig.devices().stream()
                        .map(device -> device.withSupply(Supply.UNKNOWN)
                                .withSockets(device.sockets().withPorts(List.of())))
                        .toList());
    }

    /** As it was known before version 6: nothing of forms of hulls, sizes of screens and what holds them. */
    private static Rig withoutHolders(Rig newer) {
        Rig rig = withoutPower(newer);
        return rig.withCraft(rig.craft().withSections(List.of()))
                .withDevices(rig.devices().stream()
                        .map(device -> device.with(
                                d -> d.size(Size.UNKNOWN).textM(Figure.UNSET).fixing(Fixing.UNKNOWN)))
                        .toList());
    }

    /** As it was known before version 5: nothing of styles, rated depths and what fits what. */
    private static Rig withoutSonar(Rig rig) {
        Transducer transducer = rig.transducers().get(0);
        List<Beam> beams = transducer.beams().stream()
                .map(beam -> beam.withRatedM(Figure.UNSET))
                .toList();
        Outing outing = rig.outing();
        return rig.with(transducer.withBeams(beams).withPlug(Plug.UNKNOWN))
                .with(rig.devices().get(0).withSockets(Sockets.UNKNOWN))
                .withOuting(outing.withWater(outing.water().withStyle(FishingStyle.UNDECIDED)));
    }

    /** As it was known before version 4: nothing of angler, transducers, ways, places, masses and sizes. */
    private static Rig withoutCraft(Rig rig) {
        Device display = rig.devices().get(0);
        Pack pack = rig.harness().packs().get(0);
        return rig.withTransducers(List.of())
                .with(display.withMassKg(Figure.UNSET))
                .with(pack.withSize(Size.UNKNOWN))
                .withAngler(Angler.UNKNOWN)
                .withCraft(Craft.of(rig.craft().kind()).withLengthM(Figure.measured(3.9)))
                .withSchools(Schools.UNDECIDED);
    }

    @Test(dataProvider = "versions")
    public void everyVersionIsRead(int version, Rig rig) throws Exception {
        byte[] file = Objects.requireNonNull(
                        FormatVersionsTest.class.getResourceAsStream("/rigs/version-" + version + ".json"))
                .readAllBytes();
        assertEquals(MAPPER.readTree(file).path("version").asInt(), version);
        assertEquals(new RigReader().read(file), rig);
    }

    @Test
    public void thereIsAFileOfTheVersionThatIsWritten() {
        assertEquals(versions().length, RigDocument.VERSION);
    }

    /** A file of a later version is refused, and what to do is said. */
    @Test
    public void aLaterVersionIsRefused() {
        String later = MAPPER.writeValueAsString(RigDocument.of(DemoRigs.oystercatcher()))
                .replace("\"version\":" + RigDocument.VERSION, "\"version\":" + (RigDocument.VERSION + 1));
        Refusal refusal =
                expectThrows(Refusal.class, () -> new RigReader().read(later.getBytes(StandardCharsets.UTF_8)));
        assertEquals(refusal.field(), "/version");
        assertTrue(refusal.allowed().contains("later Bright Keel"), refusal.allowed());
    }
}
