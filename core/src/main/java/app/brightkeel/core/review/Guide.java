package app.brightkeel.core.review;

import java.util.ArrayList;
import java.util.List;

/**
 * A first pass through a rig in the order in which practitioners decide: use, sonar, mount, loads, battery, wiring,
 * routing, layout. Advice only: every link stays open to whoever wants to begin elsewhere.
 */
public final class Guide {

    /**
     * One step.
     *
     * @param link     where it is answered
     * @param question that it answers
     * @param state    how far it is
     */
    public record Step(Link link, String question, State state) {}

    /** How far a step is. */
    public enum State {
        OPEN,
        ANSWERED
    }

    private record Asked(Link link, String question) {}

    private static final List<Asked> ORDER = List.of(
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

    /** The steps with how far each is, from the links of a review. */
    public static List<Step> of(List<LinkState> links) {
        List<Step> steps = new ArrayList<>();
        for (Asked asked : ORDER) {
            steps.add(new Step(
                    asked.link(), asked.question(), state(links.get(asked.link().ordinal()))));
        }
        return List.copyOf(steps);
    }

    private static State state(LinkState link) {
        return link instanceof LinkState.Open ? State.OPEN : State.ANSWERED;
    }
}
