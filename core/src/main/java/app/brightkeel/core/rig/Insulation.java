package app.brightkeel.core.rig;

/** Temperature class of a wire's insulation. */
public enum Insulation {
    C60(60),
    C105(105);

    private final int celsius;

    Insulation(int celsius) {
        this.celsius = celsius;
    }

    public int celsius() {
        return celsius;
    }
}
