package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.Opening;
import app.brightkeel.core.rig.Outing;
import app.brightkeel.core.rig.PackLabel;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Station;

/**
 * Version 12 knows screws and bolts, what each place offers to grip, hours that a whole rig ran, the lay-up of batteries, which
 * are second-hand or were tried where they are held, holes of boxes by name, sharp rims, what runs on data leads, crafts that are
 * paddled as well as driven, and mounts that serve two edges.
 */
final class Version12 extends Step {

    Version12() {
        brings(FitOut.class, "fasteners");
        brings(Station.class, "offers");
        brings(Outing.class, "ran");
        brings(Keeping.class, "restsFrom", "restsTo");
        brings(PackLabel.class, "secondHand");
        brings(Held.class, "tried");
        brings(Placement.class, "unit");
        brings(Run.class, "exits");
        brings(Opening.class, "sharp");
        brings(DataLead.class, "signals");
        brings(Craft.class, "alsoPaddled");
    }
}
