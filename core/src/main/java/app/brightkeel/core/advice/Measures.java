package app.brightkeel.core.advice;

import app.brightkeel.core.battery.Runtime;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.HarnessPrices;
import app.brightkeel.core.gear.UsualPrices;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.route.Hole;
import app.brightkeel.core.route.HoleStage;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Suitability;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/** What the rigs of a search are worth, against the one they were made of. */
final class Measures {

    /** More than so many times the day is nothing more. */
    private static final double DAYS_COUNTED = 2;

    /** By so much what is seen differs at most with what else is aboard; RelevanceTest. */
    static final double SEEN_WITHIN = 0.02;

    /** Of an adapter of whatever sort; {@code prices.csv}. */
    private static final String ADAPTER = "adapter";

    // known by themselves: a line looks them up
    private static final Function<Line, Double> HOURS = Measures::hours;
    private static final Function<Line, Integer> HOLES = Measures::holes;
    private static final Function<Line, Double> MINUTES =
            line -> TakeOff.of(line.rig()).minMin();
    private static final Function<Line, Double> SEEN = Measures::seen;

    /** What has no place in the purse of its own: mounts, adapters, extensions and the harness that are there. */
    private final Set<Object> had = new HashSet<>();

    /** Of the rig they were made of. */
    private final List<Segment> harness;

    /**
     * @param base its parts are had where the person said so
     * @param own  gear of the garage
     */
    Measures(Rig base, List<Item> own) {
        harness = base.harness().segments();
        own.forEach(item -> {
            if (item.thing() instanceof Thing.OwnMount mount) {
                had.add(mount.mount().kind());
            } else if (item.thing() instanceof Thing.OwnAdapter adapter) {
                had.add(adapter.adapter());
            }
        });

        base.transducers().stream()
                .filter(each -> said(base, each.id(), each.origin()))
                .forEach(each -> {
                    had.add(each.mount().kind());
                    had.addAll(each.plug().adapters());
                    had.add(each.lead().extensionM());
                });

        if (!base.harness().segments().isEmpty()
                && base.harness().segments().stream().allMatch(each -> said(base, each.id(), ""))) {
            had.add(base.harness().segments());
        }
    }

    private static boolean said(Rig rig, String part, String origin) {
        return rig.purse()
                .of(part, "", origin)
                .map(Purchase::having)
                .filter(Having::there)
                .isPresent();
    }

    /** What there is to be bought of its main parts, how many, and what all of it weighs as far as it is weighed. */
    static class Bill {
        private final double[] said = new double[Says.values().length];

        private void add(ItemKind kind, String name, boolean had, OptionalDouble price) {
            if (!had) {
                said[Says.PRICE.ordinal()] += price.orElse(0);
                said[Says.BUYS.ordinal()]++;
            }
            bought(kind, name, had, price);
        }

        private void weigh(String name, Figure mass) {
            said[Says.MASS.ordinal()] += mass.isSet() ? mass.value() : 0;
            weighed(name, mass);
        }

        /** For those who want each: a search wants sums alone. */
        void bought(ItemKind kind, String name, boolean had, OptionalDouble price) {}

        void weighed(String name, Figure mass) {}
    }

    Worth of(Line line) {
        return worth(Stream.of(Measure.values())
                .map(measure -> measure.of(this, line))
                .toList());
    }

    /** Of what every measure says, in their order. */
    static Worth worth(List<double[]> said) {
        double[] sum = new double[Says.values().length];
        for (double[] each : said) {
            for (int k = 0; k < sum.length; k++) {
                sum[k] += each[k];
            }
        }
        return Worth.of(
                sum[Says.HOURS.ordinal()],
                sum[Says.MASS.ordinal()],
                sum[Says.PRICE.ordinal()],
                (int) sum[Says.HOLES.ordinal()],
                sum[Says.MINUTES.ordinal()],
                sum[Says.SEEN.ordinal()],
                (int) sum[Says.BUYS.ordinal()]);
    }

    /** What is added up. */
    private enum Says {
        HOURS,
        MASS,
        PRICE,
        HOLES,
        MINUTES,
        SEEN,
        BUYS
    }

