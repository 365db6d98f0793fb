package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
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
        List<String> ids = new ArrayList<>(harness.ownIds());
        Set<String> known = new HashSet<>();
        for (Device device : devices) {
            ids.add(device.id());
            known.add(device.id());
        }
        Set<String> carriable = new HashSet<>();
        for (Transducer transducer : transducers) {
            ids.add(transducer.id());
            carriable.add(transducer.id());
        }
        for (Run run : runs) {
            ids.add(run.id());
        }
        Checks.distinct("harness", ids);
        checkUses(outing, known);
        checkTransducers(transducers, craft, known);
        for (Pack pack : harness.packs()) {
            known.add(pack.id());
        }
        checkPlaces(places, craft, known);
        for (Junction junction : harness.junctions()) {
            known.add(junction.id());
        }
        harness.checkEnds(known);
        for (Segment segment : harness.segments()) {
            carriable.add(segment.id());
        }
        checkRuns(runs, craft, carriable);
        checkNotes(notes, outing, ids);
    }

    private static void checkUses(Outing outing, Set<String> devices) {
        for (int p = 0; p < outing.phases().size(); p++) {
            List<Use> uses = outing.phases().get(p).uses();
            for (int u = 0; u < uses.size(); u++) {
                refuseUnknown(
                        "outing.phases[" + p + "].uses[" + u + "].device",
                        uses.get(u).device(),
                        devices,
                        A_DEVICE);
            }
        }
    }

    private static void checkTransducers(List<Transducer> transducers, Craft craft, Set<String> devices) {
        for (int t = 0; t < transducers.size(); t++) {
            Transducer transducer = transducers.get(t);
            if (!transducer.feeds().isEmpty()) {
                refuseUnknown("transducers[" + t + "].feeds", transducer.feeds(), devices, A_DEVICE + ", or nothing");
            }
            String station = transducer.mount().station();
            if (!station.isEmpty() && craft.station(station).isEmpty()) {
                throw dangling("transducers[" + t + "].mount.station", station, A_STATION + ", or nothing");
            }
        }
    }

    private static void checkPlaces(List<Placement> places, Craft craft, Set<String> items) {
        Checks.distinct("places", places.stream().map(Placement::item).toList());
        for (int p = 0; p < places.size(); p++) {
            Placement place = places.get(p);
            refuseUnknown("places[" + p + "].item", place.item(), items, "the id of a device or pack of this rig");
            if (craft.station(place.station()).isEmpty()) {
                throw dangling("places[" + p + "].station", place.station(), A_STATION);
            }
        }
    }

    private static void checkRuns(List<Run> runs, Craft craft, Set<String> carriable) {
        Checks.distinct("runs", runs.stream().map(Run::carries).toList());
        for (int r = 0; r < runs.size(); r++) {
            Run run = runs.get(r);
            refuseUnknown(
                    "runs[" + r + "].carries",
                    run.carries(),
                    carriable,
                    "the id of a transducer or of a wire of this rig");
            for (int l = 0; l < run.legs().size(); l++) {
                if (craft.passage(run.legs().get(l)).isEmpty()) {
                    throw dangling(
                            "runs[" + r + "].legs[" + l + "]", run.legs().get(l), "the id of a passage of this craft");
                }
            }
        }
    }

    private static void checkNotes(List<Note> notes, Outing outing, List<String> ids) {
        Checks.distinct("notes", notes.stream().map(Note::part).toList());
        Set<String> parts = new HashSet<>(ids);
        outing.phases().forEach(phase -> parts.add(phase.id()));
        for (int n = 0; n < notes.size(); n++) {
            String part = notes.get(n).part();
            if (!part.isEmpty()) {
                refuseUnknown("notes[" + n + "].part", part, parts, "the id of a part of this rig, or nothing");
            }
        }
    }

    private static void refuseUnknown(String field, String id, Set<String> known, String allowed) {
        if (!known.contains(id)) {
            throw dangling(field, id, allowed);
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
            harness.ownIds().forEach(gone::remove);
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
