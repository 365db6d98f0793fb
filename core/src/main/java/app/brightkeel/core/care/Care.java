package app.brightkeel.core.care;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.WaterKind;
import app.brightkeel.core.trip.Trip;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a rig wants, by the calendar, by its days out and by what was written down. */
public final class Care {

    private static final String CHARGE = "charge-";

    private final Rig rig;
    private final List<LocalDate> out;
    private final Collection<LocalDate> chargedBefore;
    private final List<CareDone> done;
    private final LocalDate since;
    private final LocalDate today;

    private Care(Rig rig, List<Trip> trips, List<CareDone> done, LocalDate since, LocalDate today) {
        this.rig = rig;
        this.done = done;
        this.today = today;
        out = trips.stream().map(trip -> LocalDate.parse(trip.day())).distinct().toList();
        chargedBefore = trips.stream()
                .filter(Trip::charged)
                .map(trip -> LocalDate.parse(trip.day()))
                .toList();
        this.since = Stream.concat(out.stream(), Stream.of(since))
                .min(Comparator.naturalOrder())
                .orElse(since);
    }

    /**
     * What is due, soonest first.
     *
     * @param rig   filled
     * @param since day the rig was first written down: what nobody did yet counts from there, or from the first trip
     */
    public static List<CareDue> of(Rig rig, List<Trip> trips, List<CareDone> done, LocalDate since, LocalDate today) {
        return new Care(rig, trips, done, since, today).all();
    }

    /** Days on which a battery was charged, as they were written down, in order. */
    public static List<LocalDate> charges(Pack pack, List<CareDone> done) {
        return done.stream()
                .filter(each -> each.task().equals(CHARGE + pack.id()))
                .map(CareDone::date)
                .sorted()
                .toList();
    }

    /** Whether a rig has such work. */
    public static boolean has(Rig rig, String task) {
        return rig.harness().packs().stream().anyMatch(pack -> task.equals(CHARGE + pack.id()))
                || Stream.of(CareKind.values()).anyMatch(kind -> kind.written().equals(task) && kind.wanted(rig));
    }

    private List<CareDue> all() {
        List<CareDue> all = new ArrayList<>();
        for (Pack pack : rig.harness().packs()) {
            if (pack.chemistry() != Chemistry.UNDECIDED && pack.chemistry() != Chemistry.ALKALINE) {
                all.add(charge(pack));
            }
        }
        boolean salt = rig.outing().water().kind() != WaterKind.FRESH
                && rig.outing().water().kind() != WaterKind.UNDECIDED;
        for (CareKind kind : CareKind.values()) {
            if (kind.wanted(rig)) {
                all.add(due(kind, salt));
            }
        }
        all.sort(Comparator.comparing(CareDue::day));
        return List.copyOf(all);
    }

    private CareDue charge(Pack pack) {
        String task = CHARGE + pack.id();
        List<LocalDate> charges = charges(pack, done);
        Optional<LocalDate> trip = pack.role() == PackRole.IN_USE
                ? chargedBefore.stream().max(Comparator.naturalOrder())
                : Optional.empty();
        Optional<LocalDate> last = Stream.of(
                        charges.stream().max(Comparator.naturalOrder()),
                        trip,
                        pack.keeping().chargedOn().isEmpty()
                                ? Optional.<LocalDate>empty()
                                : Optional.of(LocalDate.parse(pack.keeping().chargedOn())))
                .flatMap(Optional::stream)
                .max(Comparator.naturalOrder());
        Optional<LayUp.Due> resting = LayUp.of(pack, charges).stream()
                .filter(each -> !each.done() && (last.isEmpty() || each.day().isAfter(last.get())))
                .findFirst();
        LocalDate day =
                resting.map(LayUp.Due::day).orElseGet(() -> last.orElse(since).plusDays(LayUp.everyDays(pack)));
        return new CareDue(
                task,
                day,
                -1,
                !day.isAfter(today),
                pack.name() + ": " + resting.map(LayUp.Due::what).orElse("charge it, and write its rest volts down"),
                resting.map(LayUp.Due::why).orElse(why(pack)),
                last.map(LocalDate::toString).orElse(""),
                charges.size(),
                true);
    }

    private static String why(Pack pack) {
        int days = LayUp.everyDays(pack);
        return "every " + days + " days, as this sort of battery stands"
                + (pack.keeping().storedC().isSet() ? " in its store" : " in a room");
    }

    private CareDue due(CareKind kind, boolean salt) {
        String task = kind.written();
        List<LocalDate> times = done.stream()
                .filter(each -> each.task().equals(task))
                .map(CareDone::date)
                .toList();
        Optional<LocalDate> last = times.stream().max(Comparator.naturalOrder());
        LocalDate from = last.orElse(since);
        // what nobody tried yet is tried before the first time it counts
        LocalDate day = kind.first() && last.isEmpty() ? from : from.plusDays(kind.days(salt));
        int uses = kind.uses(salt);
        List<LocalDate> outSince = out.stream()
                .filter(each -> last.isEmpty() || each.isAfter(from))
                .sorted()
                .toList();
        if (uses > 0 && outSince.size() >= uses && outSince.get(uses - 1).isBefore(day)) {
            day = outSince.get(uses - 1);
        }
        return new CareDue(
                task,
                day,
                uses == 0 ? -1 : Math.max(0, uses - outSince.size()),
                !day.isAfter(today),
                kind.what(),
                kind.why(),
                last.map(LocalDate::toString).orElse(""),
                times.size(),
                false);
    }
}
