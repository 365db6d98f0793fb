package app.brightkeel.core.enclosure;

import java.util.List;

/** What decides whether things fit where they are. */
public record FitNeeds(List<Housed> housed) {

    /** How a thing may be turned. */
    public enum Lie {
        ANY,
        UPRIGHT,
        ON_SIDE
    }

    public FitNeeds {
        housed = List.copyOf(housed);
    }

    /**
     * One thing in its room.
     *
     * @param item    id
     * @param outside with what its plugs need: on top of a battery, behind a device
     * @param lie     which ways it may be turned
     * @param kg      its mass; 0 where it is not known
     */
    public record Housed(
            String item, String name, Box outside, Lie lie, double kg, String station, String place, Box room) {}
}
