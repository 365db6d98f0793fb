package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.protection.Ampacity;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A spare lead from a battery to a device is fused like the one it is for: carried, and no larger than wire and maker allow. */
final class SpareLead implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.spare-lead", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Segment spare : line.rig().harness().spares()) {
            Optional<Integer> device = device(line.rig(), spare);
            if (device.isPresent() && line.rig().harness().fromPack(spare)) {
                judge(line, spare, device.get(), worst);
            }
        }
        return worst.judgement();
    }

    private static void judge(Line line, Segment spare, int device, WorstOf worst) {
        Optional<Fitting.Fuse> fuse = fuse(spare);
        if (fuse.isEmpty()) {
            worst.add(-1, "{} has no fuse: it is a battery's lead like any other.", spare.name());
        } else if (fuse.get().ratingA().isSet()) {
            double rating = fuse.get().ratingA().value();
            double most = mostA(line, spare, device);
            worst.add(
                    WorstOf.within(rating, most),
                    "The fuse of {} is {}; its wire and the maker of the {} allow {}.",
                    spare.name(),
                    new Amount(rating, Unit.RATING),
                    line.rig().devices().get(device).name(),
                    new Amount(most, Unit.AMPERE));
            double load = loadA(line, device);
            worst.add(
                    COMFORTABLE * (1 - load / rating) / (1 - FuseTables.LOAD_SHARE),
                    "The fuse of {} is {}; the {} draws {} at its lowest volts.",
                    spare.name(),
                    new Amount(rating, Unit.RATING),
                    line.rig().devices().get(device).name(),
                    new Amount(load, Unit.AMPERE));
        }
    }

    private static double mostA(Line line, Segment spare, int device) {
        Figure maker = line.rig().devices().get(device).limits().maxFuseA();
        double wire = spare.wire().gauge().decided()
                ? new Ampacity(spare.wire(), line.rig().outing().airC().value()).amps()
                : Double.MAX_VALUE;
        return maker.isSet() ? Math.min(maker.value(), wire) : wire;
    }

    private static double loadA(Line line, int device) {
        double low = line.rig().devices().get(device).limits().minV().value();
        return line.get(Load.STAGE)
                .map((DayLoad load) -> load.mostAmps(device, low, low))
                .orElse(0.0);
    }

    private static Optional<Fitting.Fuse> fuse(Segment spare) {
        return spare.fittings().stream()
                .filter(Fitting.Fuse.class::isInstance)
                .map(Fitting.Fuse.class::cast)
                .findFirst();
    }

    private static Optional<Integer> device(Rig rig, Segment spare) {
        List<String> ids = rig.devices().stream().map(Device::id).toList();
        int place = ids.indexOf(spare.to());
        return place < 0 ? Optional.empty() : Optional.of(place);
    }

    /** The smallest size that carries its device. */
    @Override
    public Stream<Change> cures(Line line) {
        Harness harness = line.entered().harness();
        return harness.spares().stream()
                .filter(spare -> line.rig().harness().fromPack(spare))
                .flatMap(spare -> device(line.rig(), spare).stream()
                        .map(device -> fused(line, spare, FuseTables.smallestFor(loadA(line, device)))));
    }

    private static Change fused(Line line, Segment spare, double ratingA) {
        Rig rig = line.entered();
        List<Fitting> fittings = new ArrayList<>(spare.fittings());
        Optional<Fitting.Fuse> old = fuse(spare);
        if (old.isPresent()) {
            fittings.set(
                    fittings.indexOf(old.get()),
                    old.get().with(f -> f.ratingA(Figure.chosen(ratingA)).ohm(Figure.UNSET)));
        } else {
            fittings.add(
                    0,
                    new Fitting.Fuse(
                            FreshId.of(rig, "fuse-" + spare.id()),
                            Checks.fitted("fuse of " + spare.name()),
                            Figure.chosen(ratingA),
                            Fitting.Form.BLADE,
                            Figure.chosen(Place.PUT_M),
                            Figure.UNSET));
        }
        List<Segment> spares = rig.harness().spares().stream()
                .map(each -> each == spare ? spare.withFittings(fittings) : each)
                .toList();
        return new Change(
                "fuse.spare." + spare.id() + "." + FuseChanges.slug(ratingA),
                Text.of("A {} fuse in {}", new Amount(ratingA, Unit.RATING), spare.name()),
                Effort.BUY,
                rig.withHarness(rig.harness().withSpares(spares)));
    }
}
