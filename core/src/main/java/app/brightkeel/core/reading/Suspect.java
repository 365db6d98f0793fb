package app.brightkeel.core.reading;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/**
 * What may be wrong.
 *
 * @param faults one, two together, or none where all is well
 * @param what   in words
 * @param likely how likely it is, 0 to 1, all suspects together at most 1
 * @param fix    what to do about it; no words where all is well
 * @param parts  ids of what is to be marked in the drawing
 */
public record Suspect(List<Fault> faults, Text what, double likely, List<Text> fix, List<String> parts) {

    public Suspect {
        faults = List.copyOf(faults);
        fix = List.copyOf(fix);
        parts = List.copyOf(parts);
    }
}
