package app.brightkeel.core.review.change.water;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.water.WaterStage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Changes of the water that is planned for. */
public final class WaterChanges {

    /** How much lower water freezes for each g/kg that is dissolved in it [°C]; from memory. */
    public static final double FREEZES_LOWER = 0.054;

    /** Salinity from which water is no longer fresh, and from which it is the sea's [g/kg]; common practice. */
    static final double BRACKISH_FROM = 0.5;

    static final double SEA_FROM = 25;

    private WaterChanges() {}

    private static Change change(Line line, String id, Text label, Water after) {
        return new Change(
                "water." + id,
                label,
                Effort.SETTING,
                line.entered().withOuting(line.entered().outing().withWater(after)));
    }

    private static Water entered(Line line) {
        return line.entered().outing().water();
    }

    /** The same water in each season at its usual temperature. */
    public static List<Change> seasons(Line line) {
        if (!line.get(WaterStage.STAGE).isKnown()) {
            return List.of();
        }
        return Stream.of(Season.values())
                .filter(season -> season != Season.UNDECIDED)
                .map(season -> change(
                        line,
                        "season." + season.name().toLowerCase(Locale.ROOT),
                        Text.of("{}: {}", season.words(), new Amount(season.usualWaterC(), Unit.CELSIUS)),
                        entered(line).withSeason(season).withWaterC(Figure.chosen(season.usualWaterC()))))
                .toList();
    }

    /** The depths in their order. */
    public static List<Change> inOrder(Line line) {
        Water water = entered(line);
        List<Figure> given = new ArrayList<>(Stream.of(water.leastM(), water.typicalM(), water.mostM())
                .filter(Figure::isSet)
                .sorted(Comparator.comparingDouble(Figure::value))
                .toList());
        Water sorted = water.withLeastM(given.get(0)).withMostM(given.get(given.size() - 1));
        return List.of(change(
                line,
                "in-order",
                Text.of("The depths in their order"),
                given.size() == 3 ? sorted.withTypicalM(given.get(1)) : sorted));
    }

    /** As cold as this water gets. */
    public static List<Change> thawed(Line line) {
        double freezing =
                -FREEZES_LOWER * line.rig().outing().water().salinity().value();
        return List.of(change(
                line,
                "thawed",
                Text.of("Water at {}", new Amount(freezing, Unit.CELSIUS)),
                entered(line).withWaterC(Figure.chosen(freezing))));
    }

    /** The display's own speed of sound set to that of this water. */
    public static List<Change> displaySpeed(Line line) {
        double soundMs = line.get(WaterStage.STAGE).value().soundMs();
        return List.of(change(
                line,
                "display-speed." + Math.round(soundMs),
                Text.of("Set the display's speed of sound to {}", new Amount(soundMs, Unit.METRE_PER_SECOND)),
                entered(line).withDisplaySoundMs(Figure.chosen(soundMs))));
    }

    /** Standing still, with a style that does. */
    public static List<Change> still(Line line) {
        FishingStyle style = line.rig().outing().water().style();
        return List.of(change(
                line,
                "still",
                Text.of("Fish standing still"),
                entered(line)
                        .withMotion(Motion.STILL)
                        .withStyle(motions(style).contains(Motion.STILL) ? style : FishingStyle.ICE_JIG)));
    }

    /** How one moves in each style; the first is the usual one. */
    public static List<Motion> motions(FishingStyle style) {
        return switch (style) {
            case SEARCH, TROLL -> List.of(Motion.TROLLING, Motion.PADDLING);
            case DRIFT -> List.of(Motion.DRIFTING);
            case CAST_FORWARD, VERTICAL -> List.of(Motion.STILL, Motion.DRIFTING);
            case ICE_JIG -> List.of(Motion.STILL);
            case UNDECIDED -> List.of(Motion.values());
        };
    }

    /** Each way one moves in the style that is chosen. */
    public static List<Change> motionOfStyle(Line line) {
        return motions(line.rig().outing().water().style()).stream()
                .map(motion -> change(
                        line,
                        "motion." + motion.name().toLowerCase(Locale.ROOT),
                        Text.of("Plan it {}", motion.name().toLowerCase(Locale.ROOT)),
                        entered(line).withMotion(motion)))
                .toList();
    }

    /** The kind that goes with the salinity. */
    public static List<Change> kindBySalinity(Line line) {
        double salinity = line.rig().outing().water().salinity().value();
        WaterKind kind = kindOf(salinity);
        return List.of(change(
                line,
                "kind." + kind.name().toLowerCase(Locale.ROOT),
                Text.of("Call it {}", kind.words()),
                entered(line).withKind(kind)));
    }

    /** Of water with so much dissolved in it [g/kg]. */
    public static WaterKind kindOf(double salinity) {
        return salinity < BRACKISH_FROM ? WaterKind.FRESH : salinity < SEA_FROM ? WaterKind.BRACKISH : WaterKind.SEA;
    }
}
