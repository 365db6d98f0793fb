package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Endurance;
import app.brightkeel.core.battery.PackCost;
import app.brightkeel.core.battery.RuntimeBand;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.KindTraits;
import app.brightkeel.core.review.LinkReview.Merit;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** What speaks for and against the batteries of a rig: hours, mass, money, cold; of those that fail, the rule that does. */
final class BatteryMerit {

    /** A mass and a price a year at which the score has halved; common practice, no source. */
    private static final double HEAVY_KG = 5;

    private static final double DEAR = 20;

    /** What lasts longer than the day by this is far more than it wants; common practice, no source. */
    private static final double FAR_MORE = 2;

    /** Below it the cold is worth a word. */
    private static final double COLD = 0.95;

    /** Differences that are worth a word; common practice, no source. */
    private static final double WORTH_H = 0.25;

    private static final double WORTH_KG = 0.1;

    private static final double WORTH_A_DAY = 0.5;

    private static final double WORTH_COLD = 0.03;

    private BatteryMerit() {}

    static Merit of(Line planned, Line changed) {
        Outcome<Endurance> hours = changed.get(RuntimeBand.STAGE);
        if (!hours.isKnown()) {
            return Merit.NONE;
        }
        Rig rig = changed.rig();
        double wanted = changed.get(Load.STAGE).value().hours();
        double mass = sum(rig, Pack::massKg);
        double aYear = PackCost.aYear(rig);
        List<Text> notes = new ArrayList<>();
        notes.add(Text.of(
                "{} to {} on eight days of ten",
                new Amount(hours.value().lowH(), Unit.HOUR),
                new Amount(hours.value().highH(), Unit.HOUR)));
        double cold = changed.get(Packs.STAGE).value().first().coldFactor();
        if (cold < COLD) {
            notes.add(Text.of("the cold leaves {} of it", new Amount(cold, Unit.PERCENT)));
        }
        if (hours.value().lowH() > FAR_MORE * wanted) {
            notes.add(Text.of("far more than the day wants: a smaller one is enough"));
        }
        // a price that nobody said is neither cheap nor dear
        double cheap = priced(rig) ? 1 / (1 + aYear / DEAR) : 0.5;
        boolean carried = rig.schools().battery() == Schools.Battery.SHUTTLE;
        // of what does not last the day the longest stands first
        double lasts = hours.value().median().hours() / wanted;
        double score = lasts < 1 ? lasts - 1 : (carried ? 2 : 1) / (1 + mass / HEAVY_KG) + cheap + cold / 2;
        return new Merit(score, notes, traits(planned), traits(changed));
    }

    /** Whether a price is known of every pack: one that nobody said is neither cheap nor dear. */
    private static boolean priced(Rig rig) {
        return rig.harness().packs().stream()
                .allMatch(pack -> pack.label().price().isSet());
    }

    private static List<Trait> traits(Line line) {
        Outcome<Endurance> hours = line.get(RuntimeBand.STAGE);
        if (!hours.isKnown()) {
            return List.of();
        }
        Rig rig = line.rig();
        List<Trait> all = new ArrayList<>();
        all.add(new Trait.Counted(
                "hours",
                new Amount(hours.value().median().hours(), Unit.HOUR),
                true,
                WORTH_H,
                "lasts {} longer",
                "lasts {} less"));
        all.add(new Trait.Counted(
                "hours on nine days of ten",
                new Amount(hours.value().lowH(), Unit.HOUR),
                true,
                Double.MAX_VALUE,
                "{} more on nine days of ten",
                "{} less on nine days of ten"));
        double cold = line.get(Packs.STAGE).value().first().coldFactor();
        all.add(new Trait.Counted(
                "capacity left in the cold",
                new Amount(cold, Unit.PERCENT),
                true,
                WORTH_COLD,
                "the cold leaves it {} more",
                "the cold takes {} more of it"));
        double mass = sum(rig, Pack::massKg);
        if (mass > 0) {
            all.add(new Trait.Counted(
                    "mass", new Amount(mass, Unit.KILOGRAM), false, WORTH_KG, "{} heavier", "{} lighter"));
        }
        if (priced(rig)) {
            all.add(new Trait.Counted(
                    "cost",
                    new Amount(sum(rig, pack -> pack.label().price()), Unit.MONEY),
                    false,
                    1,
                    "costs {} more",
                    "costs {} less"));
            all.add(new Trait.Counted(
                    "cost a season",
                    new Amount(PackCost.aYear(rig), Unit.MONEY),
                    false,
                    1,
                    "{} more a season",
                    "{} less a season"));
            all.add(new Trait.Counted(
                    "cost a day of use",
                    new Amount(PackCost.aYear(rig) / PackCost.daysOut(rig), Unit.MONEY),
                    false,
                    WORTH_A_DAY,
                    "{} more for each day of use",
                    "{} less for each day of use"));
        }
        rig.harness().packs().stream()
                .filter(pack -> pack.role() == PackRole.IN_USE)
                .findFirst()
                .ifPresent(pack -> all.addAll(KindTraits.of("battery", pack.chemistry())));
        return all;
    }

    private static double sum(Rig rig, Function<Pack, Figure> figure) {
        return rig.harness().packs().stream()
                .map(figure)
                .filter(Figure::isSet)
                .mapToDouble(Figure::value)
                .sum();
    }
}
