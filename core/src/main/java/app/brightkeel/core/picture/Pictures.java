package app.brightkeel.core.picture;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Link;

/** The picture of a link. */
public final class Pictures {

    private Pictures() {}

    /** The scene, or what is missing for it. */
    public static Outcome<Scene> of(Line line, Link link) {
        return switch (link) {
            case WATER -> WaterScene.of(line);
            case TRANSDUCER -> BeamScene.of(line);
            case MOUNT -> MountScene.of(line);
            case CABLE -> CableScene.of(line);
            case SCREEN -> PowerScene.of(line);
            case WIRE -> HarnessScene.of(line);
            case FUSE -> FuseScene.of(line);
            case BATTERY -> DischargeScene.of(line);
            case CARRY -> BalanceScene.of(line);
        };
    }
}
