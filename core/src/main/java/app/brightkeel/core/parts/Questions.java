package app.brightkeel.core.parts;

import app.brightkeel.core.reference.DeviceKind;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PartKind;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Shared;
import app.brightkeel.core.rig.Sockets;
import app.brightkeel.core.rig.SonarVersion;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.WantedView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/** What a person should have confirmed before money is spent; what the plan knows is not asked. */
public final class Questions {

    /**
     * One of them.
     *
     * @param id   of the part it is about; "rig" where it is about no part alone
     * @param whom who knows: the shop, the maker, whoever sells it
     * @param ask  in the words to ask it in
     * @param why  what goes wrong where it is not asked
     */
    public record Question(String id, String about, String whom, String ask, String why) {}

    /** What no part alone is about. */
    private static final String WHOLE = "rig";

    /** Share of the length aft of the bow where a puck is tried first; common practice, no source. */
    private static final double FORE = 0.3;

    private final List<Question> all = new ArrayList<>();

    private Questions() {}

    public static List<Question> of(Rig rig) {
        Questions questions = new Questions();
        Sockets.Plugged.all(rig).forEach(each -> questions.plugged(each.transducer(), each.device()));
        rig.outing().views().forEach(view -> questions.view(rig, view));
        rig.transducers().forEach(transducer -> questions.mount(rig, transducer));
        rig.devices().forEach(questions::device);
        if (rig.network().shares().contains(Shared.SONAR)) {
            questions.add(
                    WHOLE,
                    "the displays",
                    "their maker",
                    "Do both displays share sonar pictures with each other, over which lead, and in which software version?",
                    "the low-rate bus carries no pictures");
        }
        rig.harness().packs().forEach(questions::pack);
        rig.transducers().forEach(questions::widest);
        rig.fitOut().fasteners().forEach(questions::fastener);
        rig.places().forEach(place -> questions.held(rig, place));
        rig.places().forEach(place -> questions.seated(rig, place));
        rig.fitOut().boxes().forEach(questions::grommets);
        return List.copyOf(questions.all);
    }

    private void add(String id, String about, String whom, String ask, String why) {
        all.add(new Question(id, about, whom, ask, why));
    }

    private void plugged(Transducer transducer, Device device) {
        String beams = transducer.beams().stream().map(Beam::name).collect(Collectors.joining(", "));
        if (!transducer.plug().pins().isSet() || !device.sockets().sonarPins().isSet()) {
            add(
                    transducer.id(),
                    transducer.name(),
                    "the shop",
                    "How many pins has its plug, and the sonar socket of the " + device.name() + "?",
                    "a plug that does not go in comes back first");
        }
        if (device.sockets().shows().isEmpty()) {
            add(
                    device.id(),
                    device.name(),
                    "its maker",
                    "Does it show " + beams + " of the " + transducer.name() + "?",
                    "a view that is not drawn is not had, whatever the transducer sees");
        }
        if (device.sockets().version() == SonarVersion.UNDECIDED
                || transducer.plug().version() == SonarVersion.UNDECIDED) {
            add(
                    device.id(),
                    device.name(),
                    "the seller",
                    "Which hardware generation is it: does it send single tones or frequency sweeps?",
                    "an element made for sweeps is deaf to an older display");
        }
        transducer
                .plug()
                .adapters()
                .forEach(adapter -> add(
                        transducer.id(),
                        adapter.name(),
                        "its maker",
                        "Which beams does it carry over, and the water's temperature too?",
                        "adapters seldom carry every wire"));
    }

    private void view(Rig rig, WantedView view) {
        String displays = rig.devices().stream()
                .filter(device -> device.kind().display())
                .map(Device::name)
                .collect(Collectors.joining(" and the "));
        if (!displays.isEmpty() && view != WantedView.TEMPERATURE) {
            add(
                    WHOLE,
                    view.words(),
                    "the shop, with both on the table",
                    "May I see that view on the " + displays + " with this very transducer?",
                    "a simulator on the screen proves the screen, not the transducer");
        }
    }

    private void mount(Rig rig, Transducer transducer) {
        MountKind kind = transducer.mount().kind();
        if (kind == MountKind.STERN_BRACKET || kind == MountKind.SKID_INSERTS || kind == MountKind.HULL_POCKET) {
            add(
                    transducer.id(),
                    kind.words(),
                    "the craft's maker",
                    "Which thread, and how deep, are the inserts of this craft and year? Which screws come with it?",
                    "the same size is not the same insert; a kit for another craft is never assumed to fit");
        }
        if (kind == MountKind.SCUPPER) {
            add(
                    transducer.id(),
                    kind.words(),
                    "a tape measure",
                    "How wide is the scupper at its narrowest, and which way does it lean?",
                    "scuppers of one hull differ, and a mount that turns in it looks astern");
        }
        if (kind == MountKind.IN_HULL) {
            add(
                    transducer.id(),
                    kind.words(),
                    "the craft's maker",
                    "Where is the hull one solid layer, flat, without foam or a rib?",
                    "sound does not pass air: try it with water in a bag before anything is glued");
            pucks(rig, transducer);
        }
    }

