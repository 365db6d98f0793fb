package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;

/** Version 4 knows the angler, the craft's stations and passages, transducers, ways of cables and places. */
final class Version4 extends Step {

    Version4() {
        brings(Rig.class, "angler", "transducers", "runs", "places", "weights");
        brings(Craft.class, "origin", "stations", "passages", "obstructions");
        brings(Schools.class, "drilling", "screen");
        brings(Pack.class, "size");
    }
}
