package app.brightkeel.core.review;

import app.brightkeel.core.review.battery.BatteryReview;
import app.brightkeel.core.review.fuse.FuseReview;
import app.brightkeel.core.review.screen.ScreenReview;
import app.brightkeel.core.review.water.WaterReview;
import app.brightkeel.core.review.wire.WireReview;
import java.util.List;
import java.util.Optional;

/** The links that are built. */
public final class Links {

    private static final List<LinkReview> BUILT =
            List.of(new WaterReview(), new ScreenReview(), new WireReview(), new FuseReview(), new BatteryReview());

    private Links() {}

    /** What a link shows; empty where it is not built yet. */
    public static Optional<LinkReview> of(Link link) {
        return BUILT.stream().filter(built -> built.link() == link).findFirst();
    }
}
