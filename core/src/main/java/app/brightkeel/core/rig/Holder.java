package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What holds a display at its place.
 *
 * @param origin     id of the catalogue item it was copied from, "" where it was typed
 * @param holds      id of the display
 * @param grip       what it grips at the place
 * @param leastWideM narrowest screen it takes, and {@code mostWideM} the widest, 0.02 to 0.6 [m]; unset: any
 * @param bolts      pattern of the bolts on its plate, "" where it takes any
 * @param ballM      ball of its base, 0.01 to 0.08 [m]; unset where it has none
 * @param armBallM   ball its arm grips, at both ends, 0.01 to 0.08 [m]; unset where it has no arm
 * @param armM       from what it grips to the middle of the screen, 0 to 1 [m]
 * @param carriesNm  mass times arm that it carries afloat, 0.1 to 100 [N·m]
 * @param drills     whether it is screwed or bolted through
 * @param toolFree   whether the screen comes off without a tool
 * @param footBolts pattern of the bolts of its foot, "" where it has none or nobody measured them
 * @param poses      that it can be brought into, each once
 */
@RecordBuilder
public record Holder(
        String id,
        String name,
        HolderKind kind,
        String origin,

        @Names(value = PartKind.DEVICE, once = "one holder for each display")
        String holds,

        Grip grip,
        Figure leastWideM,
        Figure mostWideM,
        String bolts,
        Figure ballM,
        Figure armBallM,
        Figure armM,
        Figure carriesNm,
        boolean drills,
        boolean toolFree,
        List<Pose> poses,
        String footBolts)
        implements HolderBuilder.With {

    public Holder {
        Checks.id("id", id);
        Checks.name("name", name);
        Checks.text("origin", origin);
        Checks.id("holds", holds);
        Figure.within("leastWideM", leastWideM, 0.02, 0.6, "m");
        Figure.within("mostWideM", mostWideM, 0.02, 0.6, "m");
        Checks.text("bolts", bolts);
        Checks.text("footBolts", footBolts);
        Figure.within("ballM", ballM, 0.01, 0.08, "m");
        Figure.within("armBallM", armBallM, 0.01, 0.08, "m");
        Figure.within("armM", armM, 0, 1, "m");
        Figure.within("carriesNm", carriesNm, 0.1, 100, "N·m");
        poses = Checks.atMost("poses", Pose.values().length, poses);
    }
}
