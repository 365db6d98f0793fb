package app.brightkeel.core.route;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** All cables on their ways, in the order of the rig's runs. */
public record Routes(List<LaidCable> all) {

    public Routes {
        all = List.copyOf(all);
    }

    /** The one that is shortest of what it takes; where none is, the transducer's lead, as a wire is cut to length. */
    public LaidCable tightest() {
        return all.stream()
                .min(Comparator.comparing((LaidCable laid) -> laid.spareM() >= 0 && !laid.sonar())
                        .thenComparingDouble(LaidCable::spareM))
                .orElseThrow();
    }

    /** That of one transducer or segment. */
    public Optional<LaidCable> of(String carries) {
        return all.stream().filter(laid -> laid.carries().equals(carries)).findFirst();
    }

    /** Openings that have to be drilled, each once. */
    public long holes() {
        return all.stream()
                .flatMap(laid -> laid.drilled().stream())
                .map(passage -> passage.id())
                .distinct()
                .count();
    }
}
