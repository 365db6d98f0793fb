package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview.Measure;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.carry.CarryRules;
import app.brightkeel.core.review.fuse.FuseRules;
import app.brightkeel.core.review.wire.WireRules;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** What speaks for and against the batteries of a rig: hours, mass, money, cold; of those that fail, the rule that does. */
final class BatteryMerit {

    /** Days of use in a year where nobody said; common practice, no source. */
    static final double DAYS_OUT = 20;

    /** A mass and a price a year at which the score has halved; common practice, no source. */
    private static final double HEAVY_KG = 5;

    private static final double DEAR = 20;

    /** What lasts longer than the day by this is far more than it wants; common practice, no source. */
    private static final double FAR_MORE = 2;

    /** Below it the cold is worth a word. */
    private static final double COLD = 0.95;

    /** Links that stand or fall with the battery; of others only what was not so before is its doing. */
    private static final Set<Link> OWN = Set.of(Link.BATTERY, Link.CARRY);

    private BatteryMerit() {}

    static Merit of(Line planned, Line changed) {
        Outcome<Endurance> hours = changed.get(RuntimeBand.STAGE);
        if (!hours.isKnown()) {
            return Merit.NONE;
        }
        Rig rig = changed.rig();
        double wanted = changed.get(Load.STAGE).value().hours();
        double mass = sum(rig, Pack::massKg);
        double aYear = priceAYear(rig);
        List<Text> reasons = new ArrayList<>(failing(planned, changed));
        reasons.add(Text.of(
                "{} to {} on eight days of ten",
                new Amount(hours.value().lowH(), Unit.HOUR),
                new Amount(hours.value().highH(), Unit.HOUR)));
        if (mass > 0) {
            reasons.add(Text.of(mass, Unit.KILOGRAM));
        }
        if (aYear > 0) {
            reasons.add(Text.of(
                    "costs {}, {} a season",
                    new Amount(sum(rig, pack -> pack.label().price()), Unit.MONEY),
                    new Amount(aYear, Unit.MONEY)));
        }
        double cold = changed.get(Packs.STAGE).value().first().coldFactor();
        if (cold < COLD) {
            reasons.add(Text.of("the cold leaves {} of it", new Amount(cold, Unit.PERCENT)));
        }
        if (hours.value().lowH() > FAR_MORE * wanted) {
            reasons.add(Text.of("far more than the day wants: a smaller one is enough"));
        }
        // a price that nobody said is neither cheap nor dear
        boolean priced = rig.harness().packs().stream()
                .allMatch(pack -> pack.label().price().isSet());
        double cheap = priced ? 1 / (1 + aYear / DEAR) : 0.5;
        boolean carried = rig.schools().battery() == Schools.Battery.SHUTTLE;
        double score = (carried ? 2 : 1) / (1 + mass / HEAVY_KG) + cheap + cold / 2;
        List<Measure> measures = new ArrayList<>(List.of(
                new Measure("hours", new Amount(hours.value().median().hours(), Unit.HOUR), true),
                new Measure(
                        "hours on nine days of ten", new Amount(hours.value().lowH(), Unit.HOUR), true),
                new Measure("capacity left in the cold", new Amount(cold, Unit.PERCENT), true)));
        if (mass > 0) {
            measures.add(new Measure("mass", new Amount(mass, Unit.KILOGRAM), false));
        }
        if (priced) {
            double price = sum(rig, pack -> pack.label().price());
            measures.add(new Measure("cost", new Amount(price, Unit.MONEY), false));
            measures.add(new Measure("cost a season", new Amount(aYear, Unit.MONEY), false));
        }
        return new Merit(score, List.copyOf(reasons), List.copyOf(measures));
    }

    /** The words of rules that fail by it. */
    private static List<Text> failing(Line planned, Line changed) {
        List<Text> words = new ArrayList<>();
        for (List<Rule> rules : List.of(BatteryRules.ALL, CarryRules.ALL, WireRules.ALL, FuseRules.ALL)) {
            for (Rule rule : rules) {
                if (rule.judge(changed) instanceof Rule.Judgement.Measured measured
                        && rule.verdict(measured) == Verdict.FAILS
                        && (OWN.contains(rule.link()) || rule.verdict(rule.judge(planned)) != Verdict.FAILS)) {
                    words.add(measured.text());
                }
            }
        }
        return words;
    }

    private static double sum(Rig rig, Function<Pack, Figure> figure) {
        return rig.harness().packs().stream()
                .map(figure)
                .filter(Figure::isSet)
                .mapToDouble(Figure::value)
                .sum();
    }

    /** What the packs cost for each year of their life: it ends by uses or by years, whichever is first. */
    static double priceAYear(Rig rig) {
        Figure days = rig.outing().daysOut();
        double daysOut = days.isSet() ? days.value() : DAYS_OUT;
        double sum = 0;
        for (Pack pack : rig.harness().packs()) {
            if (pack.label().price().isSet() && pack.chemistry() != Chemistry.UNDECIDED) {
                Chemistry.Data data = pack.chemistry().data();
                sum += pack.label().price().value() / Math.min(data.lifeYears(), data.lifeCycles() / daysOut);
            }
        }
        return sum;
    }
}
