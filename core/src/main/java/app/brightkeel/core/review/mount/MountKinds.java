package app.brightkeel.core.review.mount;

import static app.brightkeel.core.review.ChangeKind.among;
import static java.util.Map.entry;

import app.brightkeel.core.review.ChangeKind;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.mount.Pairings;
import java.util.Map;

/** Changes of mounts by what their ids say. */
final class MountKinds {

    private static final ChangeKind CLEARED = among(MountChanges::cleared);
    private static final ChangeKind FITTING = among(MountChanges::fitting);

    static final Map<String, ChangeKind> ALL = Map.ofEntries(
            entry("take", ChangeKind.of(3, (line, said) -> MountChanges.taken(line, said[0], said[1], said[2]))),
            entry("pair", ChangeKind.of(4, (line, said) -> Pairings.of(line, said[0], said[1], said[2], said[3]))),
            entry("lower", among(MountChanges::lowered)),
            entry("board", among(MountChanges::lowered)),
            entry("raise", among(MountChanges::raised)),
            entry("flush", CLEARED),
            entry("under-ice", CLEARED),
            entry("tether", among(MountChanges::tethered)),
            entry("hole", FITTING),
            entry("plate", FITTING));

    private MountKinds() {}
}
