package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What parts of a rig say of each other by id: every id once, every reference to something that is there. */
final class References {

    private static final String A_DEVICE = "the id of a device of this rig";
    private static final String A_STATION = "the id of a station of this craft";

    private References() {}

    private enum Kind {
        PACK,
        JUNCTION,
        SEGMENT,
        SPARE,
        FITTING,
        DEVICE,
        TRANSDUCER,
        RUN,
        HOLDER,
        ON_HAND,
        CHARGER,
        DATA_LEAD,
        FIT_OUT
    }

    /** What stands behind each id; one map, since every rig that is tried as a cure is checked again. */
    private static final class Ids {

        private final Map<String, Kind> kinds = new HashMap<>(64);

        Ids(
                List<Transducer> transducers,
                List<Device> devices,
                Harness harness,
                List<Run> runs,
                List<Holder> holders,
                List<Pack> onHand,
                List<Charger> chargers,
                NetworkPlan network,
                FitOut fitOut) {
            harness.packs().forEach(pack -> add(pack.id(), Kind.PACK));
            harness.junctions().forEach(junction -> add(junction.id(), Kind.JUNCTION));
            harness.segments().forEach(segment -> add(segment, Kind.SEGMENT));
            harness.spares().forEach(spare -> add(spare, Kind.SPARE));
            devices.forEach(device -> add(device.id(), Kind.DEVICE));
            transducers.forEach(transducer -> add(transducer.id(), Kind.TRANSDUCER));
            runs.forEach(run -> add(run.id(), Kind.RUN));
            holders.forEach(holder -> add(holder.id(), Kind.HOLDER));
            onHand.forEach(pack -> add(pack.id(), Kind.ON_HAND));
            chargers.forEach(charger -> add(charger.id(), Kind.CHARGER));
            network.leads().forEach(lead -> add(lead.id(), Kind.DATA_LEAD));
            fitOut.forEachId(id -> add(id, Kind.FIT_OUT));
        }

        private void add(Segment segment, Kind kind) {
            add(segment.id(), kind);
            segment.fittings().forEach(fitting -> add(fitting.id(), Kind.FITTING));
        }

        private void add(String id, Kind kind) {
            if (kinds.put(id, kind) != null) {
                throw new Refusal(RefusalCode.DUPLICATE, "harness", id, "each id once in a rig");
            }
        }

        boolean is(String id, Kind kind) {
            return kinds.get(id) == kind;
        }

        boolean is(String id, Kind kind, Kind other) {
            Kind its = kinds.get(id);
            return its == kind || its == other;
        }
    }

    static void check(
            Outing outing,
            Craft craft,
            List<Transducer> transducers,
            List<Device> devices,
            Harness harness,
            List<Run> runs,
            List<Placement> places,
            List<Holder> holders,
            List<Pack> onHand,
            List<Charger> chargers,
            NetworkPlan network,
            FitOut fitOut,
            List<Note> notes) {
        Ids ids = new Ids(transducers, devices, harness, runs, holders, onHand, chargers, network, fitOut);
        checkUses(outing, ids);
        checkTransducers(transducers, craft, ids);
        checkPlaces(places, craft, ids);
        checkHolders(holders, ids);
        checkChargers(chargers, ids);
        checkEnds("segments", harness.segments(), ids);
        checkEnds("spares", harness.spares(), ids);
        checkLeads(network.leads(), ids);
        checkFitOut(fitOut, craft, ids);
        checkRuns(runs, craft, ids);
        checkNotes(notes, outing, ids);
    }

    private static void checkUses(Outing outing, Ids ids) {
        for (int p = 0; p < outing.phases().size(); p++) {
            List<Use> uses = outing.phases().get(p).uses();
            for (int u = 0; u < uses.size(); u++) {
                String device = uses.get(u).device();
                if (!ids.is(device, Kind.DEVICE)) {
                    throw dangling("outing.phases[" + p + "].uses[" + u + "].device", device, A_DEVICE);
                }
            }
        }
    }

    private static void checkTransducers(List<Transducer> transducers, Craft craft, Ids ids) {
        for (int t = 0; t < transducers.size(); t++) {
            Transducer transducer = transducers.get(t);
            if (!transducer.feeds().isEmpty() && !ids.is(transducer.feeds(), Kind.DEVICE)) {
                throw dangling("transducers[" + t + "].feeds", transducer.feeds(), A_DEVICE + ", or nothing");
            }
            String station = transducer.mount().station();
            if (!station.isEmpty() && craft.station(station).isEmpty()) {
                throw dangling("transducers[" + t + "].mount.station", station, A_STATION + ", or nothing");
            }
        }
    }

    private static void checkPlaces(List<Placement> places, Craft craft, Ids ids) {
        Set<String> placed = new HashSet<>();
        for (int p = 0; p < places.size(); p++) {
            Placement place = places.get(p);
            if (!placed.add(place.item())) {
                throw new Refusal(RefusalCode.DUPLICATE, "places", place.item(), "each thing at one place");
            }
            if (!ids.is(place.item(), Kind.DEVICE, Kind.PACK) && !ids.is(place.item(), Kind.JUNCTION)) {
                throw dangling(
                        "places[" + p + "].item", place.item(), "the id of a device, pack or junction of this rig");
            }
            if (craft.station(place.station()).isEmpty()) {
                throw dangling("places[" + p + "].station", place.station(), A_STATION);
            }
        }
    }

