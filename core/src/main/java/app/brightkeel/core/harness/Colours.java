package app.brightkeel.core.harness;

import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Colours of plus and minus along the way from battery to device. */
public final class Colours {

    /** Of a pair where nobody said any. */
    private static final String USUAL = "red and black";

    private Colours() {}

    /**
     * Two pairs that meet where nothing says which is which.
     *
     * @param from the one on the battery's side
     */
    public record Meeting(Segment from, Segment to) {
        public boolean alike() {
            return written(from).equals(written(to));
        }
    }

    /** Every two pairs that meet at a point whose ways bear no labels. */
    public static List<Meeting> all(Rig rig) {
        Harness harness = rig.harness();
        List<Meeting> all = new ArrayList<>();
        for (Junction junction : harness.junctions()) {
            if (!junction.labelled()) {
                for (Segment from : harness.segments()) {
                    if (from.to().equals(junction.id())) {
                        harness.from(junction.id()).forEach(to -> all.add(new Meeting(from, to)));
                    }
                }
            }
        }
        return all;
    }

    /** As they are said: "red and black". */
    public static String words(Segment segment) {
        return segment.wire().colours().isEmpty() ? USUAL : segment.wire().colours();
    }

    /** Plus and minus, each by itself. */
    public static List<String> each(Segment segment) {
        return Arrays.stream(words(segment).split(" and |/|, "))
                .map(String::trim)
                .toList();
    }

    private static List<String> written(Segment segment) {
        return each(segment).stream()
                .map(colour -> colour.toLowerCase(Locale.ROOT))
                .toList();
    }
}
