package app.brightkeel.core.advice;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.UsualPrices;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Purchase;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.RigPatch;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The search against going through every rig one by one, and against rigs made at random. */
public class SearchTest {

    private static final RigReviewer REVIEWER = new RigReviewer();
    private static final RigAxis[] AXES = RigAxis.values();

    /** Small enough to be gone through one by one. */
    private static final int SMALL = 96;

    static final List<Item> OWN = List.of(
            own(
                    "display",
                    new Thing.OwnDevice(Catalogue.devices().stream()
                            .filter(each -> each.kind().display())
                            .skip(1)
                            .findFirst()
                            .orElseThrow())),
            own("cone", new Thing.OwnTransducer(Catalogue.transducers().get(2))),
            own("battery", new Thing.OwnPack(Catalogue.packs().get(4))),
            own("holder", new Thing.OwnHolder(Catalogue.holders().get(1))),
            own("box", new Thing.OwnBox(Catalogue.boxes().get(0))),
            own(
                    "mount",
                    new Thing.OwnMount(Catalogue.transducers().get(0).mount().withKind(MountKind.SUCTION_CUP))));

    private static final int SEEDS = 7;
    private static final int AT_RANDOM = 60;

    static Space space(Rig rig) {
        return Space.of(Line.of(rig), List.of());
    }

    /** With some gear of one's own: a display, a transducer, a battery, a holder, a box and a mount. */
    static Space owning(Rig rig) {
        return Space.of(Line.of(rig), OWN);
    }

    private static Item own(String id, Thing thing) {
        return new Item("item-" + id, "my " + id, thing, "", "", Figure.UNSET, Figure.UNSET, "");
    }

    /** A few of its answers to each question, as it is always among them. */
    static Space few(Space space, Random random, int most, int each) {
        Map<RigAxis, List<Option>> few = new EnumMap<>(RigAxis.class);
        for (RigAxis axis : AXES) {
            few.put(axis, List.of(space.options(axis).get(0)));
        }
        List<RigAxis> order = new ArrayList<>(List.of(AXES));
        Collections.shuffle(order, random);
        int size = 1;
        for (RigAxis axis : order) {
            List<Option> all = new ArrayList<>(
                    space.options(axis).subList(1, space.options(axis).size()));
            Collections.shuffle(all, random);
            int more = Math.min(Math.min(each - 1, all.size()), most / size - 1);
            if (more > 0) {
                List<Option> those = new ArrayList<>(List.of(space.options(axis).get(0)));
                those.addAll(all.subList(0, more));
                few.put(axis, those);
                size *= more + 1;
            }
        }
        return space.with(few);
    }

    /** Whether two rigs are made of the same parts, in whatever order. */
    static boolean alike(Rig one, @Nullable Rig other) {
        return other != null && RigPatch.between(one, other).isEmpty();
    }

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    /** By the whole review of a line of its own: nothing that the search knows or takes for settled. */
    private static Optional<Worth> judged(Space space, int[] choice) {
        return space.rig(choice).map(Line::of).flatMap(line -> {
            boolean fails =
                    REVIEWER.review(line).findings().stream().anyMatch(finding -> finding.verdict() == Verdict.FAILS);
            return fails ? Optional.empty() : Optional.of(space.measures().of(line));
        });
    }

    static List<int[]> all(Space space) {
        List<int[]> all = new ArrayList<>(List.of(new int[AXES.length]));
        for (int a = 0; a < AXES.length; a++) {
            int axis = a;
            int size = space.options(AXES[axis]).size();
            all = all.stream()
                    .flatMap(choice -> IntStream.range(0, size).mapToObj(option -> {
                        int[] more = choice.clone();
                        more[axis] = option;
                        return more;
                    }))
                    .toList();
        }
        return all;
    }

    private static Set<Worth> front(Set<Worth> all) {
        Set<Worth> front = new HashSet<>(all);
        front.removeIf(each -> all.stream().anyMatch(other -> !other.equals(each) && other.covers(each)));
        return front;
    }

