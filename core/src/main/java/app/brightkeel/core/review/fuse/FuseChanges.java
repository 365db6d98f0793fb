package app.brightkeel.core.review.fuse;

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
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/** Changes of fuses. */
final class FuseChanges {

    private FuseChanges() {}

    /** Each first fuse next to the battery, in the segment that starts at it. */
    static List<Change> move(Line line) {
        List<Change> all = new ArrayList<>();
        for (FuseDuty duty : duties(line)) {
            if (duty.place().first() && duty.place().distanceM() > Place.PUT_M) {
                all.add(moved(line, duty));
            }
        }
        return all;
    }

    private static Change moved(Line line, FuseDuty duty) {
        Rig rig = line.entered();
        Segment holds = rig.harness().segments().get(duty.segment());
        Fitting.Fuse fuse = fuse(rig, duty);
        Fitting.Fuse near = fuse.withAtM(Figure.chosen(Place.PUT_M));
        Rig without = rig.with(holds.withFittings(
                holds.fittings().stream().filter(f -> !f.id().equals(fuse.id())).toList()));
        Segment first = firstOnTheWay(without, holds);
        List<Fitting> fittings = new ArrayList<>(first.fittings());
        fittings.add(0, near);
        return new Change(
                "fuse.move." + fuse.id(),
                Text.of("{} at {} from the battery", fuse.name(), new Amount(Place.PUT_M, Unit.MILLIMETRE)),
                Effort.MOVE,
                without.with(first.withFittings(fittings)));
    }

    private static Segment firstOnTheWay(Rig rig, Segment from) {
        Segment at = rig.harness().segment(from.id());
        while (true) {
            String start = at.from();
            List<Segment> before = rig.harness().segments().stream()
                    .filter(s -> s.to().equals(start))
                    .toList();
            if (before.isEmpty()) {
                return at;
            }
            at = before.get(0);
        }
    }

    /** A fuse in every segment that leaves a pack without one, in the smallest sizes that leave every fuse rule content. */
    static List<Change> fit(Line line) {
        Rig rig = line.entered();
        List<Segment> bare = rig.harness().segments().stream()
                .filter(s -> rig.harness().packs().stream().anyMatch(p -> p.id().equals(s.from())))
                .filter(s -> s.fittings().stream().noneMatch(Fitting.Fuse.class::isInstance))
                .toList();
        if (bare.isEmpty()) {
            return List.of();
        }
        return FuseTables.STANDARD_A.stream()
                .flatMap(rating -> Change.possible(() -> fitted(rig, bare, rating)))
                .filter(change -> content(line, change))
                .limit(2)
                .toList();
    }

    private static Change fitted(Rig rig, List<Segment> bare, double rating) {
        Rig after = rig;
        for (Segment segment : bare) {
            List<Fitting> fittings = new ArrayList<>(segment.fittings());
            fittings.add(
                    0,
                    new Fitting.Fuse(
                            FreshId.of(after, "fuse-" + segment.id()),
                            Checks.fitted("fuse of " + segment.name()),
                            Figure.chosen(rating),
                            Fitting.Form.BLADE,
                            Figure.chosen(Place.PUT_M),
                            Figure.UNSET));
            after = after.with(segment.withFittings(fittings));
        }
        String names = String.join(" and in ", bare.stream().map(Segment::name).toList());
        return new Change(
                "fuse.fit." + slug(rating),
                Text.of(
                        "A {} fuse in {}, {} from the battery",
                        new Amount(rating, Unit.RATING),
                        names,
                        new Amount(Place.PUT_M, Unit.MILLIMETRE)),
                Effort.BUY,
                after);
    }

    /** Nothing about fuses fails after it, and none opens in use. */
    private static boolean content(Line line, Change change) {
        Line then = line.with(change.after());
        return FuseRules.ALL.stream().filter(rule -> rule.force().mayFail()).allMatch(rule -> {
            Verdict verdict = rule.verdict(rule.judge(then));
            return verdict != Verdict.FAILS && !(rule instanceof OpensInUse && verdict != Verdict.HOLDS);
        });
    }

    /** Each fuse in each standard size, small to large; {@link Change} keeps those that cure. */
    static List<Change> rate(Line line) {
        List<Change> all = new ArrayList<>();
        for (FuseDuty duty : duties(line)) {
            FuseTables.STANDARD_A.stream()
                    .filter(rating -> rating != duty.ratingA())
                    .map(rating -> rated(line, duty, rating))
                    .filter(change -> content(line, change))
                    .limit(2)
                    .forEach(all::add);
        }
        if (duties(line).size() > 1) {
            all.add(smallest(line));
        }
        return all;
    }

    /** One fuse in another size. */
    static Change rated(Line line, FuseDuty duty, double rating) {
        Rig rig = line.entered();
        Fitting.Fuse fuse = fuse(rig, duty);
        Segment segment = rig.harness().segments().get(duty.segment());
        Fitting.Fuse other = rating == duty.ratingA()
                ? fuse
                : fuse.withRatingA(Figure.chosen(rating)).withOhm(Figure.UNSET);
        return new Change(
                "fuse.rate." + fuse.id() + "." + slug(rating),
                Text.of("{} of {}", fuse.name(), new Amount(rating, Unit.RATING)),
                Effort.BUY,
                rig.with(segment.with(other)));
    }

    /** Every fuse that cannot break the short circuit of its battery, or at its volts, in a form that breaks more. */
    static List<Change> form(Line line) {
        List<FuseDuty> weak = duties(line).stream()
                .filter(duty -> duty.place().first() && duty.sourceShortA() > duty.breakingA()
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

    static List<FuseDuty> duties(Line line) {
        return line.get(Protection.STAGE).map(ProtectionState::fuses).orElse(List.of());
    }

    private static Fitting.Fuse fuse(Rig rig, FuseDuty duty) {
        return (Fitting.Fuse)
                rig.harness().segments().get(duty.segment()).fittings().get(duty.fitting());
    }

    private static String slug(double rating) {
        return rating == Math.rint(rating)
                ? String.valueOf((long) rating)
                : String.valueOf(rating).replace('.', '-');
    }
}
