package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;

/** A named point where segments meet: a splitter, a fuse block, a busbar. */
public record Junction(String id, String name) {
    public Junction {
        Checks.id("id", id);
        Checks.name("name", name);
    }
}
