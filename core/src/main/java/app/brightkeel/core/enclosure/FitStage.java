package app.brightkeel.core.enclosure;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Pointer;
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
            Station station = walled(rig, pack).orElse(null);
            if (station == null) {
                continue;
            }
            if (!pack.size().known()) {
                Outcome.want(missing, pack.size().deepM(), Pointer.pack(p, "size/deepM"));
                Outcome.want(missing, pack.size().wideM(), Pointer.pack(p, "size/wideM"));
                Outcome.want(missing, pack.size().tallM(), Pointer.pack(p, "size/tallM"));
            } else {
                housed.add(new FitNeeds.Housed(
                        pack.id(),
                        pack.name(),
                        Box.of(pack.size()),
                        pack.plugM().value(),
                        !pack.chemistry().liesOnSide(),
                        station.id(),
                        station.name(),
                        Box.of(station.room())));
            }
        }
        return Outcome.unless(missing, () -> new FitNeeds(housed));
    }

    private static Optional<Station> walled(Rig rig, Pack pack) {
        return rig.placeOf(pack.id())
                .map(Placement::station)
                .flatMap(rig.craft()::station)
                .filter(station -> station.room().known());
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
            size(told, "room", rig.craft().stations().get(s).room(), Pointer.station(s, "room/"));
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

    /** What is left around it, for foam. */
    private static void foam(Working.Builder told, Fit fit) {
        if (fit.leastGapM() >= Fit.FOAM_FROM_M) {
            told.step("", "foam fore and aft, both ends together", fit.deepGapM(), Unit.MILLIMETRE)
                    .step("", "foam athwart, both sides together", fit.wideGapM(), Unit.MILLIMETRE)
                    .step("", "foam above", fit.tallGapM(), Unit.MILLIMETRE)
                    .remark("Filled so that it does not rattle.");
        }
    }

    private static void size(Working.Builder told, String what, Size size, String at) {
        told.figure("", what + ", fore and aft", size.deepM(), Unit.MILLIMETRE, at + "deepM")
                .figure("", what + ", athwart", size.wideM(), Unit.MILLIMETRE, at + "wideM")
                .figure("", what + ", upright", size.tallM(), Unit.MILLIMETRE, at + "tallM");
    }
}
