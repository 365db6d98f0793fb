package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Rig;

/** Version 2 knows notes on parts. */
final class Version2 extends Step {

    Version2() {
        brings(Rig.class, "notes");
    }
}
