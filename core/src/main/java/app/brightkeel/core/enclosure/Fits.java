package app.brightkeel.core.enclosure;

import java.util.List;

/** Every pack that sits in a room with walls. */
public record Fits(List<Fit> all) {

    public Fits {
        all = List.copyOf(all);
    }
}
