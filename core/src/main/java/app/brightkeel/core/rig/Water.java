package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The water a rig is planned for.
 *
 * @param motion         how the craft moves over it
 * @param style          how it is fished
 * @param leastM         shallowest that is fished, 0.2 to 1000 [m]; never assumed
 * @param typicalM       where most time is spent, 0.2 to 1000 [m]
 * @param mostM          deepest that is fished, 0.2 to 1000 [m]; never assumed
 * @param waterC         −2 to 40 [°C]
 * @param salinity       0 to 45 [g/kg]
 * @param displaySoundMs speed of sound the display reckons with, 1350 to 1600 [m/s]
 * @param fishM          how high above the bottom the fish stand that matter, 0.02 to 10 [m]
 * @param fishLengthM    of the fish that are wanted, 0.03 to 5 [m]
 * @param slopeDeg       steepest bottom that is fished, 0 to 60 [°]
 * @param logged         where was really fished
 * @param iceM           thickness of the ice as measured, 0.02 to 3 [m]; never assumed, and never judged as safe
 */
@RecordBuilder
public record Water(
        WaterKind kind,
        Season season,
        Motion motion,
        FishingStyle style,
        Figure leastM,
        Figure typicalM,
        Figure mostM,
        Figure waterC,
        Figure salinity,
        Figure displaySoundMs,
        Figure fishM,
        Figure fishLengthM,
        Figure slopeDeg,
        Figure iceM,
        Logged logged)
        implements WaterBuilder.With {

    private static final double SHALLOWEST_M = 0.2;
    private static final double DEEPEST_M = 1000;

    /** A water of which nothing is known yet. */
    public static final Water UNKNOWN = new Water(
            WaterKind.UNDECIDED,
            Season.UNDECIDED,
            Motion.UNDECIDED,
            FishingStyle.UNDECIDED,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Figure.UNSET,
            Logged.NOTHING);

    public Water {
        Figure.within("leastM", leastM, SHALLOWEST_M, DEEPEST_M, "m");
        Figure.within("typicalM", typicalM, SHALLOWEST_M, DEEPEST_M, "m");
        Figure.within("mostM", mostM, SHALLOWEST_M, DEEPEST_M, "m");
        Figure.within("waterC", waterC, -2, 40, "°C");
        Figure.within("salinity", salinity, 0, 45, "g/kg");
        Figure.within("displaySoundMs", displaySoundMs, 1350, 1600, "m/s");
        Figure.within("fishM", fishM, 0.02, 10, "m");
        Figure.within("fishLengthM", fishLengthM, 0.03, 5, "m");
        Figure.within("slopeDeg", slopeDeg, 0, 60, "°");
        Figure.within("iceM", iceM, 0.02, 3, "m");
    }

    /** A water known by its kind, season and depths. */
    public static Water of(WaterKind kind, Season season, Motion motion, double leastM, double mostM) {
        return UNKNOWN.withKind(kind)
                .withSeason(season)
                .withMotion(motion)
                .withLeastM(Figure.chosen(leastM))
                .withMostM(Figure.chosen(mostM));
    }
}
