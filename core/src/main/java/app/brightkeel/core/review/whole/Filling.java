package app.brightkeel.core.review.whole;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Ruling;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.change.battery.BatteryChanges;
import app.brightkeel.core.review.change.mount.MountChanges;
import app.brightkeel.core.review.change.screen.HolderChanges;
import app.brightkeel.core.review.change.water.WaterChanges;
import app.brightkeel.core.review.change.wire.Distribution;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Phase;
import app.brightkeel.core.rig.ProposedParts;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Season;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.route.Cable;
import app.brightkeel.core.route.Rerouting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * A rig made whole, link by link, with the best that holds by the rig's own rules: what is there stays, what is open is filled in.
 * It is a sound first one, not the best of all: each step is decided by the links it touches, and what then still fails is mended.
 */
final class Filling {

    static final String ID = "fill-in";

    /** Where nobody said: a day, who sits in it, the water; common practice, no source. */
    private static final double DAY_H = 6;

    private static final double ANGLER_KG = 82;
    private static final double LEAST_M = 2;
    private static final double MOST_M = 8;
    private static final String DISPLAY = "display-7-in-chirp";

    private final RigReviewer reviewer;
    private final List<Text> said = new ArrayList<>();
    private final Rig began;
    private Line line;

    private Filling(Line line, RigReviewer reviewer) {
        this.line = line;
        began = line.entered();
        this.reviewer = reviewer;
    }

    /** As one change; none where nothing is open that can be filled in. */
    static Optional<Change> of(Line line, String id, RigReviewer reviewer) {
        Filling filling = new Filling(line, reviewer);
        filling.run();
        return filling.line.entered().equals(line.entered())
                ? Optional.empty()
                : Optional.of(new Change(id, filling.label(), Effort.BUY, filling.line.entered()));
    }

    private Text label() {
        List<Text> all = new ArrayList<>(said);
        reviewer.review(line).findings().stream()
                .filter(finding -> !finding.putAside())
                .filter(finding -> finding.verdict() == Verdict.UNSET || finding.verdict() == Verdict.FAILS)
                .forEach(finding -> all.add(Text.of("still in the way: {}", finding.text())));
        return all.isEmpty()
                ? Text.of("Fill in what is open")
                : Text.of("Fill in what is open: {}", MendAll.joined(all));
    }

    private void run() {
        take(rig -> Optional.of(
                rig.withOuting(rig.outing().withWater(water(rig.outing().water(), rig)))));
        take(Filling::angler);
        take(Filling::day);
        craft();
        if (line.entered().devices().isEmpty()) {
            Comparison.find(line, "screen.one-more." + DISPLAY).ifPresent(this::take);
        }
        if (line.entered().transducers().isEmpty()) {
            best(
                    Catalogue.transducers().stream()
                            .flatMap(item -> Comparison.find(line, "transducer.one-more." + item.id()).stream()),
                    List.of(Link.TRANSDUCER));
        }
        for (Transducer transducer : line.entered().transducers()) {
            if (line.entered().displayOf(transducer).isEmpty()) {
                best(plugged(transducer), List.of(Link.TRANSDUCER));
            }
        }
        for (Device device : line.entered().devices()) {
            if (line.entered().placeOf(device.id()).isEmpty()) {
                best(
                        places(device.id(), device.name(), spot -> spot.spot().takesDisplay())
                                .flatMap(place -> held(device, place)),
                        List.of(Link.SCREEN));
            }
        }
        for (Device device : line.entered().devices()) {
            best(missing(line, device), List.of(Link.SCREEN));
        }
        for (Transducer transducer : line.entered().transducers()) {
            if (transducer.mount().kind() == MountKind.UNDECIDED
                    || transducer.mount().station().isEmpty()) {
                best(
                        MountChanges.all(line)
                                .filter(change -> change.id().startsWith("mount.take." + transducer.id() + ".")),
                        List.of(Link.MOUNT, Link.TRANSDUCER, Link.CABLE));
            }
        }
        best(BatteryChanges.first(line), List.of(Link.BATTERY));
        for (Pack pack : line.entered().harness().packs()) {
            if (line.entered().placeOf(pack.id()).isEmpty()) {
                best(
                        places(pack.id(), pack.name(), spot -> spot.spot().takesPack()),
                        List.of(Link.CARRY, Link.BATTERY));
            }
        }
        if (line.entered().harness().segments().isEmpty()) {
            best(
                    Distribution.all(line).stream(),
                    List.of(Link.WIRE, Link.FUSE, Link.BATTERY, Link.SCREEN, Link.CARRY, Link.CABLE));
        }
        for (Cable cable : Cable.all(line.entered())) {
            if (line.entered().runOf(cable.id()).isEmpty()) {
                take(rig -> Optional.of(Rerouting.of(rig, cable.id())));
            }
        }
        line = MendAll.mended(line, reviewer, began);
        take(rig -> Optional.of(ProposedParts.marked(rig, anew(rig))));
    }

    /** What is there now and was not before. */
    private Stream<String> anew(Rig rig) {
        Set<String> before = ProposedParts.of(began).keySet();
        return ProposedParts.of(rig).keySet().stream().filter(id -> !before.contains(id));
    }

