package app.brightkeel.core.demo;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Draw;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Limits;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Note;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Use;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.rig.Wire;
import java.util.List;
import java.util.Set;

/** The invented rigs. */
public final class DemoRigs {

    private DemoRigs() {}

    /** All of them, in the order of the shelf. */
    public static List<Rig> all() {
        return List.of(oystercatcher(), lanternCrate());
    }

    /** A sit-on-top on an autumn estuary: its thin supply lead loses 3.4-3.5 %. */
    public static Rig oystercatcher() {
        Device display = new Device(
                "display",
                "7-in chirp display",
                DeviceKind.DISPLAY_7_IN,
                "display-7-in-chirp",
                new Draw.Split(Figure.rated(8.5), Figure.rated(6.5)),
                new Limits(Figure.rated(10), Figure.rated(18), Figure.rated(5), Figure.UNSET));
        Pack pack = Pack.labelled("pack", "12 Ah LiFePO4", Chemistry.LIFEPO4, Figure.rated(12))
                .withOrigin("lifepo4-12")
                .withMassKg(Figure.rated(1.5))
                .withMaxDischargeA(Figure.rated(12));
        Segment lead = new Segment(
                "lead",
                "supply lead",
                pack.id(),
                display.id(),
                Wire.pair(new Gauge.Awg(22), Figure.measured(3.2)),
                List.of(fuse(5, 0.10), new Fitting.Joint("plug", "quick plug", Figure.measured(0.002))));
        return new Rig(
                "Oystercatcher, estuary autumn",
                new Outing(
                        Figure.chosen(11),
                        Water.of(WaterKind.BRACKISH, Season.AUTUMN, Motion.DRIFTING, 2, 9)
                                .withWaterC(Figure.measured(11)),
                        List.of(new Phase(
                                "tide",
                                "around the tide",
                                Figure.chosen(6),
                                List.of(new Use(display.id(), Figure.chosen(0.8), Figure.chosen(1)))))),
                new Craft(CraftKind.SIT_ON_TOP, Figure.measured(3.9)),
                List.of(display),
                new Harness(List.of(pack), List.of(), List.of(lead)),
                Schools.UNDECIDED,
                Set.of(),
                List.of(new Note(lead.id(), "Came with the display; a thicker pair lies in the garage.")));
    }

    /** A crate on the ice: its third-winter battery does not last the cold day. */
    public static Rig lanternCrate() {
        Device display = new Device(
                "display",
                "5-in display",
                DeviceKind.DISPLAY_5_IN,
                "display-5-in",
                new Draw.Split(Figure.rated(5), Figure.rated(3)),
                new Limits(Figure.rated(10), Figure.rated(18), Figure.rated(3), Figure.UNSET));
        Pack pack = Pack.labelled("pack", "9 Ah AGM, third winter", Chemistry.AGM, Figure.rated(9))
                .withOrigin("agm-9")
                .withAge(Figure.measured(0.86))
                .withDepth(Figure.chosen(0.5))
                .withMassKg(Figure.rated(2.7));
        Segment lead = new Segment(
                "lead",
                "supply lead",
                pack.id(),
                display.id(),
                Wire.pair(new Gauge.Awg(20), Figure.measured(0.6)),
                List.of(fuse(3, 0.06), new Fitting.Switch("switch", "rocker switch", Figure.UNSET)));
        return new Rig(
                "Lantern crate, high tarn",
                new Outing(
                        Figure.chosen(-14),
                        Water.of(WaterKind.FRESH, Season.ICE, Motion.STILL, 14, 38),
                        List.of(new Phase(
                                "jigging",
                                "jigging for char",
                                Figure.chosen(5),
                                List.of(new Use(display.id(), Figure.chosen(1), Figure.chosen(1)))))),
                new Craft(CraftKind.ICE_WALK_OUT, Figure.UNSET),
                List.of(display),
                new Harness(List.of(pack), List.of(), List.of(lead)),
                Schools.UNDECIDED,
                Set.of(),
                List.of(new Note(pack.id(), "Left over from the alarm system, was free.")));
    }

    private static Fitting.Fuse fuse(double ratingA, double atM) {
        return new Fitting.Fuse(
                "fuse", "main fuse", Figure.rated(ratingA), Fitting.Form.BLADE, Figure.measured(atM), Figure.UNSET);
    }
}
