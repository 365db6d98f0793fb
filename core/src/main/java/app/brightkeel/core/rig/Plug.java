package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What a transducer's lead ends in.
 *
 * @param pins    1 to 40; open where nobody counted them, and then nothing is said of it
 * @param version of the elements behind it
 * @param adapter between it and the display
 */
@RecordBuilder
public record Plug(Figure pins, SonarVersion version, Adapter adapter) implements PlugBuilder.With {

    public static final Plug UNKNOWN = new Plug(Figure.UNSET, SonarVersion.UNDECIDED, Adapter.NONE);

    public Plug {
        Figure.within("pins", pins, 1, 40, "pins");
    }

    /** Pins that reach the display's socket; open where they are not known. */
    public Figure pinsAtDisplay() {
        return adapter.there() ? adapter.toPins() : pins;
    }
}
