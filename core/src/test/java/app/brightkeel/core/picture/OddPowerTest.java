package app.brightkeel.core.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.battery.DayRun;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.LoadTest;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Shared;
import app.brightkeel.core.rig.Supply;
import app.brightkeel.core.rig.Use;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Packs, loads and days nobody would plan, at the ends of what fields hold: run, judged, drawn and explained. */
public class OddPowerTest {

    private static final int RIGS = Share.of(300);

    /** Of these the whole Compare is made: it takes its time. */
    private static final int COMPARED = Share.of(25);

    private static final RigReviewer REVIEWER = new RigReviewer();

    private final Random random = new Random(17);

    private double between(double low, double high) {
        return low + random.nextDouble() * (high - low);
    }

    /** Evenly over the powers of ten. */
    private double scaled(double low, double high) {
        return low * Math.pow(high / low, random.nextDouble());
    }

    private Figure perhaps(double value) {
        return random.nextBoolean() ? Figure.UNSET : Figure.measured(value);
    }

    private <T> T any(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private Pack pack(Pack old) {
        Chemistry chemistry = any(Chemistry.decided());
        double volts = chemistry.data().nominalV();
        LoadTest test = random.nextInt(3) > 0
                ? LoadTest.NONE
                : new LoadTest(
                        Figure.measured(between(0.8, 1.2) * volts),
                        Figure.measured(scaled(0.01, 500)),
                        Figure.measured(scaled(0.01, 200)),
                        Figure.measured(between(0.8, 1.2) * volts),
                        random.nextBoolean());
        return old.with(p -> p.chemistry(chemistry)
                .blocks(1 + random.nextInt(2))
                .capacityAh(Figure.rated(scaled(0.1, 1000)))
                .age(perhaps(between(0.2, 1.1)))
                .depth(perhaps(between(0.1, 1)))
                .tempC(perhaps(between(-40, 60)))
                .charge(perhaps(random.nextInt(4) == 0 ? 0 : between(0, 1)))
                .massKg(Figure.rated(scaled(0.05, 100)))
                .maxDischargeA(perhaps(scaled(0.1, 2000)))
                .label(new PackLabel(
                        perhaps(scaled(1, 120)),
                        perhaps(scaled(1, 2000)),
                        perhaps(between(-40, 60)),
                        perhaps(scaled(0.05, 500)),
                        perhaps(scaled(1, 1e6)),
                        random.nextBoolean()))
                .test(test)
                .keeping(new Keeping(
                        perhaps(scaled(0.001, 5)),
                        random.nextBoolean() ? "" : "2026-02-28",
                        random.nextBoolean() ? "" : "2026-01-31",
                        random.nextBoolean() ? "" : "2027-12-31",
                        perhaps(between(-40, 70)))));
    }

    private Draw draw() {
        Figure share = perhaps(between(0, 0.95));
        return switch (random.nextInt(6)) {
            case 0 -> new Draw.Split(perhaps(scaled(0.1, 500)), perhaps(between(0, 50)));
            case 1 -> new Draw.Amps(perhaps(scaled(0.01, 60)), share);
            case 2 ->
                new Draw.Metered(perhaps(scaled(0.01, 60)), perhaps(between(3, 60)), perhaps(between(0, 1)), share);
            case 3 ->
                new Draw.Ran(
                        perhaps(scaled(0.05, 500)),
                        any(List.of(Chemistry.values())),
                        perhaps(scaled(0.1, 1000)),
                        perhaps(between(-40, 60)),
                        perhaps(between(0, 1)),
                        share);
            case 4 -> new Draw.Bus(perhaps(between(0, 50)));
            default -> new Draw.Undecided();
        };
    }

    private List<Phase> day(List<Device> devices) {
        List<Phase> phases = new ArrayList<>();
        double at = 0;
        for (int p = 0; p < 1 + random.nextInt(4); p++) {
            Figure start = random.nextBoolean() ? Figure.UNSET : Figure.chosen(at + between(0, 5));
            double hours = scaled(0.01, 12);
            at = (start.isSet() ? start.value() : at) + hours;
            List<Use> uses = devices.stream()
                    .map(d -> {
                        double on = random.nextInt(4) == 0 ? 0 : between(0, 1);
                        return new Use(
                                d.id(),
                                perhaps(between(0, 1)),
                                Figure.chosen(on),
                                perhaps(random.nextDouble() * (1 - on)));
                    })
                    .toList();
            phases.add(new Phase("p" + p, "part " + p, start, Figure.chosen(hours), uses));
        }
        return phases;
    }

    private Rig odd() {
        Rig rig = any(TestRigs.all());
        List<Device> devices = rig.devices().stream()
                .map(d -> d.with(odd -> odd.draw(draw())
                        .supply(new Supply(
                                perhaps(between(0, 100)), perhaps(between(0, 2000)), perhaps(between(0.3, 1))))))
                .toList();
        List<Pack> packs = new ArrayList<>();
        rig.harness().packs().forEach(p -> packs.add(pack(p)));
        Pack more = pack(packs.get(0)).withId("more");
        switch (random.nextInt(4)) {
            case 0 -> packs.add(more.withOnTopOf(packs.get(0).id()));
            case 1 -> packs.add(more.withRole(PackRole.SPARE));
            case 2 -> packs.add(more.withRole(PackRole.INSTEAD));
            default -> {}
        }
        Charger charger = new Charger(
                "charger",
                "charger",
                any(List.of(Chemistry.values())),
                1 + random.nextInt(4),
                perhaps(scaled(0.05, 200)),
                packs.get(0).id(),
                random.nextBoolean() ? "" : rig.harness().segments().get(0).id(),
                random.nextBoolean());
        return rig.withDevices(devices)
                .withOuting(rig.outing().withPhases(day(devices)))
                .withHarness(rig.harness().withPacks(packs))
                .withOnHand(List.of(pack(packs.get(0)).withId("own")))
                .withChargers(List.of(charger))
                .withNetwork(new NetworkPlan(List.of(any(List.of(Shared.values()))), perhaps(random.nextInt(5))));
    }

    @Test
    public void oddPowerIsRunJudgedDrawnAndExplained() {
        List<Rig> rigs = Stream.generate(this::odd).limit(RIGS).toList();
        long ran = IntStream.range(0, RIGS)
                .parallel()
                .filter(i -> ran(rigs.get(i), i < COMPARED))
                .count();
        assertTrue(ran > RIGS / 2, "ran " + ran);
    }

    private static boolean ran(Rig rig, boolean compared) {
        Line line = Line.of(rig);
        REVIEWER.review(line);
        for (Link link : List.of(Link.SCREEN, Link.WIRE, Link.FUSE, Link.BATTERY, Link.CARRY)) {
            Pictures.all(line, link)
                    .forEach(scene -> assertTrue(
                            !scene.isKnown() || !scene.value().marks().isEmpty(), link + " of " + rig));
            Links.of(link).workings(line);
        }
        if (compared) {
            Comparison.of(line, Link.BATTERY, REVIEWER).forEach(offer -> Comparison.find(line, offer.id()));
        }
        Outcome<DayRun> run = line.get(Runtime.STAGE);
        if (run.isKnown()) {
            double hours = run.value().hours();
            assertTrue(
                    hours >= 0 && hours <= 2000 * (1 + 1e-9),
                    run.value() + " runs of " + rig.harness().packs());
            // packs that charge each other past full lose what no balance holds
            if (rig.harness().sources().size() == 1) {
                assertEquals(run.value().energy().openShare(), 0, 0.01, "balance of " + run.value());
            }
            double low = line.get(RuntimeBand.STAGE).value().lowH();
            assertTrue(low <= hours && low >= 0, "low " + low);
        }
        return run.isKnown();
    }
}
