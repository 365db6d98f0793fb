package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;

/**
 * What closes an opening round the cables in it.
 *
 * <p>Holes and what fits through: 25.4 mm for the body of a standard cable fitting, 15.9 mm for a small rubber grommet;
 * common practice, no source.
 */
public enum PassThrough implements Worded {
    UNDECIDED("nothing decided", 0, true, false),
    NONE("nothing", 0, true, false),
    GROMMET("rubber grommet", 0.0159, true, false),
    SPLIT_GROMMET("split grommet", 0, true, false),
    CABLE_FITTING("cable fitting with a cap", 0.0254, true, true),
    DOUBLE_FITTING("cable fitting for two", 0.0254, true, true),
    PANEL_PLUG("plug in the panel", 0.0222, false, true);

    private final String words;
    private final double holeM;
    private final boolean plugPasses;
    private final boolean nut;

    PassThrough(String words, double holeM, boolean plugPasses, boolean nut) {
        this.words = words;
        this.holeM = holeM;
        this.plugPasses = plugPasses;
        this.nut = nut;
    }

    @Override
    public String words() {
        return words;
    }

    /** Hole its body wants [m]; 0 where it is cut to the cables. */
    public double holeM() {
        return holeM;
    }

    /** Whether the plug has to go through the hole: a split grommet fills it behind, a plug in the panel takes its place. */
    public boolean plugPasses() {
        return plugPasses;
    }

    /** Whether it is tightened by a nut from behind. */
    public boolean nut() {
        return nut;
    }

    /** Most cables it takes. */
    public int cables() {
        return switch (this) {
            case CABLE_FITTING, PANEL_PLUG -> 1;
            case DOUBLE_FITTING -> 2;
            default -> Integer.MAX_VALUE;
        };
    }

    /** Whether it is a thing to have on hand. */
    public boolean bought() {
        return this != UNDECIDED && this != NONE;
    }
}