    private static void checkHolders(List<Holder> holders, Ids ids) {
        Set<String> held = new HashSet<>();
        for (int h = 0; h < holders.size(); h++) {
            String device = holders.get(h).holds();
            if (!held.add(device)) {
                throw new Refusal(RefusalCode.DUPLICATE, "holders", device, "one holder for each display");
            }
            if (!ids.is(device, Kind.DEVICE)) {
                throw dangling("holders[" + h + "].holds", device, A_DEVICE);
            }
        }
    }

    private static void checkChargers(List<Charger> chargers, Ids ids) {
        for (int c = 0; c < chargers.size(); c++) {
            Charger charger = chargers.get(c);
            if (!ids.is(charger.charges(), Kind.PACK)) {
                throw dangling("chargers[" + c + "].charges", charger.charges(), "the id of a pack of this rig");
            }
            if (!charger.via().isEmpty() && !ids.is(charger.via(), Kind.SEGMENT)) {
                throw dangling("chargers[" + c + "].via", charger.via(), "the id of a wire of this rig, or nothing");
            }
        }
    }

    private static void checkEnds(String list, List<Segment> segments, Ids ids) {
        for (int s = 0; s < segments.size(); s++) {
            Segment segment = segments.get(s);
            if (!ids.is(segment.from(), Kind.PACK, Kind.JUNCTION)) {
                throw dangling(
                        "harness." + list + "[" + s + "].from",
                        segment.from(),
                        "the id of a pack or junction of this rig");
            }
            if (!ids.is(segment.to(), Kind.DEVICE, Kind.JUNCTION)) {
                throw dangling(
                        "harness." + list + "[" + s + "].to",
                        segment.to(),
                        "the id of a junction or device of this rig");
            }
        }
    }

    private static void checkRuns(List<Run> runs, Craft craft, Ids ids) {
        Set<String> carried = new HashSet<>();
        for (int r = 0; r < runs.size(); r++) {
            Run run = runs.get(r);
            if (!carried.add(run.carries())) {
                throw new Refusal(RefusalCode.DUPLICATE, "runs", run.carries(), "each cable on one way");
            }
            if (!ids.is(run.carries(), Kind.TRANSDUCER, Kind.SEGMENT) && !ids.is(run.carries(), Kind.DATA_LEAD)) {
                throw dangling(
                        "runs[" + r + "].carries",
                        run.carries(),
                        "the id of a transducer, a wire or a data lead of this rig");
            }
            checkPassages("runs[" + r + "].legs", run.legs(), craft);
            checkPassages("runs[" + r + "].through", run.through(), craft);
            if (!run.coilAt().isEmpty() && craft.station(run.coilAt()).isEmpty()) {
                throw dangling("runs[" + r + "].coilAt", run.coilAt(), A_STATION + ", or nothing");
            }
        }
    }

    private static void checkPassages(String list, List<String> legs, Craft craft) {
        for (int l = 0; l < legs.size(); l++) {
            if (craft.passage(legs.get(l)).isEmpty()) {
                throw dangling(list + "[" + l + "]", legs.get(l), "the id of a passage of this craft");
            }
        }
    }

    private static void checkLeads(List<DataLead> leads, Ids ids) {
        for (int d = 0; d < leads.size(); d++) {
            DataLead lead = leads.get(d);
            if (!ids.is(lead.from(), Kind.DEVICE)) {
                throw dangling("network.leads[" + d + "].from", lead.from(), A_DEVICE);
            }
            if (!ids.is(lead.to(), Kind.DEVICE) || lead.to().equals(lead.from())) {
                throw dangling("network.leads[" + d + "].to", lead.to(), "the id of another device of this rig");
            }
        }
    }

    private static void checkFitOut(FitOut fitOut, Craft craft, Ids ids) {
        for (int b = 0; b < fitOut.ballast().size(); b++) {
            String station = fitOut.ballast().get(b).station();
            if (craft.station(station).isEmpty()) {
                throw dangling("fitOut.ballast[" + b + "].station", station, A_STATION);
            }
        }
        for (int b = 0; b < fitOut.boxes().size(); b++) {
            String station = fitOut.boxes().get(b).station();
            if (craft.station(station).isEmpty()) {
                throw dangling("fitOut.boxes[" + b + "].station", station, A_STATION);
            }
            List<Pocket> pockets = fitOut.boxes().get(b).pockets();
            for (int p = 0; p < pockets.size(); p++) {
                String holds = pockets.get(p).holds();
                boolean part = ids.is(holds, Kind.DEVICE, Kind.PACK) || ids.is(holds, Kind.TRANSDUCER);
                if (!holds.isEmpty() && !part) {
                    throw dangling(
                            "fitOut.boxes[" + b + "].pockets[" + p + "].holds",
                            holds,
                            "the id of a device, pack or transducer of this rig, or nothing");
                }
            }
        }
    }

    private static void checkNotes(List<Note> notes, Outing outing, Ids ids) {
        Set<String> noted = new HashSet<>();
        for (int n = 0; n < notes.size(); n++) {
            String part = notes.get(n).part();
            if (!noted.add(part)) {
                throw new Refusal(RefusalCode.DUPLICATE, "notes", part, "one note for each part");
            }
            boolean phase = outing.phases().stream().anyMatch(p -> p.id().equals(part));
            if (!part.isEmpty() && !phase && !ids.kinds.containsKey(part)) {
                throw dangling("notes[" + n + "].part", part, "the id of a part of this rig, or nothing");
            }
        }
    }

    private static Refusal dangling(String field, String id, String allowed) {
        return new Refusal(RefusalCode.DANGLING, field, id, allowed);
    }
}
