package app.brightkeel.core.review.whole;

import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.battery.BatteryRules;
import app.brightkeel.core.review.cable.CableRules;
import app.brightkeel.core.review.carry.CarryRules;
import app.brightkeel.core.review.fuse.FuseRules;
import app.brightkeel.core.review.mount.MountRules;
import app.brightkeel.core.review.screen.ScreenRules;
import app.brightkeel.core.review.transducer.TransducerRules;
import app.brightkeel.core.review.water.WaterRules;
import app.brightkeel.core.review.wire.WireRules;
import java.util.List;
import java.util.stream.Stream;

/** Every rule, named once. */
public final class Rules {

    /** In the order of the links, and in each as it is read. */
    public static final List<Rule> ALL = Stream.of(
                    WaterRules.ALL,
                    TransducerRules.ALL,
                    MountRules.ALL,
                    CableRules.ALL,
                    ScreenRules.ALL,
                    WireRules.ALL,
                    FuseRules.ALL,
                    BatteryRules.ALL,
                    CarryRules.ALL)
            .flatMap(List::stream)
            .toList();

    private Rules() {}
}
