package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * What a person decided about one rig.
 *
 * @param name        as on the shelf
 * @param outing      the day it is planned for
 * @param angler      who is in it
 * @param craft       what carries it
 * @param transducers what sends and hears, the first being the one the line is judged by
 * @param devices     everything that draws current
 * @param harness     packs and the wire between them and the devices
 * @param runs        how cables go through the craft, at most one for each lead or segment
 * @param places      where devices and packs sit, at most one for each
 * @param holders     what holds displays, at most one for each
 * @param network     how displays and sensors are joined
 * @param onHand      packs the person has, to compare with
 * @param chargers    what charges the packs
 * @param sharing     how the craft travels, and who and what shares the rig
 * @param schools     preferences where practitioners differ
 * @param weights     how much each part of a mount's score counts
 * @param fitOut      weights, pass-throughs, boxes and boards round it
 * @param purse       what is on hand, what is bought, and what may be spent
 * @param quieted     ids of rules whose findings the person has put aside
 * @param proposed    ids of parts that were filled in and that nobody has taken yet, each once
 * @param notes       why a part was chosen, at most one for each; a note goes when its part goes
 */
@RecordBuilder
public record Rig(
        String name,
        Outing outing,
        Angler angler,
        Craft craft,
        @PartList(PartKind.TRANSDUCER) List<Transducer> transducers,
        @PartList(PartKind.DEVICE) List<Device> devices,
        Harness harness,
        @PartList(PartKind.RUN) List<Run> runs,
        List<Placement> places,
        @PartList(PartKind.HOLDER) List<Holder> holders,
        NetworkPlan network,
        @PartList(PartKind.ON_HAND) List<Pack> onHand,
        @PartList(PartKind.CHARGER) List<Charger> chargers,
        Sharing sharing,
        Schools schools,
        Weights weights,
        FitOut fitOut,
        Purse purse,
        Set<String> quieted,
        List<Note> notes,

        @Names(
                value = {
                    PartKind.DEVICE,
                    PartKind.TRANSDUCER,
                    PartKind.HOLDER,
                    PartKind.PACK,
                    PartKind.JUNCTION,
                    PartKind.SEGMENT,
                    PartKind.CHARGER,
                    PartKind.BOX,
                    PartKind.EXTRA
                },
                gone = Names.Gone.IS_EMPTIED)
        List<String> proposed)
        implements RigBuilder.With {

    /** Most devices in one rig. */
    public static final int MOST_DEVICES = 40;

    private static final int MOST_TRANSDUCERS = 12;
    private static final int MOST_ON_HAND = 60;
    private static final int MOST_CHARGERS = 12;
    private static final int MOST_RUNS = 100;
    private static final int MOST_QUIETED = 200;
    /** Most notes on its parts. */
    public static final int MOST_NOTES = 500;

    private static final int MOST_PROPOSED = 500;

    /** @throws Refusal naming the field for a blank name, an id used twice, a reference to nothing, too long a list */
    public Rig {
        Checks.name("name", name);
        transducers = Checks.atMost("transducers", MOST_TRANSDUCERS, transducers);
        devices = Checks.atMost("devices", MOST_DEVICES, devices);
        runs = Checks.atMost("runs", MOST_RUNS, runs);
        places = Checks.atMost("places", MOST_DEVICES + MOST_TRANSDUCERS, places);
        holders = Checks.atMost("holders", MOST_DEVICES, holders);
        onHand = Checks.atMost("onHand", MOST_ON_HAND, onHand);
        chargers = Checks.atMost("chargers", MOST_CHARGERS, chargers);
        notes = Checks.atMost("notes", MOST_NOTES, notes);
        proposed = Checks.atMost("proposed", MOST_PROPOSED, proposed);
        Checks.distinct("proposed", proposed);
        if (quieted.size() > MOST_QUIETED) {
            throw new Refusal(
                    RefusalCode.TOO_MANY, "quieted", String.valueOf(quieted.size()), "at most " + MOST_QUIETED);
        }
        quieted.forEach(id -> Checks.text("quieted", id));
        // kept sorted, so that the same rig is the same document
        quieted = quieted.isEmpty() ? Set.of() : Collections.unmodifiableSortedSet(new TreeSet<>(quieted));
        new References()
                .of("outing", outing)
                .of("craft", craft)
                .of("transducers", transducers)
                .of("devices", devices)
                .of("harness", harness)
                .of("runs", runs)
                .of("places", places)
                .of("holders", holders)
                .of("network", network)
                .of("onHand", onHand)
                .of("chargers", chargers)
                .of("fitOut", fitOut)
                .of("purse", purse)
                .of("notes", notes)
                .of("proposed", proposed)
                .check();
    }

    // every accessor notes that its part was read, see Reads; those of the outing and the harness do so themselves
    @Override
    public String name() {
        return Reads.noted(Part.NAME, name);
    }

    @Override
    public Angler angler() {
        return Reads.noted(Part.ANGLER, angler);
    }

    @Override
    public Craft craft() {
        return Reads.noted(Part.CRAFT, craft);
    }

    @Override
    public List<Transducer> transducers() {
        return Reads.noted(Part.TRANSDUCERS, transducers);
    }

    @Override
    public List<Device> devices() {
        return Reads.noted(Part.DEVICES, devices);
    }

    @Override
    public List<Run> runs() {
        return Reads.noted(Part.RUNS, runs);
    }

    @Override
    public List<Placement> places() {
        return Reads.noted(Part.PLACES, places);
    }

    @Override
    public List<Holder> holders() {
        return Reads.noted(Part.HOLDERS, holders);
    }

    @Override
    public NetworkPlan network() {
        return Reads.noted(Part.NETWORK, network);
    }

    @Override
    public List<Pack> onHand() {
        return Reads.noted(Part.ON_HAND, onHand);
    }

    @Override
    public List<Charger> chargers() {
        return Reads.noted(Part.CHARGERS, chargers);
    }

    @Override
    public Sharing sharing() {
        return Reads.noted(Part.SHARING, sharing);
    }

    @Override
    public Schools schools() {
        return Reads.noted(Part.SCHOOLS, schools);
    }

    @Override
    public Weights weights() {
        return Reads.noted(Part.WEIGHTS, weights);
    }

    @Override
    public FitOut fitOut() {
        return Reads.noted(Part.FIT_OUT, fitOut);
    }

    @Override
    public Set<String> quieted() {
        return Reads.noted(Part.QUIETED, quieted);
    }

    @Override
    public Purse purse() {
        return Reads.noted(Part.PURSE, purse);
    }

    @Override
    public List<Note> notes() {
        return Reads.noted(Part.NOTES, notes);
    }

    @Override
    public List<String> proposed() {
        return Reads.noted(Part.PROPOSED, proposed);
    }

    // whoever takes parts out need not think of what named them: it goes, or names nothing from then on, see Names
    @Override
    public Rig withOuting(Outing changed) {
        return DroppedReferences.with(this, "outing", changed);
    }

    @Override
    public Rig withCraft(Craft changed) {
        return DroppedReferences.with(this, "craft", changed);
    }

    @Override
    public Rig withTransducers(List<Transducer> changed) {
        return DroppedReferences.with(this, "transducers", changed);
    }

    @Override
    public Rig withDevices(List<Device> changed) {
        return DroppedReferences.with(this, "devices", changed);
    }

    @Override
    public Rig withHarness(Harness changed) {
        return DroppedReferences.with(this, "harness", changed);
    }

    @Override
    public Rig withRuns(List<Run> changed) {
        return DroppedReferences.with(this, "runs", changed);
    }

    @Override
    public Rig withHolders(List<Holder> changed) {
        return DroppedReferences.with(this, "holders", changed);
    }

    @Override
    public Rig withNetwork(NetworkPlan changed) {
        return DroppedReferences.with(this, "network", changed);
    }

    @Override
    public Rig withOnHand(List<Pack> changed) {
        return DroppedReferences.with(this, "onHand", changed);
    }

    @Override
    public Rig withChargers(List<Charger> changed) {
        return DroppedReferences.with(this, "chargers", changed);
    }

    @Override
    public Rig withFitOut(FitOut changed) {
        return DroppedReferences.with(this, "fitOut", changed);
    }

    @Override
    public Rig withPurse(Purse changed) {
        return DroppedReferences.with(this, "purse", changed);
    }

    /** Whether it has such a part. */
    public boolean has(PartKind kind, String id) {
        PartIds there = new PartIds();
        Marks.visit(this, there);
        return there.has(kind, id);
    }

    /** Without a part and without what named it; this very rig where it has none such. */
    public Rig without(PartKind kind, String id) {
        return DroppedReferences.without(this, kind, id);
    }

    /** A rig of which nothing is known but its name and what carries it, and what goes with that: on ice nobody drifts. */
    public static Rig blank(String name, CraftKind craft) {
        Water water = craft.onIce()
                ? Water.UNKNOWN.with(
                        ice -> ice.season(Season.ICE).motion(Motion.STILL).style(FishingStyle.ICE_JIG))
                : Water.UNKNOWN;
        return new Rig(
                name,
                new Outing(Figure.UNSET, water, List.of()),
                Angler.UNKNOWN,
                Craft.of(craft),
                List.of(),
                List.of(),
                new Harness(List.of(), List.of(), List.of()),
                List.of(),
                List.of(),
                List.of(),
                NetworkPlan.NONE,
                List.of(),
                List.of(),
                Sharing.UNKNOWN,
                Schools.UNDECIDED,
                Weights.EVEN,
                FitOut.NONE,
                Purse.NONE,
                Set.of(),
                List.of(),
                List.of());
    }

    /** Name of the pack, junction or device with this id; an unknown id is a bug of the caller. */
    public String nameOfPoint(String id) {
        return find(harness.packs(), Pack::id, id)
                .map(Pack::name)
                .or(() -> harness.junction(id).map(Junction::name))
                .orElseGet(() -> device(id).name());
    }

    /** Place of a device in the list, for pointers. */
    public int indexOf(Device device) {
        List<Device> all = devices();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).id().equals(device.id())) {
                return i;
            }
        }
        throw new IllegalArgumentException("no such device: " + device.id());
    }

    /** The device with this id; an unknown id is a bug of the caller. */
    public Device device(String id) {
        return find(devices(), Device::id, id).orElseThrow();
    }

    /** Where a device or pack sits, if that is said. */
    public Optional<Placement> placeOf(String item) {
        return find(places(), Placement::item, item);
    }

    /** Id of the station where a device or pack sits; "" where that is not said. */
    public String stationOf(String item) {
        return placeOf(item).map(Placement::station).orElse("");
    }

    /** The transducer with this id, if there is one. */
    public Optional<Transducer> transducer(String id) {
        return find(transducers(), Transducer::id, id);
    }

    /** The display a transducer plugs into: the one it names, or the only one. */
    public Optional<Device> displayOf(Transducer transducer) {
        if (!transducer.feeds().isEmpty()) {
            return Optional.of(device(transducer.feeds()));
        }
        List<Device> displays =
                devices().stream().filter(device -> device.kind().display()).toList();
        return displays.size() == 1 ? Optional.of(displays.get(0)) : Optional.empty();
    }

    /** How the cable of a transducer or segment goes, if that is said. */
    public Optional<Run> runOf(String carried) {
        return find(runs(), Run::carries, carried);
    }

    /** What charges a pack. */
    public List<Charger> chargersOf(String pack) {
        return chargers().stream()
                .filter(charger -> charger.charges().equals(pack))
                .toList();
    }

    /** A plain loop: every rig that is tried as a cure looks its parts up again and again. */
    private static <T> Optional<T> find(List<T> all, Function<T, String> key, String id) {
        for (T each : all) {
            if (key.apply(each).equals(id)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
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

    /** This rig with one junction replaced by the one of the same id. */
    public Rig with(Junction junction) {
        return withHarness(harness.with(junction));
    }

    /** This rig with one transducer replaced by the one of the same id. */
    public Rig with(Transducer transducer) {
        return withTransducers(transducers.stream()
                .map(t -> t.id().equals(transducer.id()) ? transducer : t)
                .toList());
    }

    /** What holds a display, if that is said. */
    public Optional<Holder> holderOf(String device) {
        return find(holders(), Holder::holds, device);
    }

    /** This rig with the holder of the same display replaced, or added where there was none. */
    public Rig with(Holder holder) {
        return withHolders(replaced(holders, holder, Holder::holds));
    }

    /** This rig with the run of the same load replaced, or added where there was none. */
    public Rig with(Run run) {
        return withRuns(replaced(runs, run, Run::carries));
    }

    /** This rig with the place of the same item replaced, or added where there was none. */
    public Rig with(Placement place) {
        return withPlaces(replaced(places, place, Placement::item));
    }

    private static <T> List<T> replaced(List<T> all, T one, Function<T, String> key) {
        List<T> changed = new ArrayList<>(all);
        for (int i = 0; i < changed.size(); i++) {
            if (key.apply(changed.get(i)).equals(key.apply(one))) {
                changed.set(i, one);
                return changed;
            }
        }
        changed.add(one);
        return changed;
    }
}
