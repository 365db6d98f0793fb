package app.brightkeel.core.enclosure;

import java.util.List;

/** What decides whether the packs fit. */
public record FitNeeds(List<Housed> housed) {

    /** How a pack may be turned. */
    public enum Lie {
        ANY,
        UPRIGHT,
        ON_SIDE
    }

    public FitNeeds {
        housed = List.copyOf(housed);
    }

    /**
     * One pack in its room.
     *
     * @param plugM   what its terminals and plug need above it
     * @param lie     which ways it may be turned
     */
    public record Housed(
            String pack, String name, Box outside, double plugM, Lie lie, String station, String place, Box room) {}
}
