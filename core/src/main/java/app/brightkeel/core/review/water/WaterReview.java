package app.brightkeel.core.review.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.water.WaterStage;
import java.util.List;
import java.util.Map;

/** The Water link: the depths that are fished; the seasons as what could be had instead. */
public final class WaterReview implements LinkReview {

    @Override
    public Link link() {
        return Link.WATER;
    }

    @Override
    public Outcome<Text> number(Line line) {
        return line.get(WaterStage.STAGE)
                .map(water -> Text.of(
                        "{} – {}", new Amount(water.leastM(), Unit.DEPTH), new Amount(water.mostM(), Unit.DEPTH)));
    }

    @Override
    public List<Working> workings(Line line) {
        return List.of(WaterStage.STAGE.working(line));
    }

    @Override
    public Text planned(Line line) {
        Water water = line.rig().outing().water();
        return Text.of("{}, {}", water.kind().words(), water.season().words());
    }

    @Override
    public Map<String, ChangeKind> kinds() {
        return WaterKinds.ALL;
    }

    @Override
    public List<Change> alternatives(Line line) {
        return WaterChanges.seasons(line);
    }
}
