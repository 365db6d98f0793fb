package app.brightkeel.core.protection;

import java.util.List;

/**
 * Every fuse of the harness judged by what it must do.
 *
 * @param fuses     in the order in which they are met from the packs
 * @param bareDevices places of devices that some pack feeds through no fuse at all
 * @param guards    for each device of the rig the place in {@code fuses} of the fuse nearest to it, −1 without one
 * @param guardA    what that one lets through, with those of batteries that are joined before the device [A]; 0 without one
 */
public record ProtectionState(
        List<FuseDuty> fuses, List<Integer> bareDevices, List<Integer> guards, List<Double> guardA) {

    /**
     * What one fuse has to do.
     *
     * @param segment      place of its segment in the harness
     * @param fitting      place of it in the segment
     * @param breakingA    largest current it breaks [A]
     * @param breakingV    highest volts it breaks them at [V]
     * @param sourceV      of a full pack that feeds it, the highest [V]
     * @param loadA        everything behind it on, at the lowest volts its makers permit [A]
     * @param startA       the same while the one starts that draws most more [A]
     * @param sourceShortA what all batteries before it drive into a short right behind it [A]
     * @param breaksA      largest current it may have to break: that, or what batteries joined behind it drive back [A]
     * @param zone         the wire it protects
     * @param place        where it sits
     * @param devices      places of the devices for which it is the nearest fuse
     * @param behind       places of all devices behind it
     */
    public record FuseDuty(
            String id,
            String name,
            int segment,
            int fitting,
            double ratingA,
            double breakingA,
            double breakingV,
            double sourceV,
            double loadA,
            double startA,
            double sourceShortA,
            double breaksA,
            Zone zone,
            Place place,
            List<Integer> devices,
            List<Integer> behind) {}

    /**
     * The wire between a fuse and the next ones, or the devices.
     *
     * @param ampacityA    of the wire that is thinnest for what passes it [A]
     * @param thinnest     place of that segment
     * @param letsA        what passes it: the fuse's rating, with those of batteries that are joined before it [A]
     * @param farShortA    smallest current through this fuse of a short circuit at a far end [A]
     * @param withstandA2s what the weakest wire stands while the fuse opens [A²s]
     * @param weakest      place of that segment
     * @param letThrough   where the fuse lets the most through
     */
    public record Zone(
            double ampacityA,
            int thinnest,
            double letsA,
            double farShortA,
            double withstandA2s,
            int weakest,
            LetThrough letThrough) {}

    /**
     * Where a fuse sits.
     *
     * @param first     whether it is the first one met from a pack
     * @param distanceM along the conductor from the pack's terminal [m]
     * @param sheathed  whether all wire between the terminal and it lies in a sheath or enclosure
     * @param direct    whether it is fed from the terminal itself, not over a plug or another point
     * @param upstream  place in the list of the next fuse towards the pack, −1 where there is none
     */
    public record Place(boolean first, double distanceM, boolean sheathed, boolean direct, int upstream) {

        /** Where a fuse is put: near enough for every case, far enough for a hand [m]; common practice, no source. */
        public static final double PUT_M = 0.10;

        /** How far the fuse may sit without a sheath: 7 in. */
        public static final double BARE_M = 0.178;

        /** How far within a sheath, joined directly to the terminal: 72 in. */
        public static final double SHEATHED_M = 1.83;

        /** The same where it is fed over a plug or from another point: 40 in. */
        public static final double SHEATHED_ELSEWHERE_M = 1.02;

        /**
         * Longest way from the battery [m], ABYC E-11: 7 in; where sheathed over the whole length 72 in from the terminal,
         * 40 in from any other point (from memory).
         */
        public double allowedM() {
            if (!sheathed) {
                return BARE_M;
            }
            return direct ? SHEATHED_M : SHEATHED_ELSEWHERE_M;
        }
    }

    /**
     * The short for which a fuse lets the most heat through before it opens, at the slow edge of its band.
     *
     * @param amps    of that short [A]; 0 where none within the range opens it in the time the formula holds
     * @param seconds until it opens [s]
     */
    public record LetThrough(double amps, double seconds) {

        static final LetThrough NONE = new LetThrough(0, 0);

        /** [A²s] */
        public double a2s() {
            return amps * amps * seconds;
        }
    }

    /** Of the first fuses the one that sits farthest out for what is allowed; the first of all if there is none. */
    public FuseDuty main() {
        return fuses.stream()
                .filter(duty -> duty.place().first())
                .max(java.util.Comparator.comparingDouble(
                        duty -> duty.place().distanceM() / duty.place().allowedM()))
                .orElseGet(() -> fuses.get(0));
    }
}
