package app.brightkeel.core.picture;

import static app.brightkeel.core.picture.Drawing.at;

import app.brightkeel.core.battery.Needed;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.picture.Scene.Axis;
import app.brightkeel.core.picture.Scene.Frame;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.picture.Scene.Role;
import app.brightkeel.core.picture.Scene.Side;
import app.brightkeel.core.picture.Scene.Twin;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Pack;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Batteries that could be had, by their mass and the hours they give: those that fit and last are solid. */
final class CandidateScene {

    /** Words closer than this to others are left out [share of the axes]: the table has them. */
    private static final double NEAR_X = 0.24;

    private static final double NEAR_Y = 0.05;
    private static final double LEAST_KG = 0.15;
    private static final double LEAST_H = 0.25;

    /** What lasts for less of the day stands at the foot of the axis. */
    private static final double LOWEST = 8;

    private static final List<Link> JUDGED_BY = List.of(Link.WIRE, Link.FUSE, Link.BATTERY, Link.CARRY);

    private CandidateScene() {}

    private record Candidate(String change, Text name, double massKg, double hours, boolean works, boolean planned) {}

    static Outcome<Scene> of(Line line) {
        return line.get(Runtime.STAGE)
                .map(run -> scene(line, line.get(Load.STAGE).value().hours()));
    }

    private static Scene scene(Line line, double wanted) {
        RigReviewer reviewer = new RigReviewer();
        // what fails without the battery's doing is no fault of a candidate
        Set<Link> excused = JUDGED_BY.stream()
                .filter(link ->
                        link != Link.BATTERY && reviewer.state(line, link).verdict() == Verdict.FAILS)
                .collect(Collectors.toSet());
        List<Candidate> all = new ArrayList<>();
        for (Change change : Links.of(Link.BATTERY).alternatives(line)) {
            candidate(line.with(change.after()), change, line, reviewer, excused, all);
        }
        if (all.stream().noneMatch(Candidate::planned)) {
            Text name = Links.of(Link.BATTERY).planned(line);
            candidate(line, new Change("", name, Effort.SETTING, line.entered()), line, reviewer, excused, all);
        }
        double lowKg = LEAST_KG;
        double highKg = all.stream().mapToDouble(Candidate::massKg).max().orElse(1) * 2;
        double highH = Math.max(
                        wanted, all.stream().mapToDouble(Candidate::hours).max().orElse(1))
                * 1.4;
        double lowH = Math.max(LEAST_H, wanted / LOWEST);
        Axis x = new Axis(Text.of("mass"), Unit.KILOGRAM, lowKg, highKg, true, Ticks.oneTwoFive(lowKg, highKg));
        Axis y = new Axis(Text.of("hours"), Unit.HOUR, lowH, highH, true, Ticks.oneTwoFive(lowH, highH));
        Drawing drawing = new Drawing()
                .path(Role.WANTED, 1, at(lowKg, wanted), at(highKg, wanted))
                .note(Role.QUIET, at(highKg, wanted), Side.LEFT, -0.5, "wanted: {} ", new Amount(wanted, Unit.HOUR));
        List<Point> worded = new ArrayList<>();
        Stream<Candidate> solidFirst = Stream.concat(
                all.stream().filter(Candidate::planned),
                Stream.concat(
                        all.stream().filter(each -> !each.planned() && each.works()),
                        all.stream().filter(each -> !each.planned() && !each.works())));
        solidFirst.forEach(each -> draw(drawing, each, x, y, worded));
        return new Scene(
                Text.of("Batteries by mass and hours"),
                subtitle(line),
                new Frame.Plot(x, y),
                drawing.marks(),
                twin(all));
    }

    private static Text subtitle(Line line) {
        Needed.Capacity needed = line.get(Needed.STAGE).value();
        String solid = "solid: fits, lasts and works · ringed: planned";
        if (Double.isInfinite(needed.surelyAh())) {
            return Text.of(solid);
        }
        return Text.of(
                "of {}, {} would last, {} on nine days of ten · " + solid,
                line.needs(Runtime.STAGE).value().first().chemistry().words(),
                new Amount(needed.middleAh(), Unit.AMPERE_HOUR),
                new Amount(needed.surelyAh(), Unit.AMPERE_HOUR));
    }

    private static void candidate(
            Line then, Change change, Line line, RigReviewer reviewer, Set<Link> excused, List<Candidate> all) {
        Outcome<Double> hours = then.get(Runtime.STAGE).map(run -> run.hours());
        double mass = then.rig().harness().packs().stream()
                .map(Pack::massKg)
                .filter(kg -> kg.isSet())
                .mapToDouble(kg -> kg.value())
                .sum();
        if (hours.isKnown() && mass > 0) {
            boolean works = JUDGED_BY.stream()
                    .noneMatch(link -> !excused.contains(link)
                            && reviewer.state(then, link).verdict() == Verdict.FAILS);
            boolean planned = change.after().equals(line.entered());
            all.add(new Candidate(
                    change.id(),
                    change.label(),
                    Math.max(mass, LEAST_KG),
                    Math.max(hours.value(), LEAST_H),
                    works,
                    planned));
        }
    }

    private static void draw(Drawing drawing, Candidate each, Axis x, Axis y, List<Point> worded) {
        Point here = at(each.massKg(), Math.max(each.hours(), y.low()));
        drawing.spot(each.works() ? Role.JUNCTION : Role.GHOST, here);
        if (each.planned()) {
            drawing.spot(Role.MASS, here);
        }
        Point share = at(share(x, each.massKg()), share(y, here.y()));
        boolean free = worded.stream()
                .noneMatch(
                        other -> Math.abs(other.x() - share.x()) < NEAR_X && Math.abs(other.y() - share.y()) < NEAR_Y);
        if (free) {
            worded.add(share);
            boolean right = share.x() < 0.8;
            drawing.note(
                    each.works() || each.planned() ? Role.LABEL : Role.QUIET,
                    here,
                    right ? Side.RIGHT : Side.LEFT,
                    0.3,
                    right ? "    {}" : "{}    ",
                    words(each));
        }
        if (!each.planned()) {
            double dx = 1.06;
            double dy = 1.06;
            drawing.pick(
                    each.change(),
                    List.of(
                            at(here.x() / dx, here.y() / dy),
                            at(here.x() * dx, here.y() / dy),
                            at(here.x() * dx, here.y() * dy),
                            at(here.x() / dx, here.y() * dy)),
                    "{}",
                    words(each));
        }
    }

    private static String words(Candidate each) {
        String told = each.name().plain();
        int charger = told.indexOf(ChargerChanges.AND_A_CHARGER);
        String alone = charger > 0 ? told.substring(0, charger) : told;
        // what is done with it stands in Compare
        int use = alone.indexOf(": ");
        String all = use > 0 ? alone.substring(0, use) : alone;
        int comma = all.lastIndexOf(", ");
        return comma > 0 ? all.substring(0, comma) : all;
    }

    private static double share(Axis axis, double value) {
        return Math.log(value / axis.low()) / Math.log(axis.high() / axis.low());
    }

    private static Twin twin(List<Candidate> all) {
        return new Twin(
                List.of("battery", "mass", "hours", "fits, lasts and works"),
                all.stream()
                        .map(each -> List.of(
                                each.name(),
                                Text.of(each.massKg(), Unit.KILOGRAM),
                                Text.of(each.hours(), Unit.HOUR),
                                Text.of(each.works() ? "yes" : "no")))
                        .toList());
    }
}
