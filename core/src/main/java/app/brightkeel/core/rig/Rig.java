package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What a person decided about one rig.
 *
 * @param name    as on the shelf
 * @param outing  the day it is planned for
 * @param craft   what carries it
 * @param devices everything that draws current
 * @param harness packs and the wire between them and the devices
 * @param schools preferences where practitioners differ
 * @param quieted ids of rules whose findings the person has put aside
 * @param notes   why a part was chosen, at most one for each; a note goes when its part goes
 */
@RecordBuilder
public record Rig(
        String name,
        Outing outing,
        Craft craft,
        List<Device> devices,
        Harness harness,
        Schools schools,
        Set<String> quieted,
        List<Note> notes)
        implements RigBuilder.With {

    /** Most devices in one rig. */
    public static final int MOST_DEVICES = 40;

    private static final int MOST_QUIETED = 200;

    private static final int MOST_NOTES = 500;

    /** @throws Refusal naming the field for a blank name, an id used twice, a reference to nothing, too long a list */
    public Rig {
        Checks.name("name", name);
        devices = Checks.atMost("devices", MOST_DEVICES, devices);
        if (quieted.size() > MOST_QUIETED) {
            throw new Refusal(
                    RefusalCode.TOO_MANY, "quieted", String.valueOf(quieted.size()), "at most " + MOST_QUIETED);
        }
        quieted.forEach(id -> Checks.text("quieted", id));
        // kept sorted, so that the same rig is the same document
        quieted = java.util.Collections.unmodifiableSortedSet(new TreeSet<>(quieted));
        List<String> ids = new ArrayList<>(harness.ownIds());
        devices.forEach(device -> ids.add(device.id()));
        Checks.distinct("harness", ids);
        Set<String> known = new HashSet<>();
        devices.forEach(device -> known.add(device.id()));
        for (int p = 0; p < outing.phases().size(); p++) {
            List<Use> uses = outing.phases().get(p).uses();
            for (int u = 0; u < uses.size(); u++) {
                refuseUnknown(
                        "outing.phases[" + p + "].uses[" + u + "].device",
                        uses.get(u).device(),
                        known);
            }
        }
        harness.packs().forEach(pack -> known.add(pack.id()));
        harness.junctions().forEach(junction -> known.add(junction.id()));
        harness.checkEnds(known);
        notes = Checks.atMost("notes", MOST_NOTES, notes);
        Checks.distinct("notes", notes.stream().map(Note::part).toList());
        Set<String> parts = new HashSet<>(ids);
        outing.phases().forEach(phase -> parts.add(phase.id()));
        for (int n = 0; n < notes.size(); n++) {
            String part = notes.get(n).part();
            if (!part.isEmpty() && !parts.contains(part)) {
                throw new Refusal(
                        RefusalCode.DANGLING,
                        "notes[" + n + "].part",
                        part,
                        "the id of a part of this rig, or nothing");
            }
        }
    }

    /** A note goes with its part: whoever takes parts out of a harness need not think of it. */
    @Override
    public Rig withHarness(Harness changed) {
        Set<String> gone = new HashSet<>(harness.ownIds());
        gone.removeAll(new HashSet<>(changed.ownIds()));
        List<Note> kept =
                notes.stream().filter(note -> !gone.contains(note.part())).toList();
        return new Rig(name, outing, craft, devices, changed, schools, quieted, kept);
    }

    private static void refuseUnknown(String field, String id, Set<String> known) {
        if (!known.contains(id)) {
            throw new Refusal(RefusalCode.DANGLING, field, id, "the id of a device of this rig");
        }
    }

    /** A rig of which nothing is known but its name and what carries it. */
    public static Rig blank(String name, CraftKind craft) {
        return new Rig(
                name,
                new Outing(Figure.UNSET, Water.UNKNOWN, List.of()),
                new Craft(craft, Figure.UNSET),
                List.of(),
                new Harness(List.of(), List.of(), List.of()),
                Schools.UNDECIDED,
                Set.of(),
                List.of());
    }

    /** Place of a device in the list, for pointers. */
    public int indexOf(Device device) {
        for (int i = 0; i < devices.size(); i++) {
            if (devices.get(i).id().equals(device.id())) {
                return i;
            }
        }
        throw new IllegalArgumentException("no such device: " + device.id());
    }

    /** The device with this id; an unknown id is a bug of the caller. */
    public Device device(String id) {
        return devices.stream().filter(d -> d.id().equals(id)).findFirst().orElseThrow();
    }

    /** This rig with one device replaced by the one of the same id. */
    public Rig with(Device device) {
        return withDevices(devices.stream()
                .map(d -> d.id().equals(device.id()) ? device : d)
                .toList());
    }

    /** This rig with one pack replaced by the one of the same id. */
    public Rig with(Pack pack) {
        return withHarness(harness.with(pack));
    }

    /** This rig with one segment replaced by the one of the same id. */
    public Rig with(Segment segment) {
        return withHarness(harness.with(segment));
    }
}