    /** The best of several by the links they touch, the first of equals; nothing where there are none. */
    private void best(Stream<Change> changes, List<Link> by) {
        record Judged(Change change, Line then, long fails, long open, long closes, double score) {}
        changes.map(change -> {
                    Line then = line.with(change.after());
                    List<Ruling> found = by.stream()
                            .flatMap(link -> reviewer.standing(then, link).found())
                            .filter(ruling -> !ruling.putAside())
                            .toList();
                    return new Judged(
                            change,
                            then,
                            count(found, Verdict.FAILS),
                            count(found, Verdict.UNSET),
                            count(found, Verdict.CLOSE),
                            Links.of(by.get(0)).merit(line, then).score());
                })
                .min(Comparator.comparingLong(Judged::fails)
                        .thenComparingLong(Judged::open)
                        .thenComparingLong(Judged::closes)
                        .thenComparing(Comparator.comparingDouble(Judged::score).reversed()))
                .ifPresent(best -> {
                    said.add(best.change().label());
                    line = best.then();
                });
    }

    private static long count(List<Ruling> all, Verdict verdict) {
        return all.stream().filter(each -> each.verdict() == verdict).count();
    }

    /** Into each display: which of several it feeds nobody said. */
    private Stream<Change> plugged(Transducer transducer) {
        Rig rig = line.entered();
        return rig.devices().stream()
                .filter(device -> device.kind().display())
                .map(display -> new Change(
                        "transducer.feeds." + transducer.id() + "." + display.id(),
                        Text.of("{} into the {}", transducer.name(), display.name()),
                        Effort.SETTING,
                        rig.with(transducer.withFeeds(display.id()))));
    }

    private Stream<Change> places(String item, String name, Predicate<Station> takes) {
        Rig rig = line.entered();
        return rig.craft().stations().stream()
                .filter(takes)
                .map(station -> new Change(
                        "carry.place." + item + "." + station.id(),
                        Text.of("{}: {}", name, station.name()),
                        Effort.MOVE,
                        Rerouting.placed(rig, item, station.id())));
    }

    /** A display at a place with each holder that fits there; by itself where it is a part that needs none, or none fits. */
    private Stream<Change> held(Device device, Change place) {
        List<Change> holders = device.kind().display()
                ? missing(line.with(place.after()), device).map(place::and).toList()
                : List.of();
        return holders.isEmpty() ? Stream.of(place) : holders.stream();
    }

    private static Stream<Change> missing(Line line, Device device) {
        return HolderChanges.missing(line).filter(change -> change.id().startsWith("screen.hold." + device.id() + "."));
    }

    private void take(Change change) {
        said.add(change.label());
        line = line.with(change.after());
    }

    private void take(Function<Rig, Optional<Rig>> fill) {
        fill.apply(line.entered())
                .filter(after -> !after.equals(line.entered()))
                .ifPresent(after -> line = line.with(after));
    }

    /** The first ready craft of its kind, where nobody measured one. */
    private void craft() {
        Craft craft = line.entered().craft();
        if (craft.kind() == CraftKind.UNDECIDED
                || !craft.stations().isEmpty()
                || craft.lengthM().isSet()) {
            return;
        }
        Catalogue.crafts().stream()
                .filter(item -> item.craft().kind() == craft.kind())
                .map(CraftItem::id)
                .findFirst()
                .flatMap(id -> Comparison.find(line, "mount.craft." + id))
                .ifPresent(this::take);
    }

    private static Water water(Water water, Rig rig) {
        boolean ice = rig.craft().kind().onIce();
        Motion usual = water.style() != FishingStyle.UNDECIDED
                ? WaterChanges.motions(water.style()).get(0)
                : ice ? Motion.STILL : Motion.DRIFTING;
        return water.with(filled -> filled.kind(water.kind() == WaterKind.UNDECIDED ? WaterKind.FRESH : water.kind())
                .season(water.season() != Season.UNDECIDED ? water.season() : ice ? Season.ICE : Season.SUMMER)
                .motion(water.motion() != Motion.UNDECIDED ? water.motion() : usual)
                .style(
                        water.style() != FishingStyle.UNDECIDED
                                ? water.style()
                                : ice ? FishingStyle.ICE_JIG : FishingStyle.DRIFT)
                .leastM(water.leastM()
                        .orPropose(
                                water.mostM().isSet()
                                        ? Math.min(LEAST_M, water.mostM().value() / 2)
                                        : LEAST_M))
                .mostM(water.mostM()
                        .orPropose(
                                water.leastM().isSet()
                                        ? Math.max(MOST_M, water.leastM().value() * 2)
                                        : MOST_M)));
    }

    private static Optional<Rig> angler(Rig rig) {
        return rig.craft().kind().onIce()
                ? Optional.empty()
                : Optional.of(rig.withAngler(
                        rig.angler().withMassKg(rig.angler().massKg().orPropose(ANGLER_KG))));
    }

    private static Optional<Rig> day(Rig rig) {
        List<Phase> phases = rig.outing().phases();
        return phases.isEmpty()
                ? Optional.empty()
                : Optional.of(rig.withOuting(rig.outing()
                        .withPhases(phases.stream()
                                .map(phase -> phase.withHours(phase.hours().orPropose(DAY_H / phases.size())))
                                .toList())));
    }
}
