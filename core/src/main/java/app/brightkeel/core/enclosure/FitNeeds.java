package app.brightkeel.core.enclosure;

import java.util.List;

/** What decides whether the packs fit. */
public record FitNeeds(List<Housed> housed) {

    public FitNeeds {
        housed = List.copyOf(housed);
    }

    /** One pack in its room; {@code plugM} is what its terminals and plug need above it. */
    public record Housed(String pack, String name, Box outside, double plugM, String station, String place, Box room) {}
}
