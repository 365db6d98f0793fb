package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What a transducer's lead ends in.
 *
 * @param pins    1 to 40; open where nobody counted them, and then nothing is said of it
 * @param version of the elements behind it
 * @param adapters between it and the display, from the plug on, one after the other
 * @param tag     ring or colour by which it is told from another plug, "" without one
 */
@RecordBuilder
public record Plug(Figure pins, SonarVersion version, List<Adapter> adapters, String tag) implements PlugBuilder.With {

    public static final Plug UNKNOWN = new Plug(Figure.UNSET, SonarVersion.UNDECIDED, List.of(), "");

    /** More of them nobody plugs together. */
    private static final int MOST_ADAPTERS = 4;

    /** Without a tag. */
    public Plug(Figure pins, SonarVersion version, List<Adapter> adapters) {
        this(pins, version, adapters, "");
    }

    public Plug {
        Figure.within("pins", pins, 1, 40, "pins");
        adapters = Checks.atMost("adapters", MOST_ADAPTERS, adapters);
        Checks.text("tag", tag);
    }

    /** Pins that reach the display's socket; open where they are not known. */
    public Figure pinsAtDisplay() {
        return adapters.isEmpty() ? pins : adapters.get(adapters.size() - 1).toPins();
    }
}
