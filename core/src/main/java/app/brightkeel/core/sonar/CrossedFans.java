package app.brightkeel.core.sonar;

/**
 * Two live fans that look straight down from one place and are turned against each other: both see what is in the
 * lozenge they share, a square where they cross at right angles.
 *
 * @param acrossRad small angle of both, above 0 and below π
 * @param turnRad   between them, above 0 to π/2
 */
public record CrossedFans(double acrossRad, double turnRad) {

    public CrossedFans {
        if (!(turnRad > 0 && turnRad <= Math.PI / 2)) {
            throw new IllegalArgumentException("fans turned by " + turnRad + " rad do not cross");
        }
    }

    /** Distance between opposite sides of what both see at a range [m]. */
    public double widthM(double rangeM) {
        return 2 * rangeM * Math.tan(acrossRad / 2);
    }

    /** Area of it [m²]. */
    public double areaM2(double rangeM) {
        double width = widthM(rangeM);
        return width * width / Math.sin(turnRad);
    }

    /** Its longer diagonal: how far off the middle a fish may stand and yet be in both, twice [m]. */
    public double longestM(double rangeM) {
        return widthM(rangeM) / Math.sin(turnRad / 2);
    }
}
