package app.brightkeel.core.advice;

import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Figure;
import java.util.List;
import java.util.OptionalDouble;

/** How it comes about what a rig is worth: part by part, to the step in which it is told. */
final class WorthWorking {

    private static final Source PRICES = Source.fromMemory(
            "usual prices of such gear, where nobody said what it costs; made up, to tell dear from cheap");

    private final Measures measures;
    private final Line line;
    private final Worth worth;

    private WorthWorking(Measures measures, Line line) {
        this.measures = measures;
        this.line = line;
        worth = measures.of(line);
    }

    static Working of(Measures measures, Line line, Good good) {
        WorthWorking of = new WorthWorking(measures, line);
        return switch (good) {
            case HOURS -> of.hours();
            case MASS -> of.mass();
            case PRICE -> of.bill(Good.PRICE);
            case BUYS -> of.bill(Good.BUYS);
            case HOLES -> of.holes();
            case MINUTES -> of.minutes();
            case SEEN -> of.seen();
        };
    }

    private Working done(Working.Builder all, Good good) {
        return all.result("", good.words(), good.of(worth), good.amount(0).unit())
                .done();
    }

    private Working hours() {
        Working.Builder all = Working.of(
                "Hours",
                "as the day is planned, down to half hours; no more than twice the day is counted",
                Source.derived("the battery's own day, as under Battery"));
        line.get(Runtime.STAGE)
                .map(run -> all.opened("h", "it lasts", run.hours(), Unit.HOUR, Runtime.STAGE.working(line)));
        return done(all, Good.HOURS);
    }

    private Working mass() {
        Working.Builder all = Working.of(
                "Mass", "display + transducer + battery in use, up to 50 g", Source.derived("what each weighs"));
        measured(new Measures.Bill() {
            @Override
            void weighed(String name, Figure mass) {
                if (mass.isSet()) {
                    all.step("", name, mass.value(), Unit.KILOGRAM);
                } else {
                    all.remark("{}: not weighed, or not aboard", name);
                }
            }
        });
        return done(all, Good.MASS);
    }

    private Working bill(Good good) {
        Working.Builder all = Working.of(
                good == Good.PRICE ? "Still to pay" : "Parts to buy",
                good == Good.PRICE ? "all main parts that are not on hand, up to fives" : "",
                PRICES);
        measured(new Measures.Bill() {
            @Override
            void bought(ItemKind kind, String name, boolean had, OptionalDouble price) {
                if (had) {
                    all.remark("{}: on hand", name);
                } else if (good == Good.BUYS) {
                    all.step("", name, 1, Unit.COUNT);
                } else if (price.isPresent()) {
                    all.step("", name, price.getAsDouble(), Unit.MONEY);
                } else {
                    all.remark("{}: its price is not known, and counted as nothing", name);
                }
            }
        });
        return done(all, good);
    }

    private void measured(Measures.Bill bill) {
        measures.itemise(line.entered(), bill);
    }

    private Working holes() {
        Working.Builder all = Working.of(
                "Holes to drill", "", Source.derived("ways of the leads, mounts and holders that are screwed on"));
        measures.screwedOn(line.entered()).forEach(name -> all.step("", "for " + name, 1, Unit.COUNT));
        List<String> through = Measures.leadsThrough(line);
        if (!through.isEmpty()) {
            all.step("", "for leads to pass", through.size(), Unit.COUNT);
        }
        return done(all, Good.HOLES);
    }

    private Working minutes() {
        Working.Builder all = Working.of(
                "Minutes to strip it",
                "half a minute for each plug, knob, strap or buckle, unless it was timed",
                Source.practice("half a minute each"));
        TakeOff.of(line.rig()).off().forEach(item -> all.step("", item.name(), item.minMin(), Unit.MINUTE));
        return done(all, Good.MINUTES);
    }

    private Working seen() {
        Working.Builder all = Working.of(
                "What is seen",
                "serves × reaches × width × bottom × power, down to 5 %",
                Source.practice("how each part is weighed"));
        Measures.suits(line)
                .ifPresent(
                        suits -> suits.parts().forEach(part -> all.step("", part.why(), part.value(), Unit.PERCENT)));
        return done(all, Good.SEEN);
    }
}
