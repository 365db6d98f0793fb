package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What carries the rig. */
public enum CraftKind implements Worded {
    UNDECIDED("not decided"),
    SIT_ON_TOP("sit-on-top paddle kayak"),
    PEDAL_KAYAK("pedal kayak"),
    MOTOR_KAYAK("motor-console kayak"),
    SIT_INSIDE("sit-inside kayak"),
    CANOE("canoe"),
    INFLATABLE("inflatable"),
    BOARD("board"),
    FLAT_BOTTOM_BOAT("flat-bottom boat"),
    ICE_WALK_OUT("sled or bucket on ice");

    private final String words;

    CraftKind(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

    /** Where lengths along it begin: nobody looks for the bow of a bucket. */
    public String front() {
        return onIce() ? "from the front edge" : "from the bow";
    }

    public boolean onIce() {
        return this == ICE_WALK_OUT;
    }
}
