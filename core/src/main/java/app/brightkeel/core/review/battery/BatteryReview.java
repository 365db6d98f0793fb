package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Charging;
import app.brightkeel.core.battery.HoursOnAlternative;
import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.battery.LayUpWorking;
import app.brightkeel.core.battery.Needed;
import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.battery.StandingDrain;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.parts.BillWorking;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The Battery link: median hours; catalogue packs as what could be had instead. */
public final class BatteryReview implements LinkReview {

    @Override
    public Link link() {
        return Link.BATTERY;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(Runtime.STAGE).map(run -> Text.of(run.hours(), Unit.HOUR));
    }

    @Override
    public List<Working> workings(Line line) {
        List<Working> all = new ArrayList<>(List.of(Runtime.STAGE.working(line), Needed.STAGE.working(line)));
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        if (bank.isKnown() && !bank.value().instead().isEmpty()) {
            all.add(HoursOnAlternative.STAGE.working(line));
        }
        for (int charger = 0; charger < line.rig().chargers().size(); charger++) {
            all.add(Charging.working(line, charger));
        }
        List<Pack> packs = line.rig().harness().packs();
        for (int p = 0; p < packs.size() && bank.isKnown(); p++) {
            all.add(StandingDrain.working(packs.get(p), bank.value().models().get(p), p));
        }
        for (int p = 0; p < packs.size(); p++) {
            if (!LayUp.of(packs.get(p)).isEmpty() && packs.get(p).chemistry() != Chemistry.ALKALINE) {
                all.add(LayUpWorking.of(packs.get(p), p));
            }
        }
        BillWorking.of(line).ifPresent(all::add);
        if (!packs.isEmpty()) {
            all.add(SeasonCost.working(line));
        }
        return all;
    }

    @Override
    public Merit merit(Line planned, Line changed) {
        return BatteryMerit.of(planned, changed);
    }

    /** A battery that does not fit its place is told so beside its hours. */
    @Override
    public Set<Link> own() {
        return Set.of(Link.BATTERY, Link.CARRY);
    }

    @Override
    public Text planned(Line line) {
        return Text.of(String.join(
                " and ",
                line.rig().harness().packs().stream()
                        .filter(pack -> pack.role() == PackRole.IN_USE)
                        .map(Pack::name)
                        .toList()));
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return BatteryKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        return BatteryChanges.candidates(line);
    }
}
