package app.brightkeel.core.route;

/** What a cable is left longer than its way, so that it can be lived with. */
public final class Slack {

    /** Loop at the plug, so that it can be pulled; common practice, no source [m]. */
    public static final double SERVICE_LOOP_M = 0.30;

    /** How far it hangs before it goes over a hatch lip, so that water drips off; common practice, no source [m]. */
    public static final double DRIP_LOOP_M = 0.10;

    private Slack() {}
}