    /** Something that is measured by itself, and the questions whose answers it depends on; checked with {@link Relevance}. */
    enum Measure {
        HOURS(Relevance.POWER) {
            @Override
            double[] of(Measures measures, Line line) {
                return said(Says.HOURS, line.of(Measures.HOURS, Measures.HOURS));
            }
        },
        SEEN(Relevance.LOOK) {
            @Override
            double[] of(Measures measures, Line line) {
                return said(Says.SEEN, line.of(Measures.SEEN, Measures.SEEN));
            }
        },
        MINUTES(EnumSet.complementOf(EnumSet.of(RigAxis.BANK, RigAxis.CABLES))) {
            @Override
            double[] of(Measures measures, Line line) {
                return said(Says.MINUTES, line.of(Measures.MINUTES, Measures.MINUTES));
            }
        },
        HOLES(EnumSet.complementOf(EnumSet.of(RigAxis.BANK))) {
            @Override
            double[] of(Measures measures, Line line) {
                return said(Says.HOLES, line.of(Measures.HOLES, Measures.HOLES) + measures.drilled(line.entered()));
            }
        },
        SIGHT(EnumSet.range(RigAxis.DISPLAY, RigAxis.HOLDER)) {
            @Override
            double[] of(Measures measures, Line line) {
                Bill bill = new Bill();
                measures.sight(line.entered(), bill);
                return bill.said;
            }
        },
        SUPPLY(Relevance.POWER) {
            @Override
            double[] of(Measures measures, Line line) {
                Bill bill = new Bill();
                measures.supply(line.entered(), bill);
                return bill.said;
            }
        };

        private final Set<RigAxis> axes;

        Measure(Set<RigAxis> axes) {
            this.axes = axes;
        }

        Set<RigAxis> axes() {
            return axes;
        }

        /** At least as good as it is of any rig with the same answers: how deep it floats moves what is seen by a hair. */
        double[] atBest(double[] said) {
            return this == SEEN ? said(Says.SEEN, said[Says.SEEN.ordinal()] + SEEN_WITHIN) : said;
        }

        abstract double[] of(Measures measures, Line line);

        private static double[] said(Says what, double value) {
            double[] said = new double[Says.values().length];
            said[what.ordinal()] = value;
            return said;
        }
    }

    /**
     * What batteries, harness and boxes come to at least, however the battery is placed, boxed and wired: of the harness it is
     * known that it is bought, of a box too, unless one of the garage may stand in its place.
     */
    double[] supplyAtLeast(Rig rig, boolean ownBox) {
        Bill bill = new Bill();
        packs(rig, bill);
        int boxes = (int) rig.fitOut().boxes().stream()
                .filter(each -> !said(rig, each.id(), ""))
                .count();
        bill.said[Says.BUYS.ordinal()] +=
                Math.max(0, ownBox ? boxes - 1 : boxes) + (harness.isEmpty() || had.contains(harness) ? 0 : 1);
        return bill.said;
    }

    /** More hours than these are not counted; of a rig whose day is not known as many as there may be. */
    static double[] mostHours(Line line) {
        return Measure.said(Says.HOURS, counted(line));
    }

    static double minutes(double[] said) {
        return said[Says.MINUTES.ordinal()];
    }

    /** Of a number of minutes alone. */
    static double[] ofMinutes(double minutes) {
        return Measure.said(Says.MINUTES, minutes);
    }

    /** All of it, part by part. */
    void itemise(Rig rig, Bill bill) {
        sight(rig, bill);
        supply(rig, bill);
    }

    /** Display, transducer and what holds them. */
    private void sight(Rig rig, Bill bill) {
        for (Device each : rig.devices()) {
            if (each.kind().display() || UsualPrices.of(each.origin()).isPresent()) {
                bill.add(
                        each.kind().display() ? ItemKind.DISPLAY : ItemKind.MODULE,
                        each.name(),
                        said(rig, each.id(), each.origin()),
                        UsualPrices.of(each.origin()));
            }
            bill.weigh(each.name(), each.later() ? Figure.UNSET : each.massKg());
        }
        for (Transducer each : rig.transducers()) {
            bill.weigh(each.name(), each.massKg());
            bill.add(
                    ItemKind.TRANSDUCER,
                    each.name(),
                    said(rig, each.id(), each.origin()),
                    UsualPrices.of(each.origin()));
            MountKind kind = each.mount().kind();
            if (kind != MountKind.UNDECIDED) {
                bill.add(ItemKind.MOUNT, kind.words(), had.contains(kind), OptionalDouble.of(UsualPrices.of(kind)));
            }
            each.plug()
                    .adapters()
                    .forEach(adapter ->
                            bill.add(ItemKind.ADAPTER, ADAPTER, had.contains(adapter), UsualPrices.of(ADAPTER)));
            if (each.lead().extensionM().isSet()) {
                bill.add(
                        ItemKind.LEAD,
                        "extension of the lead",
                        had.contains(each.lead().extensionM()),
                        extension(each.lead().extensionM().value()));
            }
        }
        for (Holder each : rig.holders()) {
            bill.add(ItemKind.HOLDER, each.name(), said(rig, each.id(), each.origin()), UsualPrices.of(each.origin()));
        }
    }

