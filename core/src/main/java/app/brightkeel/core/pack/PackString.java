package app.brightkeel.core.pack;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * One source of the harness: a pack, or packs in series.
 *
 * @param members the one the wire leaves from first; at least one
 */
public record PackString(List<PackModel> members) {

    /** Nothing is quite without resistance [Ω]. */
    private static final double LEAST_OHM = 1e-6;

    public PackString {
        members = List.copyOf(members);
    }

    /** Id of the pack the wire leaves from. */
    public String id() {
        return members.get(0).id();
    }

    /** Something of each member in series, added up. */
    public double sum(ToDoubleFunction<PackModel> each) {
        double sum = 0;
        for (PackModel member : members) {
            sum += each.applyAsDouble(member);
        }
        return sum;
    }

    /** Least of something of each member: what the string can give of what all must give. */
    public double least(ToDoubleFunction<PackModel> each) {
        return members.stream().mapToDouble(each).min().orElseThrow();
    }

    /**
     * The most a short circuit can draw: full, warm, the electronics failed closed [A].
     *
     * @param ohm of the wire to the short [Ω]
     */
    public double fullShortA(double ohm) {
        return sum(pack -> pack.restVolts(1)) / Math.max(sum(PackModel::leastOhm) + ohm, LEAST_OHM);
    }

    /** The least it draws: nearly empty and as cold as it is, over all the resistance on the way [A]. */
    public double emptyShortA(double ohm) {
        return sum(pack -> pack.restVolts(pack.emptyCharge()))
                / Math.max(sum(pack -> pack.ohm(pack.emptyCharge())) + ohm, LEAST_OHM);
    }

    /** Rest volts averaged over the charge that is used. */
    public double meanVolts() {
        return sum(PackModel::meanVolts);
    }

    /** Capacity on the day at the rated current [Ah]: that of the smallest. */
    public double availableAh() {
        return least(PackModel::availableAh);
    }
}
