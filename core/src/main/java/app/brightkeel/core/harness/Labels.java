package app.brightkeel.core.harness;

import app.brightkeel.core.rig.Junction;
import app.brightkeel.core.rig.Rig;

/** Which points of a harness bear labels. */
public final class Labels {

    private Labels() {}

    /** Whether the ways of a point say what they feed: of a fuse block or switched harness with more than one. */
    public static boolean wanted(Rig rig, Junction junction) {
        boolean chosen = junction.sort() == Junction.Meeting.BLOCK || junction.sort() == Junction.Meeting.SWITCHED;
        return chosen && rig.harness().from(junction.id()).size() > 1;
    }
}
