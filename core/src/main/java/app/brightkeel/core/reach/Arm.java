package app.brightkeel.core.reach;

import app.brightkeel.core.rig.Assumptions;
import app.brightkeel.core.rig.Hand;

/**
 * How far the hand goes, in plan from the middle of the seat.
 *
 * <p>For a person of 1.75 m 0.70 m at ease, 0.85 m stretched and about 1.1 m ahead when leaning, and in proportion for
 * others; common practice, no source.
 *
 * @param tallM body height, 1 to 2.3 [m]
 */
record Arm(double tallM) {

    private static final double AT_EASE_M = 0.70;
    private static final double STRETCHED_M = 0.85;
    private static final double LEANING_M = 1.10;

    /** Leaning helps within so much of ahead [rad]. */
    private static final double AHEAD_RAD = Math.toRadians(60);

    /** How far the shoulders come to the side when a person turns [m]; common practice, no source. */
    private static final double TURNED_M = 0.15;

    double atEaseM() {
        return AT_EASE_M * tallM / Assumptions.BODY_M;
    }

    double stretchedM() {
        return STRETCHED_M * tallM / Assumptions.BODY_M;
    }

    double leaningM() {
        return LEANING_M * tallM / Assumptions.BODY_M;
    }

    /**
     * How far beyond the hand something is, negative within reach [m].
     *
     * @param aheadM of the seat
     * @param rightM of the centre line
     * @param hand   the working hand; where nothing is said the nearer one
     */
    double beyondM(Posture posture, double aheadM, double rightM, Hand hand) {
        double away = Math.hypot(aheadM, rightM);
        int side = hand == Hand.UNDECIDED ? (rightM < 0 ? -1 : 1) : hand.side();
        return switch (posture) {
            case UPRIGHT -> away - stretchedM();
            case LEANING -> away - (Math.abs(Math.atan2(rightM, aheadM)) <= AHEAD_RAD ? leaningM() : stretchedM());
            case SIDEWAYS -> Math.hypot(aheadM, rightM - side * TURNED_M) - stretchedM();
            // one hand holds the net: the other does not stretch
            case LANDING -> away - atEaseM();
        };
    }
}
