package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;

/** What parts of a rig say of each other by id: every id once, every reference to something that is there. */
final class References {

    private static final String A_DEVICE = "the id of a device of this rig";
    private static final String A_STATION = "the id of a station of this craft";

    private References() {}

    static void check(
            Outing outing,
            Craft craft,
            List<Transducer> transducers,
            List<Device> devices,
            Harness harness,
            List<Run> runs,
            List<Placement> places,
            List<Note> notes) {
        Set<String> ids = harness.ownIds();
        for (Device device : devices) {
            once(ids, device.id());
        }
        for (Transducer transducer : transducers) {
            once(ids, transducer.id());
        }
        for (Run run : runs) {
            once(ids, run.id());
        }
        checkUses(outing, devices);
        checkTransducers(transducers, craft, devices);
        checkPlaces(places, craft, devices, harness.packs());
        harness.checkEnds(devices);
        checkRuns(runs, craft, transducers, harness);
        checkNotes(notes, outing, ids);
    }

    /** Plain loops and one set: every rig that is tried as a cure is checked again. */
    static void once(Set<String> ids, String id) {
        if (!ids.add(id)) {
            throw new Refusal(RefusalCode.DUPLICATE, "harness", id, "each id once in a rig");
        }
    }

    static <T> boolean has(List<T> parts, Function<T, String> idOf, String id) {
        for (T part : parts) {
            if (idOf.apply(part).equals(id)) {
                return true;
            }
        }
        return false;
    }

    private static void checkUses(Outing outing, List<Device> devices) {
        for (int p = 0; p < outing.phases().size(); p++) {
            List<Use> uses = outing.phases().get(p).uses();
            for (int u = 0; u < uses.size(); u++) {
                if (!has(devices, Device::id, uses.get(u).device())) {
                    throw dangling(
                            "outing.phases[" + p + "].uses[" + u + "].device",
                            uses.get(u).device(),
                            A_DEVICE);
                }
            }
        }
    }

    private static void checkTransducers(List<Transducer> transducers, Craft craft, List<Device> devices) {
        for (int t = 0; t < transducers.size(); t++) {
            Transducer transducer = transducers.get(t);
            if (!transducer.feeds().isEmpty() && !has(devices, Device::id, transducer.feeds())) {
                throw dangling("transducers[" + t + "].feeds", transducer.feeds(), A_DEVICE + ", or nothing");
            }
            String station = transducer.mount().station();
            if (!station.isEmpty() && craft.station(station).isEmpty()) {
                throw dangling("transducers[" + t + "].mount.station", station, A_STATION + ", or nothing");
            }
        }
    }

    private static void checkPlaces(List<Placement> places, Craft craft, List<Device> devices, List<Pack> packs) {
        for (int p = 0; p < places.size(); p++) {
            Placement place = places.get(p);
            if (has(places.subList(0, p), Placement::item, place.item())) {
                throw new Refusal(RefusalCode.DUPLICATE, "places", place.item(), "each thing at one place");
            }
            if (!has(devices, Device::id, place.item()) && !has(packs, Pack::id, place.item())) {
                throw dangling("places[" + p + "].item", place.item(), "the id of a device or pack of this rig");
            }
            if (craft.station(place.station()).isEmpty()) {
                throw dangling("places[" + p + "].station", place.station(), A_STATION);
            }
        }
    }

    private static void checkRuns(List<Run> runs, Craft craft, List<Transducer> transducers, Harness harness) {
        for (int r = 0; r < runs.size(); r++) {
            Run run = runs.get(r);
            if (has(runs.subList(0, r), Run::carries, run.carries())) {
                throw new Refusal(RefusalCode.DUPLICATE, "runs", run.carries(), "each cable on one way");
            }
            if (!has(transducers, Transducer::id, run.carries())
                    && !has(harness.segments(), Segment::id, run.carries())) {
                throw dangling(
                        "runs[" + r + "].carries", run.carries(), "the id of a transducer or of a wire of this rig");
            }
            for (int l = 0; l < run.legs().size(); l++) {
                if (craft.passage(run.legs().get(l)).isEmpty()) {
                    throw dangling(
                            "runs[" + r + "].legs[" + l + "]", run.legs().get(l), "the id of a passage of this craft");
                }
            }
        }
    }

    private static void checkNotes(List<Note> notes, Outing outing, Set<String> ids) {
        for (int n = 0; n < notes.size(); n++) {
            String part = notes.get(n).part();
            if (has(notes.subList(0, n), Note::part, part)) {
                throw new Refusal(RefusalCode.DUPLICATE, "notes", part, "one note for each part");
            }
            if (!part.isEmpty() && !ids.contains(part) && !has(outing.phases(), Phase::id, part)) {
                throw dangling("notes[" + n + "].part", part, "the id of a part of this rig, or nothing");
            }
        }
    }

    private static Refusal dangling(String field, String id, String allowed) {
        return new Refusal(RefusalCode.DANGLING, field, id, allowed);
    }

    /**
     * The rig with other parts, and without what spoke of parts or stations that are no longer there. What is untouched
     * stays the very same object: {@link Assumptions} need not fill it again.
     */
    static Rig tidied(Rig rig, Craft craft, List<Transducer> transducers, Harness harness) {
        Set<String> gone = gone(rig, transducers, harness);
        boolean moved = craft != rig.craft();
        List<Run> runs = rig.runs();
        List<Placement> places = rig.places();
        List<Transducer> mounted = transducers;
        if (moved || !gone.isEmpty()) {
            runs = kept(runs, run -> !gone.contains(run.carries()) && leads(run, craft));
            places = kept(
                    places,
                    place -> !gone.contains(place.item())
                            && craft.station(place.station()).isPresent());
            mounted = transducers.stream().map(t -> onCraft(t, craft)).toList();
        }
        for (Run run : rig.runs()) {
            if (!runs.contains(run)) {
                gone.add(run.id());
            }
        }
        return new Rig(
                rig.name(),
                rig.outing(),
                rig.angler(),
                craft,
                mounted,
                rig.devices(),
                harness,
                runs,
                places,
                rig.schools(),
                rig.weights(),
                rig.quieted(),
                gone.isEmpty() ? rig.notes() : kept(rig.notes(), note -> !gone.contains(note.part())));
    }

    private static Set<String> gone(Rig rig, List<Transducer> transducers, Harness harness) {
        Set<String> gone = new HashSet<>();
        if (harness != rig.harness()) {
            gone.addAll(rig.harness().ownIds());
            gone.removeAll(harness.ownIds());
        }
        if (transducers != rig.transducers()) {
            rig.transducers().forEach(transducer -> gone.add(transducer.id()));
            transducers.forEach(transducer -> gone.remove(transducer.id()));
        }
        return gone;
    }

    private static <T> List<T> kept(List<T> all, Predicate<T> keep) {
        return all.stream().filter(keep).toList();
    }

    private static boolean leads(Run run, Craft craft) {
        return run.legs().stream().allMatch(leg -> craft.passage(leg).isPresent());
    }

    private static Transducer onCraft(Transducer transducer, Craft craft) {
        String station = transducer.mount().station();
        return station.isEmpty() || craft.station(station).isPresent()
                ? transducer
                : transducer.withMount(transducer.mount().withStation(""));
    }
}
