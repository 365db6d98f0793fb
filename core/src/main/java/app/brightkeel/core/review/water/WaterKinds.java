package app.brightkeel.core.review.water;

import static app.brightkeel.core.review.ChangeKind.among;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.water.WaterChanges;
import java.util.Map;

/** Changes of the water by what their ids say. */
final class WaterKinds {

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("season", among(line -> WaterChanges.seasons(line).stream())),
            entry("in-order", among(line -> WaterChanges.inOrder(line).stream())),
            entry("thawed", among(line -> WaterChanges.thawed(line).stream())),
            entry("display-speed", among(line -> WaterChanges.displaySpeed(line).stream())),
            entry("still", among(line -> WaterChanges.still(line).stream())),
            entry("motion", among(line -> WaterChanges.motionOfStyle(line).stream())),
            entry("kind", among(line -> WaterChanges.kindBySalinity(line).stream())));

    private WaterKinds() {}
}
