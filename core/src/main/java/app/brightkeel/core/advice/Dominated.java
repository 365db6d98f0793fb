package app.brightkeel.core.advice;

import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Size;
import java.util.List;

/** Items that another of their sort beats in all that any rule or measure looks at: no rig is better with one. */
final class Dominated {

    private Dominated() {}

    /** The others, in their order. */
    static List<Pack> without(List<Pack> all) {
        return all.stream()
                .filter(each -> all.stream().noneMatch(other -> other != each && beats(other, each)))
                .toList();
    }

    /** No larger, no heavier and no dearer, and it gives as much; of two alike neither beats the other. */
    static boolean beats(Pack one, Pack other) {
        return one.chemistry() == other.chemistry()
                && !one.size().equals(other.size())
                && most(one.capacityAh(), other.capacityAh())
                && most(one.maxDischargeA(), other.maxDischargeA())
                && most(other.massKg(), one.massKg())
                && most(other.label().price(), one.label().price())
                && smaller(one.size(), other.size());
    }

    private static boolean smaller(Size one, Size other) {
        return most(other.deepM(), one.deepM()) && most(other.wideM(), one.wideM()) && most(other.tallM(), one.tallM());
    }

    private static boolean most(Figure one, Figure other) {
        return one.isSet() && other.isSet() && one.value() >= other.value();
    }
}
