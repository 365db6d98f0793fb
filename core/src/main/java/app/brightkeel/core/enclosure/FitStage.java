package app.brightkeel.core.enclosure;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rib;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Station;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Whether each battery goes into its place; a place without walls takes any. */
public final class FitStage implements Stage<FitNeeds, Fits> {

    public static final FitStage STAGE = new FitStage();

    private FitStage() {}

    @Override
    public String name() {
        return "fit";
    }

    @Override
    public Outcome<FitNeeds> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>();
        List<FitNeeds.Housed> housed = new ArrayList<>();
        for (int p = 0; p < rig.harness().packs().size(); p++) {
            Pack pack = rig.harness().packs().get(p);
            Station station = placed(rig, pack).orElse(null);
            if (station == null) {
                continue;
            }
            wantBox(rig, station, missing);
            Box room = Rooms.at(rig, station).orElse(null);
            if (room == null) {
                continue;
            }
            if (!pack.size().known()) {
                Outcome.want(missing, pack.size().deepM(), Pointer.pack(p, "size/deepM"));
                Outcome.want(missing, pack.size().wideM(), Pointer.pack(p, "size/wideM"));
                Outcome.want(missing, pack.size().tallM(), Pointer.pack(p, "size/tallM"));
            } else {
                boolean onSide = rig.placeOf(pack.id()).orElseThrow().held().onSide();
                housed.add(new FitNeeds.Housed(
                        pack.id(),
                        pack.name(),
                        Box.of(pack.size()),
                        pack.plugM().value(),
                        lie(pack, onSide),
                        station.id(),
                        station.name(),
                        room));
            }
        }
        return Outcome.unless(missing, () -> new FitNeeds(housed));
    }

    private static FitNeeds.Lie lie(Pack pack, boolean onSide) {
        if (onSide) {
            return FitNeeds.Lie.ON_SIDE;
        }
        return pack.chemistry().liesOnSide() ? FitNeeds.Lie.ANY : FitNeeds.Lie.UPRIGHT;
    }

    private static Optional<Station> placed(Rig rig, Pack pack) {
        return rig.placeOf(pack.id()).map(Placement::station).flatMap(rig.craft()::station);
    }

    /** A box that stands there decides, so it has to be measured. */
    private static void wantBox(Rig rig, Station station, List<String> missing) {
        List<Enclosure> boxes = rig.fitOut().boxes();
        for (int b = 0; b < boxes.size(); b++) {
            Enclosure box = boxes.get(b);
            if (box.station().equals(station.id())) {
                String at = Pointer.box(b, "");
                Outcome.want(missing, box.outside().deepM(), at + "outside/deepM");
                Outcome.want(missing, box.outside().wideM(), at + "outside/wideM");
                Outcome.want(missing, box.outside().tallM(), at + "outside/tallM");
                for (int r = 0; r < box.ribs().size(); r++) {
                    Outcome.want(missing, box.ribs().get(r).depthM(), at + "ribs/" + r + "/depthM");
                }
            }
        }
    }

    @Override
    public Fits compute(FitNeeds needs) {
        Map<String, List<FitNeeds.Housed>> byPlace = needs.housed().stream()
                .collect(Collectors.groupingBy(FitNeeds.Housed::station, LinkedHashMap::new, Collectors.toList()));
        return new Fits(byPlace.values().stream().map(Fit::of).toList());
    }

    @Override
    public Working working(Line line) {
        Outcome<Fits> outcome = line.get(STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("The battery in its place", outcome.missing());
        }
        Rig rig = line.rig();
        Working.Builder told = Working.of(
                "The battery in its place",
                "gap = room − battery, plug and terminals on top of it, the best of the ways to turn it",
                Source.derived("measures inside and outside"));
        for (Fit fit : outcome.value().all()) {
            told.remark(fit.packs().size() > 1 ? "{} in a row in the {}" : "{} in the {}", fit.name(), fit.place());
            for (String id : fit.packs()) {
                Pack pack = rig.harness().pack(id);
                int p = rig.harness().packs().indexOf(pack);
                size(told, pack.name(), pack.size(), Pointer.pack(p, "size/"));
                told.figure("", "plug and terminals", pack.plugM(), Unit.MILLIMETRE, Pointer.pack(p, "plugM"));
                if (!pack.chemistry().liesOnSide()) {
                    told.remark("{} stands upright: it holds free acid", pack.name());
                }
            }
            int s = rig.craft().indexOfStation(fit.station());
            room(told, rig, s);
            told.step("", "taken fore and aft", fit.turned().deepM(), Unit.MILLIMETRE)
                    .step("", "athwart", fit.turned().wideM(), Unit.MILLIMETRE)
                    .step("", "upright", fit.turned().tallM(), Unit.MILLIMETRE);
            foam(told, fit);
            told.result(
                    "", fit.leastGapM() < 0 ? "too large by" : "least gap", Math.abs(fit.leastGapM()), Unit.MILLIMETRE);
        }
        if (outcome.value().all().isEmpty()) {
            told.remark("No battery sits in a place with walls: nothing to fit.");
        }
        return told.done();
    }

    /** Of the place itself, or of the box that stands there. */
    private static void room(Working.Builder told, Rig rig, int s) {
        Station station = rig.craft().stations().get(s);
        Enclosure box = rig.fitOut().boxAt(station.id()).orElse(null);
        if (box == null) {
            size(told, "room", station.room(), Pointer.station(s, "room/"));
            return;
        }
        String at = Pointer.box(rig.fitOut().boxes().indexOf(box), "");
        size(told, "outside of the " + box.name(), box.outside(), at + "outside/");
        told.figure("", "its wall", box.wallM(), Unit.FINE_MILLIMETRE, at + "wallM")
                .figure("", "kept free on every side", box.clearM(), Unit.MILLIMETRE, at + "clearM")
                .figure("", "bolts and outlets under the closed lid", box.lidM(), Unit.MILLIMETRE, at + "lidM");
        for (int r = 0; r < box.ribs().size(); r++) {
            Rib rib = box.ribs().get(r);
            told.figure("", rib.name(), rib.depthM(), Unit.MILLIMETRE, at + "ribs/" + r + "/depthM");
        }
    }

    /** What is left around it, for foam. */
    private static void foam(Working.Builder told, Fit fit) {
        for (Foam foam : Foam.round(fit)) {
            told.remark(
                    "Foam {}: {} × {} × {}, {} thick for its gap of {}.",
                    foam.where(),
                    foam.pieces(),
                    new Amount(foam.longM(), Unit.MILLIMETRE),
                    new Amount(foam.wideM(), Unit.MILLIMETRE),
                    new Amount(foam.thickM(), Unit.MILLIMETRE),
                    new Amount(foam.thickM() / Foam.PRESSED, Unit.MILLIMETRE));
        }
    }

    private static void size(Working.Builder told, String what, Size size, String at) {
        told.figure("", what + ", fore and aft", size.deepM(), Unit.MILLIMETRE, at + "deepM")
                .figure("", what + ", athwart", size.wideM(), Unit.MILLIMETRE, at + "wideM")
                .figure("", what + ", upright", size.tallM(), Unit.MILLIMETRE, at + "tallM");
    }
}
