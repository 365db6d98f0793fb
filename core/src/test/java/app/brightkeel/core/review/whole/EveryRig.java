package app.brightkeel.core.review.whole;

import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The rigs that a property has to hold for, whatever it is of. */
public final class EveryRig {

    private EveryRig() {}

    /** Demo rigs, rigs of the tests, the odd ones by which rules are triggered, every ready craft filled in. */
    public static List<Rig> written() {
        List<Rig> rigs = new ArrayList<>(DemoRigs.all());
        rigs.addAll(TestRigs.all());
        rigs.addAll(RuleTriggers.all().values());
        rigs.addAll(readyCrafts());
        return rigs;
    }

    /** Every ready craft, filled in. */
    public static List<Rig> readyCrafts() {
        return Catalogue.crafts().stream()
                .map(item -> Rig.blank("begun", item.craft().kind()).withCraft(item.craft()))
                .map(rig -> Comparison.find(Line.of(rig), "water.fill-in")
                        .map(Change::after)
                        .orElse(rig))
                .toList();
    }

    /** Some of them with things changed at random. */
    public static Stream<Rig> changed(long seed, int count) {
        return WholeRigs.from(seed).limit(count);
    }
}
