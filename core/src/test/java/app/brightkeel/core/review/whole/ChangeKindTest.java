package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Shared;
import app.brightkeel.core.rig.Signals;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whatever is offered anywhere is made again, the same, of its id alone. */
public class ChangeKindTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** What nobody encodes on its way into an address: an encoded one is refused at the door. */
    private static final Pattern ADDRESS = Pattern.compile("[A-Za-z0-9._~-]+");

    /** Of what is wider, which is alike, so many of each rig. */
    private static final int SOME = 40;

    /** What the hands do in the picture, which no list offers. */
    private static final Set<String> NOT_LISTED = Set.of("wire.out", "wire.in", "wire.hang", "wire.move");

    @Test
    public void everythingOfferedIsMadeAgainOfItsId() {
        List<Rig> rigs = new ArrayList<>(DemoRigs.all());
        DemoRigs.all().stream().map(EveryList::in).forEach(rigs::add);
        rigs.addAll(TestRigs.all());
        rigs.addAll(RuleTriggers.all().values());
        rigs.addAll(WholeRigs.from(21).limit(150).toList());
        rigs.addAll(seldom());
        Set<String> met = new ConcurrentSkipListSet<>();
        List<String> broken = rigs.parallelStream()
                .flatMap(rig -> {
                    Line asked = Line.of(rig);
                    return offered(Line.of(rig)).flatMap(change -> {
                        met.add(kind(change.id()));
                        Optional<Change> again = Comparison.find(asked, change.id());
                        boolean same = ADDRESS.matcher(change.id()).matches()
                                && again.isPresent()
                                && again.get().after().equals(change.after())
                                && again.get().label().equals(change.label());
                        return same ? Stream.<String>empty() : Stream.of(rig.name() + ": " + change.id());
                    });
                })
                .toList();
        assertEquals(broken, List.of());
        Set<String> never = kinds();
        never.removeAll(met);
        never.removeAll(NOT_LISTED);
        assertEquals(String.join(" ", never), "", "kinds that nothing offers");
    }

    /** What others seldom want: what comes later, a laden boat's board set too high, boards too narrow for a lid, a housing longer than its pocket, a face within the ice. */
    private static List<Rig> seldom() {
        Rig pram = DemoRigs.reedling();
        Rig gannet = DemoRigs.gannet();
        Rig lantern = DemoRigs.lanternCrate();
        Transducer housed = gannet.transducers().get(0);
        Transducer hung = lantern.transducers().get(0);
        Transducer board = pram.transducers().get(0);
        return List.of(
                gannet.with(gannet.device("module").withLater(true)),
                gannet.with(new Placement("five", "rail-right", true)).with(new Placement("nine", "rail-left", true)),
                gannet.withNetwork(new NetworkPlan(
                        List.of(Shared.SONAR),
                        Figure.measured(2),
                        List.of(new DataLead(
                                "between", "lead between", "nine", "five", Figure.UNSET, Figure.UNSET, Signals.BUS)))),
                pram.withFitOut(pram.fitOut()
                        .withFasteners(List.of(pram.fitOut().fasteners().get(0).withKind(FastenerKind.BOLT)))),
                pram.withAngler(pram.angler().withGearKg(Figure.measured(300)))
                        .with(board.withMount(board.mount().withBelowM(Figure.measured(-0.12)))),
                pram.withFitOut(
                        pram.fitOut().withBoards(pram.fitOut().boards().withStockWideM(Figure.measured(0.175)))),
                DemoRigs.oystercatcher().without(PartKind.PACK, "pack"),
                rodsOnOneSide(gannet),
                footOnALid(DemoRigs.bittern()),
                twoByOneFitting(gannet, pram.fitOut().boxes().get(0)),
                gannet.with(housed.withBodyM(Figure.measured(0.4))),
                lantern.with(hung.withMount(
                                hung.mount().withBelowM(Figure.measured(0.05)).withOpeningM(Figure.measured(0.15))))
                        .withOuting(lantern.outing()
                                .withWater(lantern.outing().water().withIceM(Figure.measured(0.7)))));
    }

    /** Six kilograms of rods and tackle on the right, and room for them on the left. */
    private static Rig rodsOnOneSide(Rig rig) {
        KeptRoom right = new KeptRoom(
                "rods-right",
                "right rod room",
                Zone.RODS,
                Figure.measured(2.9),
                Figure.measured(0.35),
                Figure.measured(0.3),
                Figure.measured(0.1),
                Figure.chosen(6));
        KeptRoom left = right.with(room -> room.id("rods-left")
                .name("left rod room")
                .sideM(Figure.measured(-0.35))
                .loadKg(Figure.UNSET));
        return rig.withCraft(rig.craft().withKept(List.of(right, left)));
    }

    /** All that ends at the nine leaves its box by a fitting for one cable. */
    private static Rig twoByOneFitting(Rig rig, Enclosure box) {
        Exit exit = box.exits().get(0).withClosedBy(PassThrough.CABLE_FITTING);
        return rig.withFitOut(rig.fitOut()
                .withBoxes(
                        List.of(box.with(b -> b.station(rig.stationOf("nine")).exits(List.of(exit))))));
    }

    /** A display on a lid that is drilled to another foot. */
    private static Rig footOnALid(Rig rig) {
        Holder holder = rig.holders().get(0).withFootBolts("30 × 60 mm");
        Enclosure box = rig.fitOut().boxes().get(0).withLidBolts("25 × 50 mm");
        return rig.withHolders(List.of(holder))
                .withFitOut(rig.fitOut().withBoxes(List.of(box)))
                .with(new Placement(holder.holds(), box.station(), true));
    }

    private static Stream<Change> offered(Line line) {
        Stream<Change> compared = Stream.of(Link.values())
                .map(Links::of)
                .flatMap(link -> Stream.concat(
                        link.alternatives(line).stream(),
                        link.wider(line).stream().limit(SOME)));
        Stream<Change> cures =
                REVIEWER.toMend(line).flatMap(ruling -> ruling.rule().cures(line));
        return Stream.concat(compared, cures);
    }

    private static Set<String> kinds() {
        Set<String> all = new TreeSet<>();
        for (Link link : Link.values()) {
            Links.of(link).kinds().keySet().forEach(kind -> all.add(Table.written(link) + "." + kind));
        }
        return all;
    }

    private static String kind(String id) {
        String[] words = id.split("\\.");
        return words[0] + "." + words[1];
    }

    @DataProvider
    public Object[][] unknown() {
        return new Object[][] {
            {""},
            {"."},
            {"wire"},
            {"wire."},
            {"rope.take.a"},
            {"wire.nothing.a"},
            {"battery.take.pack.none"},
            {"battery.take.none.lifepo4-10"},
            {"battery.take.pack"},
            {"battery.take.pack.lifepo4-10.more"},
            {"mount.take.chirp.suction-cup.nowhere"},
            {"screen.dim.0"},
            {"screen.dim.101"},
            {"screen.dim.-5"},
            {"screen.dim.40 "},
            {"cable.way.none.a_b"},
            {"fuse.rate.none.5"},
            {"screen.dim.40~"},
            {"~screen.dim.40"},
            {"screen.dim.40~wire.nothing"}
        };
    }

    @Test(dataProvider = "unknown")
    public void whatIsNoneIsNone(String id) {
        for (Rig rig : DemoRigs.all()) {
            assertTrue(Comparison.find(Line.of(rig), id).isEmpty(), rig.name());
        }
    }
}
