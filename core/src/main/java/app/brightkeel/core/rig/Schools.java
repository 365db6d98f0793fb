package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Preferences where practitioners differ: they shift advice, they never fail a rig.
 *
 * @param fusing   one labelled block, or a fuse on each lead
 * @param drilling what may be drilled
 * @param post     which side posts, poles and screens stand on
 * @param screen   beside the seat, or ahead on the centre line
 * @param battery  one that stays in its craft, or one that goes from craft to craft
 */
@RecordBuilder
public record Schools(Fusing fusing, Drilling drilling, Screen screen, Post post, Battery battery)
        implements SchoolsBuilder.With {

    public static final Schools UNDECIDED =
            new Schools(Fusing.UNDECIDED, Drilling.UNDECIDED, Screen.UNDECIDED, Post.UNDECIDED, Battery.UNDECIDED);

    /** Whether the battery stays in its craft. */
    public enum Battery implements Worded {
        UNDECIDED("no preference"),
        FIXED("a battery that stays aboard"),
        SHUTTLE("a battery that goes from craft to craft");

        private final String words;

        Battery(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How branches are fused. */
    public enum Fusing implements Worded {
        UNDECIDED("no preference"),
        IN_LINE("a fuse on each lead"),
        BLOCK("one labelled block");

        private final String words;

        Fusing(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What may be drilled; a hole below the waterline is a matter of safety until it is chosen here. */
    public enum Drilling implements Worded {
        UNDECIDED("no preference"),
        NO_DRILL("no drilling"),
        ABOVE_WATERLINE("holes above the waterline"),
        BELOW_WATERLINE("holes below the waterline too");

        private final String words;

        Drilling(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Which side posts, poles and screens stand on. */
    public enum Post implements Worded {
        UNDECIDED("no preference"),
        AT_HAND("on the side of the working hand"),
        ROD_SIDE_FREE("that side kept free for the rod");

        private final String words;

        Post(String words) {
            this.words = words;
        }

        /** The side that posts and screens then stand on: 1 right, −1 left, 0 where hand or school are not said. */
        public int side(Hand hand) {
            return switch (this) {
                case UNDECIDED -> 0;
                case AT_HAND -> hand.side();
                case ROD_SIDE_FREE -> -hand.side();
            };
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Where the display stands. */
    public enum Screen implements Worded {
        UNDECIDED("no preference"),
        SIDE("beside the seat"),
        FORWARD("ahead, on the centre line");

        private final String words;

        Screen(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }
}