    private static Set<Worth> worths(Search.Found found) {
        Set<Worth> all = new HashSet<>();
        found.points().forEach(point -> all.add(point.worth()));
        return all;
    }

    /** Seven small spaces of each demo rig: the very same front, each of its rigs holds, and every rig is counted once. */
    @Test(dataProvider = "rigs")
    public void theFrontIsThatOfGoingThroughAll(Rig rig) {
        Space whole = owning(rig);
        for (int seed = 0; seed < SEEDS; seed++) {
            Space space = few(whole, new Random(seed), SMALL, 3);
            Set<Worth> holding = new HashSet<>();
            all(space).forEach(choice -> judged(space, choice).ifPresent(holding::add));
            Search.Found found = Search.of(space);
            assertEquals(worths(found), front(holding), rig.name() + ", seed " + seed);
            for (Front.Point point : found.points()) {
                assertEquals(judged(space, point.choice()), Optional.of(point.worth()));
            }
            assertEquals(found.tally().all(), space.size());
            assertEquals(found.tally().left(), 0);
            furtherOn(space, found);
        }
    }

    /** From what a search of fewer found on it comes to the same; called off, it has at least that; it tells how far it is. */
    private static void furtherOn(Space space, Search.Found found) {
        Search.Found fewer = Search.of(space.atMost(Math.max(1, space.size() / 5)));
        AtomicLong done = new AtomicLong();
        Search.Found further =
                Search.of(space, fewer.points(), () -> false, now -> done.accumulateAndGet(now, Math::max));
        assertEquals(worths(further), worths(found));
        assertEquals(done.get(), space.size());
        AtomicInteger asked = new AtomicInteger();
        Search.Found off = Search.of(space, fewer.points(), () -> asked.incrementAndGet() > 40, now -> {});
        fewer.points()
                .forEach(known -> assertTrue(
                        off.points().stream().anyMatch(point -> point.worth().covers(known.worth()))));
        off.points().forEach(point -> assertEquals(judged(space, point.choice()), Optional.of(point.worth())));
    }

    /** In a large space no rig that is made at random is better than all of the front, and asking again answers the same. */
    @Test(dataProvider = "rigs")
    public void nothingMadeAtRandomBeatsTheFront(Rig rig) {
        Space space = few(owning(rig), new Random(28), 100_000, 4);
        Search.Found found = Search.of(space);
        Random random = new Random(1);
        for (int k = 0; k < AT_RANDOM; k++) {
            int[] choice = IntStream.range(0, AXES.length)
                    .map(axis -> random.nextInt(space.options(AXES[axis]).size()))
                    .toArray();
            judged(space, choice)
                    .ifPresent(worth -> assertTrue(
                            found.points().stream()
                                    .anyMatch(point -> point.worth().covers(worth)),
                            rig.name() + ": " + worth));
        }
        System.out.println(rig.name() + ": " + found.points().size() + " of " + found.tally());
        assertEquals(worths(Search.of(space)), worths(found));
    }

    /** A box that takes the place of the one on hand is bought, and is not said to be on hand. */
    @Test
    public void aBoxInThePlaceOfYoursIsBought() {
        Rig rig = DemoRigs.bittern();
        String box = Options.box(rig).orElseThrow().id();
        Rig owned = rig.withPurse(rig.purse().with(new Purchase(box, "", "", Having.OWNED, Figure.UNSET, "", "")));
        Space space = space(owned);
        int[] choice = new int[AXES.length];
        Worth mine = space.line(choice).map(space.measures()::of).orElseThrow();
        int asked = 0;
        for (int option = 1; option < space.options(RigAxis.BOX).size(); option++) {
            choice[RigAxis.BOX.ordinal()] = option;
            Optional<Line> line = space.line(choice);
            if (line.isPresent()) {
                asked++;
                assertEquals(space.measures().of(line.get()).buys(), mine.buys() + 1);
                assertEquals(line.get().entered().purse().of(box, "", ""), Optional.empty());
            }
        }
        assertTrue(asked > 1, asked + " boxes");
    }

