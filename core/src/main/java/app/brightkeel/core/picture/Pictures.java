package app.brightkeel.core.picture;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Link;
import java.util.List;

/** The picture of a link. */
public final class Pictures {

    private Pictures() {}

    /** The scene, or what is missing for it; a link that is not built yet misses nothing that could be given: "". */
    public static Outcome<Scene> of(Line line, Link link) {
        return switch (link) {
            case WATER -> WaterScene.of(line);
            case SCREEN -> PowerScene.of(line);
            case WIRE -> HarnessScene.of(line);
            case FUSE -> FuseScene.of(line);
            case BATTERY -> DischargeScene.of(line);
            default -> new Outcome.Missing<>(List.of(""));
        };
    }
}
