package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Outing;

/** Version 3 knows the water. */
final class Version3 extends Step {

    Version3() {
        brings(Outing.class, "water");
    }
}
