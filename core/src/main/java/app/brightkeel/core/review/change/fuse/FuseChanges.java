package app.brightkeel.core.review.change.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.protection.ProtectionState.FuseDuty;
import app.brightkeel.core.protection.ProtectionState.Place;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Changes of fuses. */
public final class FuseChanges {

    /** From the smallest that carries the load so many sizes up are tried. */
    private static final int SIZES = 4;

    private FuseChanges() {}

    /** Each first fuse nearer to the battery in its own wire; where it sits in a branch, one at the battery as well. */
    public static Stream<Change> move(Line line) {
        Rig rig = line.entered();
        return Stream.concat(
                duties(line).stream()
                        .filter(duty -> duty.place().first()
                                && duty.place().distanceM() > Place.PUT_M
                                && rig.harness()
                                        .fromPack(rig.harness().segments().get(duty.segment())))
                        .map(duty -> moved(rig, duty)),
                FuseFits.atBatteries(line));
    }

    private static Change moved(Rig rig, FuseDuty duty) {
        Segment holds = rig.harness().segments().get(duty.segment());
        Fitting.Fuse near = fuse(rig, duty).withAtM(Figure.chosen(Place.PUT_M));
        List<Fitting> fittings = new ArrayList<>(
                holds.fittings().stream().filter(f -> !f.id().equals(near.id())).toList());
        fittings.add(0, near);
        return new Change(
                "fuse.move." + near.id(),
                Text.of("{} at {} from the battery", near.name(), new Amount(Place.PUT_M, Unit.MILLIMETRE)),
                Effort.MOVE,
                rig.with(holds.withFittings(fittings)));
    }

    /** Each fuse in the sizes that carry its load, smallest first; all of them so; thicker wire behind them. */
    public static Stream<Change> rate(Line line) {
        Stream<Change> each = duties(line).stream()
                .flatMap(duty -> FuseTables.STANDARD_A.stream()
                        .filter(rating -> rating != duty.ratingA() && rating * FuseTables.LOAD_SHARE >= duty.loadA())
                        .limit(SIZES)
                        .map(rating -> rated(line, duty, rating)));
        return Stream.concat(each, allRated(line));
    }

    /** All of them so, by itself. */
    public static Stream<Change> allRated(Line line) {
        return duties(line).size() > 1 ? Stream.of(smallest(line)) : Stream.empty();
    }

    /** One fuse in a standard size, by its id and the size as ids write it. */
    public static Optional<Change> rated(Line line, String fuse, String size) {
        return duties(line).stream()
                .filter(duty -> fuse(line.entered(), duty).id().equals(fuse))
                .flatMap(duty -> FuseTables.STANDARD_A.stream()
                        .filter(rating -> slug(rating).equals(size))
                        .map(rating -> rated(line, duty, rating)))
                .findFirst();
    }

    /** One fuse in another size. */
    public static Change rated(Line line, FuseDuty duty, double ratingA) {
        Rig rig = line.entered();
        Fitting.Fuse fuse = fuse(rig, duty);
        Segment segment = rig.harness().segments().get(duty.segment());
        Fitting.Fuse other = ratingA == duty.ratingA()
                ? fuse
                : fuse.withRatingA(Figure.chosen(ratingA)).withOhm(Figure.UNSET);
        return new Change(
                "fuse.rate." + fuse.id() + "." + slug(ratingA),
                "fuse.rate." + fuse.id(),
                Text.of("{} of {}", fuse.name(), new Amount(ratingA, Unit.RATING)),
                Effort.BUY,
                rig.with(segment.with(other)));
    }

    /** Every fuse that cannot break the short circuit of its battery, or at its volts, in a form that breaks more. */
    public static List<Change> form(Line line) {
        List<FuseDuty> weak = duties(line).stream()
                .filter(duty -> duty.place().first() && !Rule.comfortable(1 - duty.breaksA() / duty.breakingA())
                        || duty.sourceV() > duty.breakingV())
                .toList();
        List<Change> all = new ArrayList<>();
        for (Fitting.Form form : Fitting.Form.values()) {
            if (form != Fitting.Form.BLADE) {
                all.add(formed(line.entered(), weak, form));
            }
        }
        return all;
    }

    private static Change formed(Rig rig, List<FuseDuty> weak, Fitting.Form form) {
        Rig after = rig;
        for (FuseDuty duty : weak) {
            Segment segment = after.harness().segments().get(duty.segment());
            after = after.with(segment.with(fuse(after, duty).withForm(form)));
        }
        String names = String.join(" and ", weak.stream().map(FuseDuty::name).toList());
        String words = form == Fitting.Form.STRIP ? "a bolt-down strip" : "a cube at the terminal";
        return new Change(
                "fuse.form." + Table.written(form),
                Text.of(
                        "{} as {}, which breaks {} and {}",
                        names,
                        words,
                        new Amount(form.breakingA(), Unit.AMPERE),
                        new Amount(form.breakingV(), Unit.VOLT)),
                Effort.BUY,
                after);
    }

    /** Every fuse in the smallest standard size that carries its load; where several are wrong, one at a time cures none. */
    private static Change smallest(Line line) {
        Rig after = line.entered();
        for (FuseDuty duty : duties(line)) {
            double rating = FuseTables.STANDARD_A.stream()
                    .filter(size -> size * FuseTables.LOAD_SHARE >= duty.loadA())
                    .findFirst()
                    .orElse(duty.ratingA());
            Segment segment = after.harness().segments().get(duty.segment());
            Fitting.Fuse fuse = fuse(after, duty);
            if (rating != duty.ratingA()) {
                after = after.with(
                        segment.with(fuse.withRatingA(Figure.chosen(rating)).withOhm(Figure.UNSET)));
            }
        }
        return new Change(
                "fuse.rate-all", Text.of("Every fuse in the smallest size that carries its load"), Effort.BUY, after);
    }

    /** What each fuse has to do, in the order of the harness; none where that is not known. */
    public static List<FuseDuty> duties(Line line) {
        return line.get(Protection.STAGE).map(ProtectionState::fuses).orElse(List.of());
    }

    private static Fitting.Fuse fuse(Rig rig, FuseDuty duty) {
        return (Fitting.Fuse)
                rig.harness().segments().get(duty.segment()).fittings().get(duty.fitting());
    }

    /** A rating as ids write it. */
    public static String slug(double ratingA) {
        return ratingA == Math.rint(ratingA)
                ? String.valueOf((long) ratingA)
                : String.valueOf(ratingA).replace('.', '-');
    }
}
