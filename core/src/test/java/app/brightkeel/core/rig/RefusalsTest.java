package app.brightkeel.core.rig;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.testng.Assert.ThrowingRunnable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What cannot be represented is refused with the field, the value and what is allowed. */
public class RefusalsTest {

    private static final Rig RIG = DemoRigs.oystercatcher();
    private static final Pack PACK = RIG.harness().packs().get(0);
    private static final Segment LEAD = RIG.harness().segments().get(0);

    private static final Transducer CHIRP = RIG.transducers().get(0);
    private static final Beam BEAM = CHIRP.beams().get(0);

    /** A form with sections at these places. */
    private static Craft outline(double... at) {
        return RIG.craft()
                .withSections(java.util.Arrays.stream(at)
                        .mapToObj(place -> new HullSection(place, 1, 0, 0))
                        .toList());
    }

    private static Holder holder(String holds) {
        return Catalogue.holders().get(0).with(h -> h.id("holder").holds(holds));
    }

    /** Names of the world, and a fish that takes two characters where it would be cut. */
    @Test
    public void namesOfAllPeopleAreNames() {
        for (String name : new String[] {"Žluťoučký", "鯉の池", "שלום", "e\u0301", "🐟", "a\u200db", "१ नदी"}) {
            assertEquals(RIG.withName(name).name(), name);
        }
        String long119 = "x".repeat(119);
        assertEquals(Checks.cut(long119 + "🐟", 120), long119);
        assertEquals(Checks.cut("x" + "🐟", 3), "x🐟");
        assertEquals(Checks.cut("🐟", 0), "");
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {RefusalCode.OUT_OF_RANGE, "capacityAh", of(() -> PACK.withCapacityAh(Figure.rated(-5)))},
            {RefusalCode.OUT_OF_RANGE, "capacityAh", of(() -> PACK.withCapacityAh(Figure.rated(0)))},
            {RefusalCode.OUT_OF_RANGE, "capacityAh", of(() -> PACK.withCapacityAh(Figure.rated(1e308)))},
            {RefusalCode.OUT_OF_RANGE, "value", of(() -> Figure.rated(Double.NaN))},
            {RefusalCode.OUT_OF_RANGE, "value", of(() -> Figure.rated(Double.POSITIVE_INFINITY))},
            {RefusalCode.OUT_OF_RANGE, "tempC", of(() -> PACK.withTempC(Figure.measured(-60)))},
            {RefusalCode.OUT_OF_RANGE, "blocks", of(() -> PACK.withBlocks(5))},
            {RefusalCode.NOT_OFFERED, "areaMm2", of(() -> new Gauge.Metric(900))},
            {RefusalCode.NOT_OFFERED, "awg", of(() -> new Gauge.Awg(19))},
            {RefusalCode.OUT_OF_RANGE, "lengthM", of(() -> LEAD.wire().withLengthM(Figure.measured(-1)))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName(" "))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("\u200b\u2060\ufeff\u3164"))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("half \ud83d"))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("turned \udc1f\ud83d"))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("none \ufffe"))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("none \ufdd0"))},
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("two\u2028lines"))},
            {RefusalCode.BAD_TEXT, "text", of(() -> new Note("", "half \ud83d"))},
            {RefusalCode.OUT_OF_RANGE, "sections[1].at", of(() -> outline(0, 0, 1))},
            {RefusalCode.OUT_OF_RANGE, "sections[2].at", of(() -> outline(0, 0.6, 0.4, 1))},
            {RefusalCode.OUT_OF_RANGE, "sections[0].at", of(() -> outline(0.1, 1))},
            {RefusalCode.OUT_OF_RANGE, "sections[1].at", of(() -> outline(0, 0.9))},
            {RefusalCode.OUT_OF_RANGE, "breadth", of(() -> new HullSection(0, 1.2, 0, 0))},
            {RefusalCode.DANGLING, "holders[0].holds", of(() -> RIG.withHolders(List.of(holder("nobody"))))},
            {
                RefusalCode.DUPLICATE,
                "holders",
                of(() -> RIG.withHolders(
                        List.of(holder("display"), holder("display").withId("other"))))
            },
            {RefusalCode.BAD_TEXT, "name", of(() -> RIG.withName("x".repeat(121)))},
            {RefusalCode.BAD_TEXT, "id", of(() -> PACK.withId("Pack 1"))},
            {
                RefusalCode.TOO_MANY,
                "segments",
                of(() -> new Harness(List.of(), List.of(), Collections.nCopies(201, LEAD)))
            },
            {
                RefusalCode.LOOP,
                "segments[1].to",
                of(() -> new Harness(List.of(PACK), List.of(), List.of(LEAD, LEAD.withId("second"))))
            },
            {
                RefusalCode.DUPLICATE,
                "harness",
                of(() -> RIG.with(LEAD.withId("x"))
                        .withDevices(List.of(
                                RIG.devices().get(0), RIG.devices().get(0).withName("twin"))))
            },
            {RefusalCode.DANGLING, "harness.segments[0].to", of(() -> RIG.with(LEAD.withTo("nowhere")))},
            {RefusalCode.DANGLING, "harness.segments[0].from", of(() -> RIG.with(LEAD.withFrom("nowhere")))},
            {
                RefusalCode.DANGLING,
                "outing.phases[0].uses[0].device",
                of(() -> Rig.blank("x", CraftKind.CANOE).withOuting(RIG.outing()))
            },
            {RefusalCode.OUT_OF_RANGE, "fullDeg", of(() -> BEAM.withFullDeg(Figure.rated(0)))},
            {RefusalCode.OUT_OF_RANGE, "fullDeg", of(() -> BEAM.withFullDeg(Figure.rated(200)))},
            {RefusalCode.OUT_OF_RANGE, "belowM", of(() -> CHIRP.mount().withBelowM(Figure.chosen(40)))},
            {RefusalCode.OUT_OF_RANGE, "massKg", of(() -> RIG.angler().withMassKg(Figure.measured(5)))},
            {RefusalCode.OUT_OF_RANGE, "view", of(() -> RIG.weights().withView(Figure.chosen(-1)))},
            {RefusalCode.DANGLING, "inUse", of(() -> CHIRP.withInUse("nowhere"))},
            {RefusalCode.DUPLICATE, "beams", of(() -> CHIRP.withBeams(List.of(BEAM, BEAM)))},
            {RefusalCode.DANGLING, "transducers[0].feeds", of(() -> RIG.with(CHIRP.withFeeds("nothing")))},
            {
                RefusalCode.DANGLING,
                "transducers[0].mount.station",
                of(() -> RIG.with(CHIRP.withMount(CHIRP.mount().withStation("nowhere"))))
            },
            {
                RefusalCode.DANGLING,
                "passages[0].to",
                of(() -> RIG.craft()
                        .withPassages(List.of(RIG.craft().passages().get(0).withTo("nowhere"))))
            },
            {
                RefusalCode.DUPLICATE,
                "stations",
                of(() -> RIG.craft()
                        .withStations(
                                Collections.nCopies(2, RIG.craft().stations().get(0))))
            },
            {RefusalCode.DANGLING, "places[2].item", of(() -> RIG.with(new Placement("nothing", "rail-left", true)))},
            {RefusalCode.DANGLING, "places[0].station", of(() -> RIG.with(new Placement("display", "nowhere", true)))},
            {RefusalCode.DANGLING, "runs[2].carries", of(() -> RIG.with(Run.along("x", "nothing", List.of())))},
            {
                RefusalCode.DANGLING,
                "runs[0].legs[1]",
                of(() -> RIG.with(RIG.runs().get(0).withLegs(List.of("keel-way", "nowhere"))))
            },
            {RefusalCode.OUT_OF_RANGE, "brightness", of(() -> new Use("a", Figure.chosen(1.2), Figure.UNSET))},
            {
                RefusalCode.OUT_OF_RANGE,
                "standby",
                of(() -> new Use("a", Figure.UNSET, Figure.chosen(0.8), Figure.chosen(0.3)))
            },
            {RefusalCode.OUT_OF_RANGE, "capacityAh", of(() -> PACK.withCapacityAh(Figure.rated(0)))},
            {RefusalCode.OUT_OF_RANGE, "charge", of(() -> PACK.withCharge(Figure.measured(1.01)))},
            {RefusalCode.OUT_OF_RANGE, "tempC", of(() -> PACK.withTempC(Figure.measured(-60)))},
            {RefusalCode.BAD_TEXT, "chargedOn", of(() -> new Keeping(Figure.UNSET, "31.10.2026"))},
            {RefusalCode.OUT_OF_RANGE, "phases[1].startH", of(() -> day(phase("a", 0, 3), phase("b", 2, 1)))},
            {
                RefusalCode.OUT_OF_RANGE,
                "phases[1].hours",
                of(() -> day(phase("a", 0, 3), phase("b", 4, 3)).withDayH(Figure.chosen(6)))
            },
            // the saw would leave nothing; a box that is all wall; no room that is less than none
            {
                RefusalCode.OUT_OF_RANGE,
                "parts[0].wideM",
                of(() -> Boards.NONE.with(b -> b.kerfM(Figure.chosen(0.006))
                        .parts(List.of(new BoardPart("p", "p", Figure.chosen(0.3), Figure.chosen(0.006), 1, false)))))
            },
            {RefusalCode.OUT_OF_RANGE, "outside.deepM", of(() -> box(0.01, 0.3).withWallM(Figure.chosen(0.005)))},
            {RefusalCode.OUT_OF_RANGE, "clearM", of(() -> box(0.3, 0.3).withClearM(Figure.chosen(-0.001)))},
            {RefusalCode.DUPLICATE, "boxes", of(() -> FitOut.NONE.withBoxes(List.of(box(0.3, 0.3), box(0.3, 0.3))))},
            {
                RefusalCode.DANGLING,
                "fitOut.boxes[0].station",
                of(() -> RIG.withFitOut(
                        FitOut.NONE.withBoxes(List.of(box(0.3, 0.3).withStation("nowhere")))))
            },
            {
                RefusalCode.DANGLING,
                "to",
                of(() -> new DataLead("d", "d", "display", "display", Figure.UNSET, Figure.UNSET))
            },
            {
                RefusalCode.DANGLING,
                "network.leads[0].from",
                of(() -> RIG.withNetwork(RIG.network()
                        .withLeads(List.of(new DataLead("d", "d", "nobody", "display", Figure.UNSET, Figure.UNSET)))))
            },
            {
                RefusalCode.DANGLING,
                "runs[0].coilAt",
                of(() -> RIG.with(RIG.runs().get(0).withCoilAt("nowhere")))
            },
            {
                RefusalCode.OUT_OF_RANGE,
                "strokeM",
                of(() -> new Travel(Moves.SEAT, Figure.measured(4), Figure.UNSET, false))
            },
            {RefusalCode.DANGLING, "packs[0].onTopOf", of(() -> RIG.with(PACK.withOnTopOf("nothing")))},
            {RefusalCode.LOOP, "packs[0].onTopOf", of(() -> RIG.with(PACK.withOnTopOf(PACK.id())))},
            {RefusalCode.DANGLING, "chargers[0].charges", of(() -> RIG.withChargers(List.of(charger("nothing", ""))))},
            {RefusalCode.DANGLING, "chargers[0].via", of(() -> RIG.withChargers(List.of(charger(PACK.id(), "nothing"))))
            }
        };
    }

    private static Phase phase(String id, double startH, double hours) {
        return new Phase(id, id, Figure.chosen(startH), Figure.chosen(hours), List.of());
    }

    private static Outing day(Phase... phases) {
        return RIG.outing().withPhases(List.of(phases));
    }

    private static Charger charger(String charges, String via) {
        return new Charger("c", "c", Chemistry.AGM, 1, Figure.UNSET, charges, via, false);
    }

    private static ThrowingRunnable of(ThrowingRunnable runnable) {
        return runnable;
    }

    @Test(dataProvider = "refused")
    public void refusalNamesTheField(RefusalCode code, String field, ThrowingRunnable change) {
        Refusal refusal = expectThrows(Refusal.class, change);
        assertEquals(refusal.code(), code);
        assertEquals(refusal.field(), field);
        assertTrue(!refusal.allowed().isEmpty() && refusal.getMessage() != null);
    }

    /** A loop back through junctions is found too, not only a doubled lead. */
    @Test
    public void loopThroughJunctions() {
        List<Junction> junctions = List.of(new Junction("a", "a"), new Junction("b", "b"));
        Segment ab = TestRigs.lead("ab", "a", "b", new Gauge.Awg(18), 1, 3);
        Segment ba = TestRigs.lead("ba", "b", "a", new Gauge.Awg(18), 1, 3);
        Refusal refusal = expectThrows(Refusal.class, () -> new Harness(List.of(), junctions, List.of(ab, ba)));
        assertEquals(refusal.code(), RefusalCode.LOOP);
    }

    /** Filling twice is filling once; nothing that may not be assumed is. */
    @Test
    public void assumptionsAreIdempotentAndLeaveTheRestOpen() {
        for (Rig rig : TestRigs.all()) {
            Rig filled = Assumptions.fill(rig);
            assertEquals(Assumptions.fill(filled), filled);
        }
        Rig open = Assumptions.fill(RIG.with(PACK.withCapacityAh(Figure.UNSET).withMassKg(Figure.UNSET))
                .with(LEAD.withWire(LEAD.wire().withLengthM(Figure.UNSET)))
                .withRuns(List.of())
                .withPlaces(List.of()));
        assertEquals(open.harness().packs().get(0).capacityAh(), Figure.UNSET);
        assertEquals(open.harness().packs().get(0).massKg(), Figure.UNSET);
        assertEquals(open.harness().segments().get(0).wire().lengthM(), Figure.UNSET);
        assertEquals(RIG.withQuieted(Set.of("b", "a")), RIG.withQuieted(Set.of("a", "b")));
    }

    /** Load by hand: 8.5 + 6.5·0.8 = 13.7 W; 0.4 A × 12.9 V at half of a screen with 40 % backlight is 6.45 W at full. */
    @Test
    public void drawsByHand() {
        assertEquals(new Draw.Split(Figure.rated(8.5), Figure.rated(6.5)).wattsAt(0.8, 0), 13.7, 1e-9);
        Draw metered =
                new Draw.Metered(Figure.measured(0.4), Figure.measured(12.9), Figure.measured(0.5), Figure.chosen(0.4));
        assertEquals(metered.wattsAt(0.5, 0), 5.16, 1e-9);
        assertEquals(metered.wattsAt(1, 0), 6.45, 1e-9);
        assertEquals(new Draw.Amps(Figure.rated(1.2), Figure.chosen(0)).wattsAt(0.3, 13.1), 15.72, 1e-9);
    }

    private static Enclosure box(double deepM, double wideM) {
        return new Enclosure(
                "box",
                "box",
                EnclosureKind.BOX,
                "stern-well",
                new Size(Figure.measured(deepM), Figure.measured(wideM), Figure.measured(0.3)),
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                Figure.UNSET,
                List.of(),
                List.of(),
                List.of(),
                false,
                false,
                false,
                "");
    }
}
