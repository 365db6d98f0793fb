package app.brightkeel.core.sonar;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Motion;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** How well each shape of beam serves a style of fishing, 0 to 1. */
public final class Styles {

    private static final Map<FishingStyle, Map<BeamShape, Double>> ALL = read();

    private Styles() {}

    private static Map<FishingStyle, Map<BeamShape, Double>> read() {
        Map<FishingStyle, Map<BeamShape, Double>> all = new EnumMap<>(FishingStyle.class);
        Table table = Table.read(Styles.class, "styles.csv");
        List<String> styles = table.words("style");
        for (int s = 0; s < styles.size(); s++) {
            Map<BeamShape, Double> values = new EnumMap<>(BeamShape.class);
            for (BeamShape shape : BeamShape.values()) {
                values.put(shape, table.column(shape.name().toLowerCase(Locale.ROOT))[s]);
            }
            all.put(Table.constant(FishingStyle.class, styles.get(s)), values);
        }
        return all;
    }

    /** Of one shape; 1 where no style is chosen. A picture that is painted by moving on is worth nothing standing still. */
    public static double serves(FishingStyle style, BeamShape shape, Motion motion) {
        if (motion == Motion.STILL && shape.paintsByMoving()) {
            return 0;
        }
        Map<BeamShape, Double> values = ALL.get(style);
        return values == null ? 1 : values.getOrDefault(shape, 0.0);
    }
}
