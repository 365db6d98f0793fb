package app.brightkeel.core.demo;

import app.brightkeel.core.rig.Angler;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.ExtraKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Purse;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Sharing;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Transport;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import java.util.List;

/** The summer station of the crate in {@link Kittiwake}: the same display, battery and charger on a 3.4 m sit-inside. */
final class KittiwakeKayak {

    private KittiwakeKayak() {}

    static Rig rig() {
        Rig crate = Kittiwake.rig();
        Device display = crate.devices().get(0);
        Pack pack = crate.harness().packs().get(0);
        Charger charger = crate.chargers().get(0);
        Transducer transducer = DemoGear.transducer("cone-20", "transducer")
                .withMount(new Mount(MountKind.CLAMP_BAR, "arm-left", Figure.measured(0.04), Figure.UNSET));
        return Rig.blank("Kittiwake, summer kayak", CraftKind.UNDECIDED)
                .with(rig -> rig.outing(new Outing(
                                        Figure.chosen(19),
                                        Water.of(WaterKind.FRESH, Season.SUMMER, Motion.DRIFTING, 2, 12)
                                                .withStyle(FishingStyle.DRIFT)
                                                .withWaterC(Figure.measured(17)),
                                        List.of(new Phase(
                                                "evening",
                                                "the evening",
                                                Figure.chosen(4),
                                                List.of(new Use(display.id(), Figure.chosen(0.9), Figure.chosen(1))))))
                                .with(day -> day.daysOut(Figure.chosen(30))))
                        .angler(new Angler(Figure.measured(68), Figure.chosen(5)))
                        .craft(DemoGear.craft("sit-inside-3-4"))
                        .transducers(List.of(transducer))
                        .devices(List.of(display))
                        .holders(List.of(DemoGear.held("edge-clamp", display.id())))
                        .harness(new Harness(
                                List.of(pack),
                                List.of(),
                                List.of(Kittiwake.lead("supply lead of the kayak", pack, display.id(), 1.5))))
                        .runs(List.of(
                                Run.along("sonar-run", transducer.id(), List.of("arm-to-left")),
                                Run.along("supply-run", "lead", List.of("knee-to-left"))))
                        .places(List.of(
                                new Placement(display.id(), "side-left", true),
                                new Placement(
                                        pack.id(),
                                        "floor-fore",
                                        true,
                                        Held.UNKNOWN.with(held -> held.how(Holding.STRAP)
                                                .covered(true)
                                                .toolFree(true)),
                                        Figure.UNSET)))
                        .chargers(List.of(charger))
                        .sharing(new Sharing(Transport.ROOF, Figure.chosen(2), Figure.chosen(1)))
                        .fitOut(FitOut.NONE.withExtras(
                                List.of(DemoGear.extra(ExtraKind.TETHER, transducer.id(), "clamp bar"))))
                        .purse(new Purse(
                                Figure.UNSET,
                                List.of(
                                        owned(display.id(), display.origin()),
                                        owned(pack.id(), pack.origin()),
                                        owned(transducer.id(), transducer.origin()),
                                        owned(charger.id(), "")))));
    }

    private static Purchase owned(String part, String origin) {
        return new Purchase(part, "", origin, Having.OWNED, Figure.UNSET, "");
    }
}