    /** Where to try it, in this order: ahead of the seat the water is smooth, right aft it is not. */
    private void pucks(Rig rig, Transducer transducer) {
        double length = rig.craft().lengthM().isSet() ? rig.craft().lengthM().value() : 0;
        List<Station> inside = rig.craft().stations().stream()
                .filter(station -> MountKind.IN_HULL.sitsAt(station.spot()) && station.placed())
                .sorted(Comparator.comparingDouble(
                        station -> Math.abs(station.fromBowM().value() - FORE * length)))
                .toList();
        for (int at = 0; at < inside.size(); at++) {
            String where = inside.get(at).fromBowM().value() <= length / 2
                    ? "smooth water passes under the fore part first"
                    : "aft only where nothing forward is flat: what the hull stirs up passes there";
            add(
                    transducer.id(),
                    "spot " + (at + 1) + " to try: " + inside.get(at).name(),
                    "a hand and a wet bag",
                    "Is it flat over the whole puck, does it sound solid when tapped, and does the depth stay with the puck in a bag of water?",
                    where);
        }
    }

    private void device(Device device) {
        if (!device.limits().maxFuseA().isSet()) {
            add(
                    device.id(),
                    device.name(),
                    "its leaflet",
                    "Which fuse does its maker allow at most?",
                    "a larger one voids the guarantee, and the lead burns first");
        }
        if (device.kind() == DeviceKind.LIVE_MODULE) {
            add(
                    device.id(),
                    device.name(),
                    "the shop",
                    "Is the head, its power lead and the network lead in the same box?",
                    "parts of a set are sold apart, each at its price");
        }
        if (device.kind() == DeviceKind.KEYPAD && device.sockets().family().isEmpty()) {
            add(
                    device.id(),
                    device.name(),
                    "its maker",
                    "Which displays does it work?",
                    "a keypad of another family does nothing");
        }
    }

    /** Before any hole is settled. */
    private void widest(Transducer transducer) {
        if (!transducer.lead().plugM().isSet()) {
            add(
                    transducer.id(),
                    transducer.name(),
                    "a calliper",
                    "How wide is its plug at the widest, boot and ring included?",
                    "the plug goes through the hole, not the cable: no hole is drilled before that is known");
        }
    }

    /** A plan of places is not a body in a seat. */
    private void seated(Rig rig, Placement place) {
        rig.devices().stream()
                .filter(device ->
                        device.id().equals(place.item()) && device.kind().display())
                .filter(device -> !rig.craft().kind().onIce())
                .forEach(device -> add(
                        device.id(),
                        device.name(),
                        "yourself, seated in it",
                        "Upright, leaning, paddling, a fish landed on each side: is it reached, read, and out of the way?",
                        "a second spot stays open, and nothing is drilled, until the first was tried"));
    }

    private void grommets(Enclosure box) {
        box.exits().stream()
                .filter(exit -> exit.closedBy() == PassThrough.GROMMET && exit.use() == ExitUse.CABLES)
                .forEach(exit -> add(
                        box.id(),
                        exit.name(),
                        "the shop",
                        "Is the grommet split, so that it closes round a cable whose plug is on?",
                        "one that is whole wants the plug off, or a hole as wide as that"));
    }

    private void held(Rig rig, Placement place) {
        Held held = place.held();
        if (held.how().walls() && !held.tried().known() && rig.has(PartKind.PACK, place.item())) {
            add(
                    place.item(),
                    rig.nameOfPoint(place.item()),
                    "a trial",
                    "Does it go in and stay, " + held.how().words() + ", with its plug on and the strap shut?",
                    "not tried is not held: a bracket fits the battery it was made for");
        }
    }

    private void fastener(Fastener fastener) {
        if (fastener.supplied() > 0 && !fastener.tried()) {
            add(
                    fastener.id(),
                    fastener.name(),
                    "a ruler",
                    "Are they long enough for these layers, and short enough for what lies behind?",
                    "supplied bolts are made for another craft, and are often of the wrong length");
        }
    }

    private void pack(Pack pack) {
        if (pack.cranking().engine()) {
            add(
                    pack.id(),
                    pack.name(),
                    "a licensed marine electrician",
                    "What may hang on the battery that starts the engine, and how is it parted from it?",
                    "from here carry over: a pair of its own, the check of the drop, the lay-up; not cranking, not charging by the motor, not the boat's own wiring");
        }
        if (!pack.maxDischargeA().isSet()) {
            add(
                    pack.id(),
                    pack.name(),
                    "its leaflet",
                    "How much may it give at most, and in which cold does it cut off?",
                    "a pack that switches itself off looks like a blown fuse");
        }
        if (!pack.label().maxChargeA().isSet()) {
            add(
                    pack.id(),
                    pack.name(),
                    "its leaflet",
                    "With how much may it be charged, and from which temperature on?",
                    "lithium is never charged below freezing");
        }
        if (pack.age().isSet() && pack.age().value() < 1 || pack.test().done()) {
            add(
                    pack.id(),
                    pack.name(),
                    "a load test",
                    "What does it still give, discharged once over the hours of a day?",
                    "rest volts say that it lives, not how long");
        }
    }
}
