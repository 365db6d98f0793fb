package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.NetworkPlan;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;

/** Version 9 knows data leads, travel and pins of cables, openings, how batteries are held, boxes and boards. */
final class Version9 extends Step {

    Version9() {
        brings(Rig.class, "fitOut");
        brings(NetworkPlan.class, "leads");
        brings(Craft.class, "stand");
        brings(Passage.class, "opening");
        brings(Run.class, "through", "travels", "coilAt");
        brings(Placement.class, "held");
    }
}
