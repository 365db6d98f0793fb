package app.brightkeel.core.protection;

import java.util.List;

/**
 * Every fuse of the harness judged by what it must do.
 *
 * @param fuses     in the order in which they are met from the packs
 * @param bareDevices places of devices that some pack feeds through no fuse at all
 * @param guards    for each device of the rig the place in {@code fuses} of the fuse nearest to it, −1 without one
 */
public record ProtectionState(List<FuseDuty> fuses, List<Integer> bareDevices, List<Integer> guards) {

    /**
     * What one fuse has to do.
     *
     * @param segment      place of its segment in the harness
     * @param fitting      place of it in the segment
     * @param loadA        everything behind it on, at the lowest volts its makers permit [A]
     * @param ampacityA    of the thinnest wire it protects [A]
     * @param thinnest     place of that segment
     * @param farShortA    smallest current of a short circuit at a far end of what it protects [A]
     * @param sourceShortA largest current it may have to break [A]
     * @param first        whether it is the first one met from a pack
     * @param distanceM    along the conductor from the pack's terminal [m]
     * @param sheathed     whether all wire between the terminal and it lies in a sheath or enclosure
     * @param devices      places of the devices for which it is the nearest fuse
     * @param behind       places of all devices behind it
     * @param direct       whether it is fed from the terminal itself, not over a plug or another point
     * @param upstream     place in the list of the next fuse towards the pack, −1 where there is none
     * @param withstandA2s what the weakest wire it protects stands while it opens [A²s]
     * @param weakest      place of that segment
     * @param letThrough   where it lets the most through
     * @param startA       everything behind it on while the one starts that draws most more, at the lowest volts [A]
     */
    public record FuseDuty(
            String id,
            String name,
            int segment,
            int fitting,
            double ratingA,
            double breakingA,
            double loadA,
            double ampacityA,
            int thinnest,
            double farShortA,
            double sourceShortA,
            boolean first,
            double distanceM,
            boolean sheathed,
            List<Integer> devices,
            List<Integer> behind,
            boolean direct,
            int upstream,
            double withstandA2s,
            int weakest,
            LetThrough letThrough,
            double startA) {

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

        /** How far the fuse may sit without a sheath: 7 in. */
        public static final double BARE_M = 0.178;

        /** How far within a sheath, joined directly to the terminal: 72 in. */
        public static final double SHEATHED_M = 1.83;

        /** The same where it is fed over a plug or from another point: 40 in. */
        public static final double SHEATHED_ELSEWHERE_M = 1.02;
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
                .filter(FuseDuty::first)
                .max(java.util.Comparator.comparingDouble(duty -> duty.distanceM() / duty.allowedM()))
                .orElseGet(() -> fuses.get(0));
    }
}
