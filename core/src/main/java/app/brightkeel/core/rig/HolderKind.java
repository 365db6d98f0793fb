package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/** What holds a display. */
public enum HolderKind implements Worded {
    GIMBAL("gimbal"),
    CRADLE("cradle"),
    BALL_ARM("ball with an arm"),
    JAW_CLAMP("jaw clamp"),
    HANDLE_CLAMP("handle clamp"),
    FOOT("foot in a track"),
    DRILLED_BASE("drilled base"),
    FRAME("frame over a container"),
    CARRIER("carrier");

    private final String words;

    HolderKind(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
