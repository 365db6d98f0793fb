package app.brightkeel.core.picture;

import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Link;
import java.util.ArrayList;
import java.util.List;

/** The picture of a link. */
public final class Pictures {

    private Pictures() {}

    /** All scenes of a link, the first being the one that is shown first; each is there or says what it misses. */
    public static List<Outcome<Scene>> all(Line line, Link link) {
        return switch (link) {
            case TRANSDUCER -> List.of(BeamScene.of(line), SeenScene.of(line));
            case MOUNT -> List.of(MountScene.of(line), CraftScene.of(line));
            case SCREEN -> List.of(PowerScene.of(line), ReachScene.of(line));
            case BATTERY -> battery(line);
            case FUSE -> FuseScene.all(line);
            case CARRY -> carry(line);
            default -> List.of(of(line, link));
        };
    }

    /** The harness of the Wire link at another moment. */
    public static Outcome<Scene> harness(Line line, Moment moment) {
        return HarnessScene.of(line, moment);
    }

    /** What is there of balance, tip, boxes and boards. */
    private static List<Outcome<Scene>> carry(Line line) {
        List<Outcome<Scene>> all = new ArrayList<>();
        all.add(BalanceScene.of(line));
        if (line.rig().craft().kind().onIce()) {
            all.addAll(TipScene.of(line));
        } else {
            all.add(HeelScene.of(line));
        }
        all.addAll(BoxScene.all(line));
        all.addAll(CutScene.all(line));
        return all;
    }

    /** Sharing wants packs that share. */
    private static List<Outcome<Scene>> battery(Line line) {
        boolean bank = line.rig().harness().sources().size() > 1
                && line.needs(Runtime.STAGE)
                        .map(circuit -> circuit.packs().size() > 1)
                        .orElse(true);
        return bank
                ? List.of(DischargeScene.of(line), CandidateScene.of(line), SharingScene.of(line))
                : List.of(DischargeScene.of(line), CandidateScene.of(line));
    }

    /** The first scene, or what is missing for it. */
    public static Outcome<Scene> of(Line line, Link link) {
        return switch (link) {
            case WATER -> WaterScene.of(line);
            case TRANSDUCER -> BeamScene.of(line);
            case MOUNT -> MountScene.of(line);
            case CABLE -> CableScene.of(line);
            case SCREEN -> PowerScene.of(line);
            case WIRE -> HarnessScene.of(line, Moment.JUDGED);
            case FUSE -> FuseScene.all(line).get(0);
            case BATTERY -> DischargeScene.of(line);
            case CARRY -> BalanceScene.of(line);
        };
    }
}
