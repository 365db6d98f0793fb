package app.brightkeel.server.files.old;

import app.brightkeel.core.rig.Purchase;

/** Version 15 knows which parts are pieces of gear of the garage. */
final class Version15 extends Step {

    Version15() {
        brings(Purchase.class, "item");
    }
}
