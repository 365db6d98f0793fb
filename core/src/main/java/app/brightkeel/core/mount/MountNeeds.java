package app.brightkeel.core.mount;

import java.util.List;

/** What decides how free the transducers are. */
public record MountNeeds(List<HeldFace> held) {

    public MountNeeds {
        held = List.copyOf(held);
    }
}
