package app.brightkeel.core.battery;

import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Keeping;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/**
 * What a battery wants between the last trip and the first: before it rests, in between, and before it is wanted again. Heat
 * shortens the way from one charge to the next; cold does not lengthen it, for a lead battery that ran down in it freezes.
 */
public final class LayUp {

    /** No battery is stored hotter [°C]; common practice, no source. */
    public static final double HOTTEST_C = 60;

    /** Above this any battery ages fast [°C]; value from memory. */
    public static final double WARM_C = 40;

    /** From charge to charge at room temperature: six weeks, common practice, no source. */
    private static final int LEAD_DAYS = 42;

    /** The same of what hardly runs down by itself: a quarter of a year; value from memory. */
    private static final int OTHER_DAYS = 91;

    /** Above this what a battery loses by itself doubles with every ten degrees [°C]; value from memory. */
    private static final double ROOM_C = 20;

    private static final double DOUBLES_C = 10;
    private static final int LEAST_DAYS = 7;

    /** More of them nobody writes into a calendar. */
    private static final int MOST_DATES = 60;

    private static final int LAST = -1;

    /**
     * One day's work.
     *
     * @param id   stable: the same work of the same lay-up has the same, on whatever day it falls
     * @param pack its name
     * @param done whether it was written down as done
     */
    public record Due(String id, LocalDate day, String pack, String what, String why, boolean done) {}

    private LayUp() {}

    /** Days from one charge to the next. */
    static int everyDays(Chemistry chemistry, double storedC) {
        double times = storedC > ROOM_C ? Math.pow(2, (storedC - ROOM_C) / DOUBLES_C) : 1;
        return (int) Math.max(LEAST_DAYS, Math.floor(baseDays(chemistry) / times));
    }

    /** The same of one battery, as it is stored. */
    public static int everyDays(Pack pack) {
        return everyDays(pack.chemistry(), storedC(pack));
    }

    private static double storedC(Pack pack) {
        Figure stored = pack.keeping().storedC();
        return stored.isSet() ? stored.value() : ROOM_C;
    }

    /** The same at room temperature. */
    static int baseDays(Chemistry chemistry) {
        return chemistry.lead() ? LEAD_DAYS : OTHER_DAYS;
    }

    /** Of all batteries of a rig, in the order of the days. */
    public static List<Due> of(Rig rig) {
        return of(rig, pack -> List.of());
    }

    /** The same where charges of each were written down. */
    public static List<Due> of(Rig rig, Function<Pack, List<LocalDate>> charges) {
        return rig.harness().packs().stream()
                .flatMap(pack -> of(pack, charges.apply(pack)).stream())
                .sorted(Comparator.comparing(Due::day))
                .toList();
    }

    /** All days, in order; none where it is not said from when to when, or of what sort the battery is. */
    public static List<Due> of(Pack pack) {
        return of(pack, List.of());
    }

    /** The same where charges were written down: what follows one is counted from it. */
    public static List<Due> of(Pack pack, List<LocalDate> charges) {
        Keeping keeping = pack.keeping();
        if (!keeping.laidUp() || pack.chemistry() == Chemistry.UNDECIDED) {
            return List.of();
        }
        LocalDate from = LocalDate.parse(keeping.restsFrom());
        LocalDate last = LocalDate.parse(keeping.restsTo()).minusDays(1);
        return pack.chemistry() == Chemistry.ALKALINE
                ? List.of(due(pack, 0, from, "take the cells out of their holder", "they leak when they are flat"))
                : charged(pack, from, last, charges);
    }

    private static List<Due> charged(Pack pack, LocalDate from, LocalDate last, List<LocalDate> charges) {
        boolean lead = pack.chemistry().lead();
        double storedC = storedC(pack);
        int every = everyDays(pack);
        List<Due> all = new ArrayList<>();
        all.add(due(
                pack,
                0,
                from,
                lead ? "charge it full, and unplug it" : "leave it about half full, and unplug it",
                lead ? "a flat one sulphates, and freezes" : "full and warm it ages, flat it is lost"));
        LocalDate counted = from;
        for (LocalDate charge : charges) {
            if (charge.isAfter(from) && charge.isBefore(last) && all.size() < MOST_DATES) {
                all.add(new Due(id(pack, all.size()), charge, pack.name(), "charged", "written down as done", true));
                counted = charge;
            }
        }
        for (LocalDate day = counted.plusDays(every);
                day.isBefore(last) && all.size() < MOST_DATES;
                day = day.plusDays(every)) {
            all.add(due(
                    pack,
                    all.size(),
                    day,
                    lead
                            ? "charge it full again, and write its rest volts down"
                            : "measure it, and charge it to a half",
                    storedC > ROOM_C ? "what lies warm runs down sooner" : coolReason(lead)));
        }
        if (last.isAfter(from)) {
            all.add(due(
                    pack,
                    LAST,
                    last,
                    "charge it full, let it rest, and write its rest volts down",
                    "what has stood for months is suspect until it was charged and tried"));
        }
        return List.copyOf(all);
    }

    private static String coolReason(boolean lead) {
        return lead
                ? "left longer it sulphates, and in the cold a flat one freezes"
                : "in the warm: never below freezing";
    }

    private static Due due(Pack pack, int place, LocalDate day, String what, String why) {
        return new Due(id(pack, place), day, pack.name(), what, why, false);
    }

    /** By the lay-up and the place in it, not by the day: a calendar then moves what it has already. */
    private static String id(Pack pack, int place) {
        String which = place == LAST ? "last" : String.valueOf(place);
        return "lay-up-" + pack.id() + "-" + pack.keeping().restsFrom() + "-" + which;
    }
}
