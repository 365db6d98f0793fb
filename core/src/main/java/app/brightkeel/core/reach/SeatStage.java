package app.brightkeel.core.reach;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.KeptRoom;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** From who sits where to what is within reach and in sight; unknown on ice, where people walk round their rig. */
public final class SeatStage implements Stage<SeatNeeds, Seated> {

    public static final SeatStage STAGE = new SeatStage();

    /** Height of the eye over the seat as a share of body height; value from memory, 0.44-0.46. */
    private static final double EYE = 0.45;

    /** Angle that a figure should fill afloat; ISO 9241-303 gives 16-22 minutes of arc. */
    static final double LEGIBLE_RAD = Math.toRadians(20 / 60.0);

    /** From how far figures of a height are read afloat [m]. */
    public static double readableM(double textM) {
        return textM / Math.tan(LEGIBLE_RAD);
    }

    private SeatStage() {}

    @Override
    public String name() {
        return "seat";
    }

    @Override
    public Outcome<SeatNeeds> needs(Line line) {
        Rig rig = line.rig();
        Craft craft = rig.craft();
        List<String> missing = new ArrayList<>();
        if (craft.kind().onIce()) {
            missing.add("/craft/kind");
        }
        Outcome.want(missing, craft.seatM(), "/craft/seatM");
        Outcome.want(missing, craft.seatHeightM(), "/craft/seatHeightM");
        Outcome.want(missing, craft.beamM(), "/craft/beamM");
        return Outcome.unless(
                missing,
                () -> new SeatNeeds(
                        craft.kind(),
                        craft.alsoPaddled(),
                        craft.seatM().value(),
                        craft.seatHeightM().value(),
                        craft.beamM().value(),
                        rig.angler().tallM().value(),
                        rig.angler().hand(),
                        rig.schools().post(),
                        craft.kept().stream().filter(KeptRoom::measured).toList(),
                        things(rig)));
    }

    private static List<SeatNeeds.Thing> things(Rig rig) {
        List<SeatNeeds.Thing> all = new ArrayList<>();
        for (Device device : rig.devices()) {
            if (device.kind().display()) {
                placed(rig.craft(), rig.stationOf(device.id())).ifPresent(at -> screen(rig, device, at, all));
            }
        }
        for (Transducer transducer : rig.transducers()) {
            if (transducer.mount().kind().beside()) {
                placed(rig.craft(), transducer.mount().station())
                        .ifPresent(at -> all.add(new SeatNeeds.Thing(
                                transducer.id(),
                                transducer.mount().kind().words(),
                                false,
                                Pose.IN_USE,
                                at.fromBowM().value(),
                                at.sideM().value(),
                                at.heightM().value(),
                                Optional.empty(),
                                false)));
            }
        }
        return all;
    }

    /** In use it stands up by its arm; lowered it lies inboard by the same, where it is not read. */
    private static void screen(Rig rig, Device device, Station at, List<SeatNeeds.Thing> all) {
        Optional<Holder> holder = rig.holderOf(device.id());
        double arm = holder.map(Holder::armM)
                .filter(Figure::isSet)
                .map(Figure::value)
                .orElse(0.0);
        Figure text = device.textM();
        double side = at.sideM().value();
        all.add(new SeatNeeds.Thing(
                device.id(),
                device.name(),
                true,
                Pose.IN_USE,
                at.fromBowM().value(),
                side,
                at.heightM().value() + arm,
                text.isSet() ? Optional.of(text.value()) : Optional.empty(),
                keypad(rig, device)));
        if (arm > 0 && holder.orElseThrow().poses().contains(Pose.LOWERED)) {
            all.add(new SeatNeeds.Thing(
                    device.id(),
                    device.name() + ", lowered",
                    true,
                    Pose.LOWERED,
                    at.fromBowM().value(),
                    side - Math.signum(side) * arm,
                    at.heightM().value(),
                    Optional.empty(),
                    keypad(rig, device)));
        }
    }

    /** One of its family; families that nobody stated are not told apart. */
    private static boolean keypad(Rig rig, Device display) {
        String family = display.sockets().family();
        return rig.devices().stream()
                .filter(device -> device.kind() == DeviceKind.KEYPAD)
                .map(device -> device.sockets().family())
                .anyMatch(own -> own.isEmpty() || family.isEmpty() || own.equals(family));
    }

    private static Optional<Station> placed(Craft craft, String station) {
        return craft.station(station).filter(Station::placed);
    }

    @Override
    public Seated compute(SeatNeeds needs) {
        Arm arm = new Arm(needs.tallM());
        List<Area> areas = Areas.of(needs);
        return new Seated(
                needs.seatM(),
                arm.atEaseM(),
                arm.stretchedM(),
                arm.leaningM(),
                areas,
                needs.things().stream()
                        .map(thing -> placed(needs, arm, areas, thing))
                        .toList());
    }

    private static Seated.FromSeat placed(SeatNeeds needs, Arm arm, List<Area> areas, SeatNeeds.Thing thing) {
        double ahead = needs.seatM() - thing.xM();
        Map<Posture, Double> beyond = new EnumMap<>(Posture.class);
        for (Posture posture : Posture.values()) {
            beyond.put(posture, arm.beyondM(posture, ahead, thing.yM(), needs.hand()));
        }
        Set<Area> standsIn = new HashSet<>();
        for (Area area : areas) {
            if (area.holds(thing.xM(), thing.yM())) {
                standsIn.add(area);
            }
        }
        double up = needs.seatHeightM() + EYE * needs.tallM() - thing.zM();
        double eye = Math.sqrt(ahead * ahead + thing.yM() * thing.yM() + up * up);
        return new Seated.FromSeat(
                thing, Math.hypot(ahead, thing.yM()), beyond, eye, eye * Math.tan(LEGIBLE_RAD), standsIn, (int)
                        Math.signum(thing.yM()));
    }

    @Override
    public Working working(Line line) {
        return SeatWorking.of(line);
    }
}
