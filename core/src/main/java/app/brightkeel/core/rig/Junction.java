package app.brightkeel.core.rig;

import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A named point where segments meet.
 *
 * @param ways     branches it has room for, 1 to 40; open where nobody counted
 * @param labelled whether each way says what it feeds
 */
@RecordBuilder
public record Junction(String id, String name, Meeting sort, Figure ways, boolean labelled)
        implements JunctionBuilder.With {

    /** How it is made. */
    public enum Meeting implements Worded {
        UNDECIDED("not known"),
        SPLITTER("Y-splitter"),
        BLOCK("fuse block"),
        SWITCHED("switched accessory harness"),
        BUSBAR("busbar"),
        PLUG_POINT("keyed plug");

        private final String words;

        Meeting(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A point of which only the name is known. */
    public Junction(String id, String name) {
        this(id, name, Meeting.UNDECIDED, Figure.UNSET, false);
    }

    public Junction {
        Checks.id("id", id);
        Checks.name("name", name);
        Figure.within("ways", ways, 1, 40, "ways");
    }
}
