package app.brightkeel.core.quantity;

/** What is too little to be anything but the rounding of sums. */
public final class Rounding {

    /** No length, rating or share of a rig is known to a billionth [m, or a share]. */
    public static final double NOISE = 1e-9;

    private Rounding() {}

    /** What is left of a limit, where what is nothing but rounding is nothing: exactly enough is enough. */
    public static double settled(double left) {
        return Math.abs(left) < NOISE ? 0 : left;
    }
}
