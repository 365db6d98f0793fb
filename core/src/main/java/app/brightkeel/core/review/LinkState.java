package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import java.util.List;

/** How one link stands. */
public sealed interface LinkState {

    Link link();

    Verdict verdict();

    /**
     * @param number the one that matters, with its unit
     * @param margin least headroom of its rules, 0 to 1; from 0.15 comfortable
     */
    record Judged(Link link, Verdict verdict, Text number, double margin) implements LinkState {}

    /**
     * Not judged, without number or margin.
     *
     * @param why      in words
     * @param pointers what would have to be given; not empty
     */
    record Open(Link link, Text why, List<String> pointers) implements LinkState {
        @Override
        public Verdict verdict() {
            return Verdict.UNSET;
        }
    }
}
