package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.Taking;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.server.store.GarageStore;
import java.util.List;
import org.springframework.stereotype.Component;

/** Changes by their ids, those of the garage among them. */
@Component
class OwnChanges {

    private final GarageStore garage;

    OwnChanges(GarageStore garage) {
        this.garage = garage;
    }

    /** @throws ChangeNotOffered where the rig has none such */
    Change find(Line line, String id) {
        List<Item> own = garage.items();
        return Comparison.find(
                        line, id, (of, asked) -> Advisor.change(of, own, asked).or(() -> Taking.find(of, own, asked)))
                .orElseThrow(() -> new ChangeNotOffered(id));
    }

    /** All of it. */
    List<Item> items() {
        return garage.items();
    }

    /** What of the garage could stand in the place of something on a link. */
    List<Change> offers(Line line, Link link) {
        return Taking.offers(line, garage.items(), link).toList();
    }

    /** What answers about a change depend on beside the rig; nothing where the garage has no part in it. */
    String of(String change) {
        return change.contains("." + Taking.WORD + ".") || change.startsWith(Advisor.CHANGE) ? stamp() : "";
    }

    /** Differs as soon as anything of the garage does. */
    String stamp() {
        return " of " + garage.stamp();
    }
}