    /** Battery, harness and boxes. */
    private void supply(Rig rig, Bill bill) {
        packs(rig, bill);
        joined(rig, bill);
    }

    private static void packs(Rig rig, Bill bill) {
        for (Pack each : rig.harness().packs()) {
            Figure price = each.label().price();
            bill.add(
                    ItemKind.PACK,
                    each.name(),
                    said(rig, each.id(), each.origin()),
                    price.isSet() ? OptionalDouble.of(price.value()) : OptionalDouble.empty());
            bill.weigh(each.name(), each.role() == PackRole.IN_USE ? each.massKg() : Figure.UNSET);
        }
    }

    /** What joins and holds it. */
    private void joined(Rig rig, Bill bill) {
        boolean sized = rig.harness().segments().stream()
                .allMatch(each ->
                        each.wire().gauge().decided() && each.wire().lengthM().isSet());
        if (!rig.harness().segments().isEmpty()) {
            bill.add(
                    ItemKind.LEAD,
                    "wires, fuses and what joins them",
                    had.contains(rig.harness().segments()),
                    sized ? OptionalDouble.of(HarnessPrices.of(rig.harness())) : OptionalDouble.empty());
        }
        rig.fitOut()
                .boxes()
                .forEach(each -> bill.add(ItemKind.BOX, each.name(), said(rig, each.id(), ""), boxPrice(each.name())));
    }

    private static OptionalDouble extension(double lengthM) {
        return Catalogue.extensions().stream()
                .filter(each -> each.lengthM() >= lengthM)
                .map(each -> UsualPrices.of(each.id()))
                .findFirst()
                .orElse(OptionalDouble.empty());
    }

    /** A box of the catalogue is known by its name alone. */
    private static OptionalDouble boxPrice(String name) {
        return Catalogue.boxes().stream()
                .filter(each -> each.name().equals(name))
                .map(each -> UsualPrices.of(each.id()))
                .findFirst()
                .orElse(OptionalDouble.empty());
    }

    private static double hours(Line line) {
        double most = counted(line);
        return line.get(Runtime.STAGE).map(run -> Math.min(run.hours(), most)).orElse(0.0);
    }

    private static double counted(Line line) {
        Outcome<DayLoad> day = line.get(Load.STAGE);
        return day.isKnown() ? DAYS_COUNTED * day.value().hours() : Double.POSITIVE_INFINITY;
    }

    private static int holes(Line line) {
        return leadsThrough(line).size();
    }

    /** Ids of the holes that leads want and that are not there. */
    static List<String> leadsThrough(Line line) {
        List<Hole> holes = line.get(HoleStage.STAGE).orElse(List.of());
        return holes.stream()
                .filter(hole -> !hole.there())
                .map(Hole::id)
                .distinct()
                .toList();
    }

    private int drilled(Rig rig) {
        return screwedOn(rig).size();
    }

    /** Mounts and holders that are screwed on where none was before, by name. */
    List<String> screwedOn(Rig rig) {
        List<String> all = new ArrayList<>();
        for (Transducer each : rig.transducers()) {
            MountKind kind = each.mount().kind();
            boolean drills = kind != MountKind.UNDECIDED && kind.drills() != MountKind.Drills.NO;
            if (drills && !had.contains(kind)) {
                all.add(kind.words());
            }
        }
        for (Holder each : rig.holders()) {
            if (each.drills() && !said(rig, each.id(), each.origin())) {
                all.add(each.name());
            }
        }
        return all;
    }

    private static double seen(Line line) {
        return suits(line).map(Suitability::score).orElse(0.0);
    }

    /** Of the transducer that suits the water best; empty where that is open. */
    static Optional<Suitability> suits(Line line) {
        Water water = line.rig().outing().water();
        return line.get(SonarStage.STAGE).map(SonarState::sights).orElse(List.of()).stream()
                .map(sight -> Suitability.of(sight, water))
                .max(Comparator.comparingDouble(Suitability::score));
    }
}