    /** Half a rig costs, weighs and wants buying no less than is said of it, however it is placed, boxed and wired then. */
    @Test(dataProvider = "rigs")
    public void halfARigComesToNoMoreThanTheWhole(Rig rig) {
        Space space = owning(rig);
        Measures measures = space.measures();
        boolean ownBox = space.options(RigAxis.BOX).size() > 1;
        Random random = new Random(7);
        int wholes = 0;
        for (int k = 0; k < 300; k++) {
            int[] choice = IntStream.range(0, AXES.length)
                    .map(axis -> random.nextInt(space.options(AXES[axis]).size()))
                    .toArray();
            int[] half = choice.clone();
            for (int axis = RigAxis.STOWAGE.ordinal(); axis < AXES.length; axis++) {
                half[axis] = 0;
            }
            Optional<Rig> whole = space.rig(choice);
            Optional<Rig> part = space.rig(half);
            if (whole.isPresent() && part.isPresent()) {
                wholes++;
                Worth least = Measures.worth(List.of(measures.supplyAtLeast(part.get(), ownBox)));
                Worth most = Measures.worth(List.of(Measures.Measure.SUPPLY.of(measures, Line.of(whole.get()))));
                assertTrue(
                        least.price() <= most.price() && least.massKg() <= most.massKg() && least.buys() <= most.buys(),
                        space.id(choice) + ": " + least + ", " + most);
                assertTrue(least.massKg() > 0);
            }
        }
        assertTrue(wholes > 30, wholes + " rigs");
    }

    /** What is yours is asked like anything of its sort, and differs from that in what is to pay and to buy alone. */
    @Test(dataProvider = "rigs")
    public void whatIsYoursCostsNothing(Rig rig) {
        Space space = owning(rig);
        int[] asItIs = new int[AXES.length];
        for (RigAxis axis : List.of(RigAxis.DISPLAY, RigAxis.TRANSDUCER, RigAxis.HOLDER)) {
            for (Item item : OWN) {
                List<Option> all = space.options(axis);
                int mine = IntStream.range(0, all.size())
                        .filter(at -> all.get(at).id().equals(item.id()))
                        .findFirst()
                        .orElse(-1);
                int bought = IntStream.range(0, all.size())
                        .filter(at -> all.get(at).id().equals(origin(item.thing())))
                        .findFirst()
                        .orElse(-1);
                if (mine < 0 || bought < 0) {
                    continue;
                }
                asItIs[axis.ordinal()] = mine;
                Optional<Worth> yours = space.rig(asItIs).map(Line::of).map(space.measures()::of);
                asItIs[axis.ordinal()] = bought;
                Optional<Worth> dear = space.rig(asItIs).map(Line::of).map(space.measures()::of);
                asItIs[axis.ordinal()] = 0;
                assertEquals(yours.isPresent(), dear.isPresent());
                if (yours.isPresent() && dear.isPresent()) {
                    double usual = UsualPrices.of(origin(item.thing())).orElseThrow();
                    assertEquals(dear.get().price() - yours.get().price(), usual, Worth.PRICE_STEP, item.name());
                    assertEquals(dear.get().buys() - yours.get().buys(), 1, item.name());
                    assertEquals(yours.get().seen(), dear.get().seen(), item.name());
                    assertEquals(yours.get().hours(), dear.get().hours(), item.name());
                }
            }
        }
    }

    private static String origin(Thing thing) {
        return thing instanceof Thing.OwnDevice own
                ? own.device().origin()
                : thing instanceof Thing.OwnTransducer cone
                        ? cone.transducer().origin()
                        : thing instanceof Thing.OwnHolder holder
                                ? holder.holder().origin()
                                : "";
    }

    /** Called off at once it says that all is left. */
    @Test
    public void whatIsCalledOffIsLeft() {
        Space space = space(DemoRigs.bittern());
        Search.Found found = Search.of(space, () -> true, done -> {});
        assertEquals(found.points(), List.of());
        assertEquals(found.tally().left(), space.size());
    }
}
