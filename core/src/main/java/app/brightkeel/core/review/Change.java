package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * A named change of a rig: a cure, or an alternative to compare.
 *
 * @param id     says what is changed to what, the same for the same rig: {@code battery.take.pack.lifepo4-10}; stands in an
 *               address as it is: letters, digits and {@code . - _ ~}
 * @param ladder what it is one size of, where sizes are offered smallest first and one that is enough is enough;
 *               "" where it stands alone
 * @param after  the whole rig after it
 */
public record Change(String id, String ladder, Text label, Effort effort, Rig after) {

    private static final Set<RefusalCode> CANNOT_BE =
            Set.of(RefusalCode.TOO_MANY, RefusalCode.OUT_OF_RANGE, RefusalCode.LOOP);

    /** Stands between the ids of changes that are made one after the other. */
    public static final String AND = "~";

    /** One that stands alone. */
    public Change(String id, Text label, Effort effort, Rig after) {
        this(id, "", label, effort, after);
    }

    /**
     * A change, where the rig after it can be one: none where a list of it would hold more than it may, a point more ways, or
     * wires would close a circle. What is refused when it is asked for is not offered.
     */
    public static Stream<Change> possible(Supplier<Change> made) {
        return unlessFull(made).stream();
    }

    /** The same of anything that is made of a rig with more in it. */
    public static <T> Optional<T> unlessFull(Supplier<T> made) {
        try {
            return Optional.of(made.get());
        } catch (Refusal refused) {
            if (!CANNOT_BE.contains(refused.code())) {
                throw refused;
            }
            return Optional.empty();
        }
    }

    /** This one, then another that starts from the rig after it. */
    public Change and(Change next) {
        Effort most = effort.compareTo(next.effort) < 0 ? next.effort : effort;
        return new Change(id + AND + next.id, Text.of("{}, then: {}", label, next.label), most, next.after);
    }

    /** What a change does to one link. */
    public record Effect(Link link, LinkState before, LinkState after) {}

    /** @param before and {@code after}: of every link, in order */
    public static List<Effect> moved(List<LinkState> before, List<LinkState> after) {
        List<Effect> moved = new ArrayList<>();
        for (Link link : Link.values()) {
            Effect effect = new Effect(link, before.get(link.ordinal()), after.get(link.ordinal()));
            if (!effect.before().equals(effect.after())) {
                moved.add(effect);
            }
        }
        return moved;
    }
}
