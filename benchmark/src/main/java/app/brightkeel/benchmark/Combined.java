package app.brightkeel.benchmark;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.Rig;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;

/** All rigs that come of one by choosing one of a few alternatives for each link, as a search goes through them. */
final class Combined {

    private static final List<Link> AXES =
            List.of(Link.TRANSDUCER, Link.MOUNT, Link.CABLE, Link.SCREEN, Link.WIRE, Link.BATTERY, Link.CARRY);

    /** What an alternative may put in place of what the rig has. */
    private record Component<T>(Function<Rig, T> of, BiFunction<Rig, T, Rig> with) {

        /** Empty where something else has been put there before. */
        private Optional<Rig> taken(Rig base, Rig rig, Rig option) {
            if (of.apply(option).equals(of.apply(base))) {
                return Optional.of(rig);
            }
            return of.apply(rig) == of.apply(base) ? Optional.of(with.apply(rig, of.apply(option))) : Optional.empty();
        }
    }

    private static <T> Component<T> ofHarness(Function<Harness, T> of, BiFunction<Harness, T, Harness> with) {
        return new Component<>(
                rig -> of.apply(rig.harness()), (rig, value) -> rig.withHarness(with.apply(rig.harness(), value)));
    }

    private static final List<Component<?>> COMPONENTS = List.of(
            new Component<>(Rig::craft, Rig::withCraft),
            new Component<>(Rig::transducers, Rig::withTransducers),
            new Component<>(Rig::devices, Rig::withDevices),
            ofHarness(Harness::packs, Harness::withPacks),
            ofHarness(Harness::junctions, Harness::withJunctions),
            ofHarness(Harness::segments, Harness::withSegments),
            ofHarness(Harness::spares, Harness::withSpares),
            new Component<>(Rig::runs, Rig::withRuns),
            new Component<>(Rig::places, Rig::withPlaces),
            new Component<>(Rig::holders, Rig::withHolders),
            new Component<>(Rig::fitOut, Rig::withFitOut),
            new Component<>(Rig::schools, Rig::withSchools));

    private Combined() {}

    /**
     * All different.
     *
     * @param options of each link, beside what is planned
     */
    static List<Rig> of(Rig rig, int options) {
        Line line = Line.of(rig);
        Set<Rig> all = new LinkedHashSet<>(List.of(rig));
        for (Link link : AXES) {
            List<Rig> choices = Links.of(link).alternatives(line).stream()
                    .map(Change::after)
                    .filter(after -> !after.equals(rig))
                    .limit(options)
                    .toList();
            for (Rig each : List.copyOf(all)) {
                choices.forEach(choice -> joined(rig, each, choice).ifPresent(all::add));
            }
        }
        return List.copyOf(all);
    }

    private static Optional<Rig> joined(Rig base, Rig rig, Rig option) {
        try {
            Optional<Rig> joined = Optional.of(rig);
            for (Component<?> component : COMPONENTS) {
                joined = joined.flatMap(each -> component.taken(base, each, option));
            }
            return joined;
        } catch (Refusal refused) {
            // the two do not go together: no rig
            return Optional.empty();
        }
    }
}
