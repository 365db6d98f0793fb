package app.brightkeel.core.enclosure;

import java.util.List;

/** What decides whether the packs fit. */
public record FitNeeds(List<Housed> housed) {

    public FitNeeds {
        housed = List.copyOf(housed);
    }

    /**
     * One pack in its room.
     *
     * @param plugM   what its terminals and plug need above it
     * @param upright whether it may not lie on its side
     */
    public record Housed(
            String pack,
            String name,
            Box outside,
            double plugM,
            boolean upright,
            String station,
            String place,
            Box room) {}
}
