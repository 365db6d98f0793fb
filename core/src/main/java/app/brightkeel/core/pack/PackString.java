package app.brightkeel.core.pack;

import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * One source of the harness: a pack, or packs in series.
 *
 * @param members the one the wire leaves from first; at least one
 */
public record PackString(List<PackModel> members) {

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

    /** Rest volts averaged over the charge that is used. */
    public double meanVolts() {
        return sum(PackModel::meanVolts);
    }

    /** Capacity on the day at the rated current [Ah]: that of the smallest. */
    public double availableAh() {
        return least(PackModel::availableAh);
    }
}
