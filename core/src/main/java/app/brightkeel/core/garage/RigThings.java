package app.brightkeel.core.garage;

import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The parts of a rig that could be pieces of gear of a garage. */
public final class RigThings {

    /** Stands for the craft among ids of parts. */
    public static final String CRAFT = "craft";

    public static final String MOUNT = "mount";
    public static final String EXTENSION = "extension";
    public static final String ADAPTER = "adapter-";

    private static final String SLASH = "/";

    /**
     * One of them.
     *
     * @param part  id of the part, {@link #CRAFT} for the craft
     * @param piece of it that has no id of its own, "" for the part itself, as {@link app.brightkeel.core.rig.Purchase} has it
     */
    public record There(String part, String piece, String name, Thing thing) {

        /** As addresses and lists write it. */
        public String id() {
            return RigThings.id(part, piece);
        }
    }

    private final List<There> all = new ArrayList<>();

    private RigThings() {}

    static String id(String part, String piece) {
        return piece.isEmpty() ? part : part + SLASH + piece;
    }

    /** In the order of the rig. */
    public static List<There> of(Rig rig) {
        RigThings things = new RigThings();
        rig.devices().forEach(each -> things.add(each.id(), "", each.name(), new Thing.OwnDevice(each)));
        rig.transducers().forEach(things::transducer);
        rig.holders().forEach(each -> things.add(each.id(), "", each.name(), new Thing.OwnHolder(each)));
        rig.harness().packs().forEach(each -> things.add(each.id(), "", each.name(), new Thing.OwnPack(each)));
        rig.onHand().forEach(each -> things.add(each.id(), "", each.name(), new Thing.OwnPack(each)));
        rig.chargers().forEach(each -> things.add(each.id(), "", each.name(), new Thing.OwnCharger(each)));
        rig.harness().segments().forEach(things::supply);
        rig.harness().spares().forEach(things::supply);
        rig.network()
                .leads()
                .forEach(each -> things.add(
                        each.id(), "", each.name(), new Thing.OwnLead(LeadUse.DATA, each.lengthM(), each.plugM())));
        rig.fitOut().boxes().forEach(each -> things.add(each.id(), "", each.name(), new Thing.OwnBox(each)));
        String craft = rig.craft().kind().words();
        things.add(CRAFT, "", craft, new Thing.OwnCraft(craft, rig.craft()));
        return things.all;
    }

    /** The one with this id. */
    public static Optional<There> find(Rig rig, String id) {
        return of(rig).stream().filter(each -> each.id().equals(id)).findFirst();
    }

    private void add(String part, String piece, String name, Thing thing) {
        all.add(new There(part, piece, name, thing));
    }

    /** With what belongs to it alone: its mount, an extension, adapters. */
    private void transducer(Transducer transducer) {
        String id = transducer.id();
        add(id, "", transducer.name(), new Thing.OwnTransducer(transducer));
        if (transducer.mount().kind() != MountKind.UNDECIDED) {
            add(id, MOUNT, transducer.mount().kind().words(), new Thing.OwnMount(transducer.mount()));
        }
        if (transducer.lead().extensionM().isSet()) {
            add(
                    id,
                    EXTENSION,
                    "extension of " + transducer.name(),
                    new Thing.OwnLead(
                            LeadUse.EXTENSION,
                            transducer.lead().extensionM(),
                            transducer.lead().plugM()));
        }
        int k = 0;
        for (Adapter adapter : transducer.plug().adapters()) {
            k++;
            add(id, ADAPTER + k, adapter.name(), new Thing.OwnAdapter(adapter));
        }
    }

    private void supply(Segment segment) {
        // a piece of wire of no length is a joint
        if (segment.wire().lengthM().isSet() && segment.wire().lengthM().value() >= Thing.OwnLead.SHORTEST_M) {
            add(
                    segment.id(),
                    "",
                    segment.name(),
                    new Thing.OwnLead(LeadUse.SUPPLY, segment.wire().lengthM(), Figure.UNSET));
        }
    }
}
