package app.brightkeel.core;

import java.util.List;
import java.util.stream.IntStream;

/** How much of what is many a run of the tests looks at: a fifth, or all of it in {@code ./keel test long}. */
public final class Share {

    /** Whether all of it is looked at. */
    public static final boolean LONG = System.getenv("KEEL_LONG") != null;

    private static final int ONE_IN = 5;

    private Share() {}

    /** Of so many that are made at random. */
    public static int of(int all) {
        return LONG ? all : Math.max(1, all / ONE_IN);
    }

    /** Of a list: the first of it, and every fifth after. */
    public static <T> List<T> of(List<T> all) {
        return LONG
                ? all
                : IntStream.range(0, all.size())
                        .filter(i -> i % ONE_IN == 0)
                        .mapToObj(all::get)
                        .toList();
    }
}
