package app.brightkeel.core.review.whole;

import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.battery.BatteryReview;
import app.brightkeel.core.review.cable.CableReview;
import app.brightkeel.core.review.carry.CarryReview;
import app.brightkeel.core.review.fuse.FuseReview;
import app.brightkeel.core.review.mount.MountReview;
import app.brightkeel.core.review.screen.ScreenReview;
import app.brightkeel.core.review.transducer.TransducerReview;
import app.brightkeel.core.review.water.WaterReview;
import app.brightkeel.core.review.wire.WireReview;
import java.util.List;

/** What each link shows, in the order of the line. */
public final class Links {

    private static final List<LinkReview> ALL = List.of(
            new WaterReview(),
            new TransducerReview(),
            new MountReview(),
            new CableReview(),
            new ScreenReview(),
            new WireReview(),
            new FuseReview(),
            new BatteryReview(),
            new CarryReview());

    private Links() {}

    /** What a link shows. */
    public static LinkReview of(Link link) {
        return ALL.get(link.ordinal());
    }
}
