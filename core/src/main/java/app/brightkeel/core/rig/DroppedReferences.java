package app.brightkeel.core.rig;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** A rig some of whose parts were replaced, without what spoke of those that are gone. */
final class DroppedReferences {

    private DroppedReferences() {}

    /**
     * The rig with other parts, and without what spoke of parts or stations that are no longer there. What is untouched
     * stays the very same object: {@link Assumptions} need not fill it again.
     */
    static Rig of(
            Rig rig, Craft craft, List<Transducer> transducers, Harness harness, NetworkPlan network, FitOut changed) {
        Set<String> gone = gone(rig, transducers, harness, network, changed);
        boolean moved = craft != rig.craft();
        List<Run> runs = rig.runs();
        List<Placement> places = rig.places();
        List<Transducer> mounted = transducers;
        List<Charger> chargers = rig.chargers();
        FitOut fitOut = changed;
        if (moved || !gone.isEmpty()) {
            runs = kept(rig.runs(), run -> !gone.contains(run.carries()) && leads(run, craft)).stream()
                    .map(run -> onCraft(run, craft))
                    .toList();
            places = kept(
                    rig.places(),
                    place -> !gone.contains(place.item())
                            && craft.station(place.station()).isPresent());
            chargers = kept(chargers, charger -> !gone.contains(charger.charges())).stream()
                    .map(charger -> gone.contains(charger.via()) ? charger.withVia("") : charger)
                    .toList();
            rig.chargers().forEach(charger -> gone.add(charger.id()));
            chargers.forEach(charger -> gone.remove(charger.id()));
            fitOut = emptied(onCraft(fitOut, craft), gone);
            mounted = transducers.stream().map(t -> onCraft(t, craft)).toList();
            changed.forEachId(gone::add);
            fitOut.forEachId(gone::remove);
            rig.runs().forEach(run -> gone.add(run.id()));
            runs.forEach(run -> gone.remove(run.id()));
        }
        return RigBuilder.builder(rig)
                .craft(craft)
                .transducers(mounted)
                .harness(withoutLooseSpares(harness, gone))
                .runs(runs)
                .places(places)
                .network(network)
                .chargers(chargers)
                .fitOut(fitOut)
                .notes(gone.isEmpty() ? rig.notes() : kept(rig.notes(), note -> !gone.contains(note.part())))
                .build();
    }

    private static Harness withoutLooseSpares(Harness harness, Set<String> gone) {
        return gone.isEmpty() || harness.spares().isEmpty()
                ? harness
                : harness.withSpares(
                        kept(harness.spares(), spare -> !gone.contains(spare.from()) && !gone.contains(spare.to())));
    }

    private static Set<String> gone(
            Rig rig, List<Transducer> transducers, Harness harness, NetworkPlan network, FitOut fitOut) {
        Set<String> gone = new HashSet<>();
        if (harness != rig.harness()) {
            rig.harness().forEachId(gone::add);
            harness.forEachId(gone::remove);
        }
        if (transducers != rig.transducers()) {
            rig.transducers().forEach(transducer -> gone.add(transducer.id()));
            transducers.forEach(transducer -> gone.remove(transducer.id()));
        }
        if (network != rig.network()) {
            rig.network().leads().forEach(lead -> gone.add(lead.id()));
            network.leads().forEach(lead -> gone.remove(lead.id()));
        }
        if (fitOut != rig.fitOut()) {
            rig.fitOut().forEachId(gone::add);
            fitOut.forEachId(gone::remove);
        }
        return gone;
    }

    private static <T> List<T> kept(List<T> all, Predicate<T> keep) {
        return all.stream().filter(keep).toList();
    }

    private static boolean leads(Run run, Craft craft) {
        return run.legs().stream().allMatch(leg -> craft.passage(leg).isPresent());
    }

    private static Run onCraft(Run run, Craft craft) {
        boolean pinned =
                run.through().stream().allMatch(leg -> craft.passage(leg).isPresent());
        boolean coiled = run.coilAt().isEmpty() || craft.station(run.coilAt()).isPresent();
        return pinned && coiled
                ? run
                : run.with(tidy -> tidy.through(
                                kept(run.through(), leg -> craft.passage(leg).isPresent()))
                        .coilAt(coiled ? run.coilAt() : ""));
    }

    private static FitOut emptied(FitOut fitOut, Set<String> gone) {
        boolean held = fitOut.boxes().stream()
                .flatMap(box -> box.pockets().stream())
                .anyMatch(pocket -> gone.contains(pocket.holds()));
        return held
                ? fitOut.withBoxes(fitOut.boxes().stream()
                        .map(box -> box.withPockets(box.pockets().stream()
                                .map(pocket -> gone.contains(pocket.holds()) ? pocket.withHolds("") : pocket)
                                .toList()))
                        .toList())
                : fitOut;
    }

    private static FitOut onCraft(FitOut fitOut, Craft craft) {
        return fitOut.with(tidy -> tidy.ballast(kept(
                        fitOut.ballast(),
                        weight -> craft.station(weight.station()).isPresent()))
                .boxes(kept(fitOut.boxes(), box -> craft.station(box.station()).isPresent())));
    }

    private static Transducer onCraft(Transducer transducer, Craft craft) {
        String station = transducer.mount().station();
        return station.isEmpty() || craft.station(station).isPresent()
                ? transducer
                : transducer.withMount(transducer.mount().withStation(""));
    }
}
