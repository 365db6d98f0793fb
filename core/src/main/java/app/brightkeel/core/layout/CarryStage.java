package app.brightkeel.core.layout;

import app.brightkeel.core.craft.Aboard;
import app.brightkeel.core.craft.Afloat;
import app.brightkeel.core.craft.FloatStage;
import app.brightkeel.core.craft.MassAt;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Mass of the rig, and how it floats or stands with everything in its place. */
public final class CarryStage implements Stage<CarryNeeds, Carried> {

    public static final CarryStage STAGE = new CarryStage();

    private CarryStage() {}

    /** How the craft floats; empty on the ice, and where it is not known yet. */
    public static Optional<Afloat> afloat(Line line) {
        return line.get(STAGE).map(Carried::afloat).orElse(Optional.empty());
    }

    /** How a base on the ice stands; empty afloat, and where it is not known yet. */
    public static Optional<Tip> tip(Line line) {
        return line.get(STAGE).map(Carried::tip).orElse(Optional.empty());
    }

    @Override
    public String name() {
        return "carry";
    }

    @Override
    public Outcome<CarryNeeds> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = missing(rig);
        if (rig.craft().kind().onIce()) {
            Craft craft = rig.craft();
            Outcome<Footprint> foot = line.get(StandsOn.STAGE);
            missing.addAll(foot.missing());
            Outcome.want(missing, craft.massKg(), "/craft/massKg");
            return Outcome.unless(
                    missing,
                    () -> new CarryNeeds(
                            Aboard.rigOnly(rig).masses(),
                            comesOff(rig),
                            Optional.empty(),
                            Optional.of(base(rig, foot.value()))));
        }
        Outcome<Afloat> afloat = line.get(FloatStage.STAGE);
        missing.addAll(afloat.missing());
        return Outcome.unless(
                missing,
                () -> new CarryNeeds(
                        Aboard.rigOnly(rig).masses(), comesOff(rig), Optional.of(afloat.value()), Optional.empty()));
    }

    private static CarryNeeds.Base base(Rig rig, Footprint foot) {
        Craft craft = rig.craft();
        return new CarryNeeds.Base(
                craft.lengthM().value(), craft.beamM().value(), craft.massKg().value(), Inside.of(rig), foot);
    }

    private static List<String> missing(Rig rig) {
        List<String> missing = new ArrayList<>();
        if (rig.devices().isEmpty()) {
            missing.add("/devices");
        }
        for (int d = 0; d < rig.devices().size(); d++) {
            Outcome.want(missing, rig.devices().get(d).massKg(), Pointer.device(d, "massKg"));
            wantPlace(missing, rig, rig.devices().get(d).id());
        }
        if (rig.harness().packs().isEmpty()) {
            missing.add("/harness/packs");
        }
        for (int p = 0; p < rig.harness().packs().size(); p++) {
            Outcome.want(missing, rig.harness().packs().get(p).massKg(), Pointer.pack(p, "massKg"));
            wantPlace(missing, rig, rig.harness().packs().get(p).id());
        }
        fitOut(rig, missing);
        for (int t = 0; t < rig.transducers().size(); t++) {
            Outcome.want(missing, rig.transducers().get(t).massKg(), Pointer.transducer(t, "massKg"));
            String station = rig.transducers().get(t).mount().station();
            if (station.isEmpty()) {
                missing.add(Pointer.transducer(t, "mount/station"));
            } else {
                wantCoordinates(missing, rig.craft(), station);
            }
        }
        return missing;
    }

    private static void fitOut(Rig rig, List<String> missing) {
        for (int b = 0; b < rig.fitOut().ballast().size(); b++) {
            Ballast weight = rig.fitOut().ballast().get(b);
            Outcome.want(missing, weight.massKg(), Pointer.ballast(b, "massKg"));
            wantCoordinates(missing, rig.craft(), weight.station());
        }
        for (int b = 0; b < rig.fitOut().boxes().size(); b++) {
            Enclosure box = rig.fitOut().boxes().get(b);
            Outcome.want(missing, box.massKg(), Pointer.box(b, "massKg"));
            wantCoordinates(missing, rig.craft(), box.station());
        }
        if (rig.craft().stand().edge() != BaseEdge.NONE) {
            Outcome.want(missing, rig.craft().stand().outM(), "/craft/stand/outM");
        }
    }

    private static void wantPlace(List<String> missing, Rig rig, String item) {
        if (rig.placeOf(item).isEmpty()) {
            missing.add("/places");
        } else {
            wantCoordinates(
                    missing, rig.craft(), rig.placeOf(item).orElseThrow().station());
        }
    }

    private static void wantCoordinates(List<String> missing, Craft craft, String id) {
        int at = craft.indexOfStation(id);
        Station station = craft.stations().get(at);
        Outcome.want(missing, station.fromBowM(), Pointer.station(at, "fromBowM"));
        Outcome.want(missing, station.sideM(), Pointer.station(at, "sideM"));
        Outcome.want(missing, station.heightM(), Pointer.station(at, "heightM"));
    }

    private static List<MassAt> comesOff(Rig rig) {
        return Aboard.placed(
                rig, item -> rig.placeOf(item).filter(Placement::comesOff).isPresent());
    }

    @Override
    public Carried compute(CarryNeeds needs) {
        List<MassAt> off = needs.comesOff();
        return new Carried(
                sum(needs.things()),
                sum(off),
                off.stream().map(MassAt::what).toList(),
                needs.afloat(),
                needs.base().map(CarryStage::tip));
    }

    private static Tip tip(CarryNeeds.Base base) {
        return Tip.of(base.foot(), base.masses());
    }

    private static double sum(List<MassAt> masses) {
        return masses.stream().mapToDouble(MassAt::kg).sum();
    }

    @Override
    public Working working(Line line) {
        return CarryWorking.of(line);
    }
}
