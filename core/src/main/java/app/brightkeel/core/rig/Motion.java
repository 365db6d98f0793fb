package app.brightkeel.core.rig;

/** How the craft moves while someone fishes. */
public enum Motion {
    UNDECIDED,
    STILL,
    DRIFTING,
    PADDLING,
    TROLLING
}
