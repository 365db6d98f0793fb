package app.brightkeel.core.review.battery;

import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.rig.Pack;
import java.util.List;

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
    public boolean standsOn(Line line, String pointer) {
        return !pointer.endsWith("maxV");
    }

    @Override
    public List<Working> workings(Line line) {
        return List.of(Runtime.STAGE.working(line));
    }

    @Override
    public Text planned(Line line) {
        return Text.of(String.join(
                " and ", line.rig().harness().packs().stream().map(Pack::name).toList()));
    }

    @Override
    public List<Change> alternatives(Line line) {
        return BatteryChanges.take(line);
    }
}
