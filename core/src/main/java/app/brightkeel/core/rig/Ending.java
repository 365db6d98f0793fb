package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What one end of a lead, a pack or a charger offers to be joined to. Whatever is left open is not judged.
 *
 * @param terminal how it is made
 * @param half     which side of a plug it is; of no use for terminals
 * @param pins     of a plug, 1 to 40
 * @param acrossM  largest width of it, as it passes a hole, 0.002 to 0.1 [m]
 */
@RecordBuilder
public record Ending(Terminal terminal, Half half, Figure pins, Figure acrossM) implements EndingBuilder.With {

    public static final Ending UNKNOWN = new Ending(Terminal.UNDECIDED, Half.UNDECIDED, Figure.UNSET, Figure.UNSET);

    public Ending {
        Figure.within("pins", pins, 1, 40, "pins");
        Figure.within("acrossM", acrossM, 0.002, 0.1, "m");
    }

    /** How an end is made. Tabs and posts are a pack's; what is crimped to a wire bears the name of what it goes on. */
    public enum Terminal implements Worded {
        UNDECIDED("not known", false),
        QUICK_PLUG("quick plug", true),
        SCREW_RING_PLUG("plug with a screw ring", true),
        ACCESSORY_PLUG("12 V accessory plug", true),
        TAB_4_8("4.8 mm tab", false),
        TAB_6_3("6.3 mm tab", false),
        POST("post with a ring", false),
        FORK("fork under a screw", false),
        CLIP("spring clip", false),
        BARE("bare wire", false),
        BUTT("sealed butt splice", false);

        private final String words;
        private final boolean plug;

        Terminal(String words, boolean plug) {
            this.words = words;
            this.plug = plug;
        }

        @Override
        public String words() {
            return words;
        }

        /** Whether it has two unlike halves. */
        public boolean plug() {
            return plug;
        }
    }

    /** Which half of a plug. */
    public enum Half implements Worded {
        UNDECIDED("not known"),
        SHROUDED("shrouded half"),
        OPEN_PINS("open-pin half");

        private final String words;

        Half(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }

        /** The half that goes with it. */
        public Half other() {
            return switch (this) {
                case UNDECIDED -> UNDECIDED;
                case SHROUDED -> OPEN_PINS;
                case OPEN_PINS -> SHROUDED;
            };
        }
    }

    /** An end whose pins and width nobody measured. */
    public static Ending of(Terminal terminal, Half half) {
        return new Ending(terminal, half, Figure.UNSET, Figure.UNSET);
    }

    /** The end that this one is joined to. */
    public Ending mate() {
        return withHalf(half.other());
    }

    /** Whether enough is known of both to say if they go together. */
    public boolean comparable(Ending other) {
        boolean terminals = terminal != Terminal.UNDECIDED && other.terminal != Terminal.UNDECIDED;
        return terminals && (!alike(other) || !terminal.plug || half != Half.UNDECIDED && other.half != Half.UNDECIDED);
    }

    /** Whether they go together; only where {@link #comparable}. A spring clip and a bare end hold on to any terminal. */
    public boolean mates(Ending other) {
        if (!alike(other)) {
            return holdsOn(other) || other.holdsOn(this);
        }
        boolean samePins = !pins.isSet() || !other.pins.isSet() || pins.value() == other.pins.value();
        return !terminal.plug || half != other.half && samePins;
    }

    private boolean alike(Ending other) {
        return terminal == other.terminal;
    }

    private boolean holdsOn(Ending other) {
        return (terminal == Terminal.CLIP || terminal == Terminal.BARE) && !other.terminal.plug();
    }

    /** For sentences: "quick plug, shrouded half". */
    public String words() {
        return terminal.plug && half != Half.UNDECIDED ? terminal.words() + ", " + half.words() : terminal.words();
    }
}
