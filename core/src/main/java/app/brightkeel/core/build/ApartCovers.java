package app.brightkeel.core.build;

import app.brightkeel.core.rig.Closure;
import app.brightkeel.core.rig.ClosureKind;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiPredicate;

/** What lies over that which comes off: opened before, shut again after. */
final class ApartCovers {

    private final Rig rig;
    private final Gathered gathered;
    private final List<Closure> opened = new ArrayList<>();

    ApartCovers(Rig rig, Gathered gathered) {
        this.rig = rig;
        this.gathered = gathered;
    }

    /** Straps among them, each opened and tightened once. */
    int straps() {
        return (int)
                opened.stream().filter(each -> each.kind() == ClosureKind.STRAP).count();
    }

    /** Opens what lies over a part before steps about it. */
    void open(String part, String... before) {
        String station = rig.stationOf(part);
        for (Closure each : rig.fitOut().closures()) {
            if (each.parts().contains(part) || each.stations().contains(station)) {
                String open = open(each);
                for (String step : before) {
                    first(open, step, each);
                }
            }
        }
    }

    private String open(Closure each) {
        String id = StepKind.OPEN.of(each.id());
        if (!gathered.has(id)) {
            opened.add(each);
            gathered.add(ClosureSteps.off(rig, each).minutes(ClosureSteps.handMin(rig, each)));
            gathered.need(StepKind.OFF.of(ApartWriter.RIG), id, Need.Sort.ORDER, "power off first", 0);
            for (Closure over : rig.fitOut().closures()) {
                if (said(over, each) || usual(over, each)) {
                    open(over);
                }
            }
        }
        return id;
    }

    private static boolean said(Closure over, Closure under) {
        return over.parts().contains(under.id());
    }

    private static boolean usual(Closure over, Closure under) {
        return ClosureSteps.closing(over).over(ClosureSteps.closing(under));
    }

    /** The outer before the inner: as was said part by part, and where that leaves it open as they usually lie. */
    void nest() {
        nest(ApartCovers::said);
        nest(ApartCovers::usual);
    }

    private void nest(BiPredicate<Closure, Closure> lies) {
        for (Closure over : opened) {
            for (Closure under : opened) {
                String outer = StepKind.OPEN.of(over.id());
                String inner = StepKind.OPEN.of(under.id());
                if (lies.test(over, under)
                        && !new Ancestors(gathered.needs()).of(outer).contains(inner)) {
                    first(outer, inner, over);
                }
            }
        }
    }

    /** Shuts all of it again, the inner before the outer, once these steps are done. */
    void shut(List<String> done) {
        nest();
        for (Closure each : opened) {
            String shut = gathered.add(ClosureSteps.on(rig, each, true).minutes(ClosureSteps.handMin(rig, each)));
            done.forEach(
                    step -> gathered.need(step, shut, Need.Sort.CLOSES, "the " + each.name() + " shuts it away", 0));
        }
        for (Closure outer : opened) {
            for (Closure inner : opened) {
                if (gathered.waits(StepKind.OPEN.of(outer.id()), StepKind.OPEN.of(inner.id()))) {
                    gathered.need(
                            StepKind.SHUT.of(inner.id()),
                            StepKind.SHUT.of(outer.id()),
                            Need.Sort.CLOSES,
                            "the " + inner.name() + " lies under the " + outer.name(),
                            0);
                }
            }
        }
    }

    private void first(String open, String step, Closure over) {
        gathered.need(open, step, Need.Sort.ORDER, "the " + over.name() + " is over it", 0);
    }
}
