package app.brightkeel.core.review;

import java.util.List;

/**
 * A first pass through a rig in the order in which practitioners decide: use, sonar, mount, loads, battery, wiring,
 * routing, layout. Advice only: every link stays open to whoever wants to begin elsewhere.
 */
public final class Guide {

    /** What is asked on a link. */
    public record Asked(Link link, String question) {}

    /** All of it, in order. */
    public static final List<Asked> ORDER = List.of(
            new Asked(Link.WATER, "Which water, how deep, which season?"),
            new Asked(Link.TRANSDUCER, "Which transducer shows what you need at that depth?"),
            new Asked(Link.MOUNT, "Where does it sit so that it sees water and comes off?"),
            new Asked(Link.SCREEN, "What draws current, and for how much of the day?"),
            new Asked(Link.BATTERY, "Which battery lasts that day?"),
            new Asked(Link.WIRE, "Which wire, how long, from where to where?"),
            new Asked(Link.FUSE, "Which fuse, and how near the battery?"),
            new Asked(Link.CABLE, "How does each cable get there?"),
            new Asked(Link.CARRY, "What sits where, and does it stay upright?"));

    private Guide() {}
}
