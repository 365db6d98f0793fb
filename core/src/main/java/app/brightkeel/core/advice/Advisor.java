package app.brightkeel.core.advice;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.ProposedParts;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Schools;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.LongConsumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Advises whole rigs in place of one: searched once, then asked as often as wishes change, since a limit takes rigs from the
 * front and brings none.
 */
public final class Advisor {

    /** Before what says which rig it is, in the id of a change that makes it. */
    public static final String CHANGE = "water.advise.";

    private final Rig entered;
    private final Space whole;

    /** The first answers to each question: so many that they are gone through in a few seconds. */
    private final Space first;

    private final Space searched;
    private final Search.Found found;
    private final long looked;

    private final Shortlist shortlist;

    private @Nullable List<Turn> turns;
    private @Nullable List<InTheWay> inTheWay;

    /** One that has gone through none. */
    private Advisor(Rig entered, Space whole) {
        this(entered, whole, whole, whole, new Search.Found(List.of(), new Tally.Counting(0).done()), 0);
    }

    private Advisor(Rig entered, Space whole, Space first, Space searched, Search.Found found, long looked) {
        this.entered = entered;
        this.whole = whole;
        this.first = first;
        this.searched = searched;
        this.found = found;
        this.looked = looked;
        shortlist = new Shortlist(searched);
    }

    /** One that may be asked why not. */
    public record Choice(String id, Text label) {}

    /**
     * Goes through all rigs, or so many at most: then with the first answers to each question alone, of which there are most.
     *
     * @param own      gear of the garage
     * @param most     1 and more
     * @param stop     whether to stop: asked again and again, by several threads; what was found until then is advised
     * @param progress told how many rigs are done with, from time to time
     */
    public static Advisor of(Line line, List<Item> own, long most, BooleanSupplier stop, LongConsumer progress) {
        Space whole = Space.of(line, own);
        Space searched = whole.atMost(most);
        Search.Found found = Search.of(searched, stop, progress);
        return new Advisor(
                line.entered(),
                whole,
                searched,
                searched,
                found,
                searched.size() - found.tally().left());
    }

    /**
     * Goes through all rigs there are. Called off, it knows what this one knew and what was found until then.
     *
     * @param stop     whether to stop: asked again and again, by several threads
     * @param progress told how many rigs are done with, from time to time and by several threads
     */
    public Advisor further(BooleanSupplier stop, LongConsumer progress) {
        // answers that were gone through are the first ones of all: their places are the same
        Search.Found all = Search.of(whole, found.points(), stop, progress);
        return new Advisor(
                entered,
                whole,
                first,
                whole,
                all,
                Math.max(looked, whole.size() - all.tally().left()));
    }

    /**
     * One of them as a change of the rig, by its id; empty where it is no such change, or the rig cannot be.
     *
     * @param own gear of the garage
     */
    public static Optional<Change> change(Line line, List<Item> own, String id) {
        return !id.startsWith(CHANGE)
                ? Optional.empty()
                : new Advisor(line.entered(), Space.of(line, own)).change(id.substring(CHANGE.length()));
    }

    private Optional<Change> change(String rig) {
        return rig(rig).map(after -> new Change(CHANGE + rig, label(rig), Effort.BUY, after));
    }

    private Text label(String rig) {
        List<Text> said = whole.choice(rig).map(whole::answers).orElse(List.of()).stream()
                .filter(answer -> !answer.now())
                .map(answer -> Text.of("{}: {}", answer.axis().words(), answer.label()))
                .toList();
        return said.stream()
                .reduce((all, next) -> Text.of("{}; {}", all, next))
                .map(all -> Text.of("Another whole rig: {}", all))
                .orElse(Text.of("The rig as it is, filled in and mended"));
    }

    /** Wishes that the rig itself says: what may be spent, and that nothing is drilled. */
    public Map<Good, Double> said() {
        Map<Good, Double> said = new EnumMap<>(Good.class);
        Figure budget = entered.purse().budget();
        if (budget.isSet()) {
            said.put(Good.PRICE, budget.value());
        }
        if (entered.schools().drilling() == Schools.Drilling.NO_DRILL) {
            said.put(Good.HOLES, 0.0);
        }
        return said;
    }

    /**
     * Wishes with those that the rig itself says, where nothing else is wished there.
     *
     * @param lifted those that count no more
     */
    public Map<Good, Double> wished(Map<Good, Double> wishes, Collection<Good> lifted) {
        Map<Good, Double> all = said();
        all.keySet().removeAll(lifted);
        all.putAll(wishes);
        return all;
    }

    /** How many rigs there would be if every answer went with every other. */
    public long all() {
        return whole.size();
    }

    /** How many of them were asked for, but for those that were left when it was called off. */
    public long searched() {
        return looked;
    }

    /** @param wishes the least or most of something; of what nothing is wished nothing stands there */
    public Advice advice(Map<Good, Double> wishes) {
        return Advice.of(searched, found, wishes, shortlist);
    }

    /** Any rig of the front beside the first by name; empty where no such rig is on it. */
    public Optional<Advice.Advised> advised(Map<Good, Double> wishes, String id) {
        return Advice.advised(searched, found, advice(wishes), id, shortlist);
    }

    /** How it comes about what a rig is worth by one of them; empty where there is no such rig. */
    public Optional<Working> working(String id, Good good) {
        return whole.choice(id).flatMap(whole::rig).map(rig -> WorthWorking.of(whole.measures(), Line.of(rig), good));
    }

    /** Every question with the answer a rig gives; none where there is no such rig. */
    public List<Advice.Answer> answers(String id) {
        return whole.choice(id).map(whole::answers).orElse(List.of());
    }

    /** What there is to ask for on each question, what the rig has first. */
    public Map<RigAxis, List<Choice>> choices() {
        Map<RigAxis, List<Choice>> all = new EnumMap<>(RigAxis.class);
        for (RigAxis axis : RigAxis.values()) {
            all.put(
                    axis,
                    whole.options(axis).stream()
                            .map(option -> new Choice(option.id(), option.label()))
                            .toList());
        }
        return all;
    }

    /** Why an answer is not among what is advised; empty where there is no such answer. */
    public Optional<WhyNot> whyNot(RigAxis axis, String choice, BooleanSupplier stop) {
        return whole.options(axis).stream()
                .filter(option -> option.id().equals(choice))
                .findFirst()
                .map(option -> WhyNot.of(searched.including(option), found, option, stop));
    }

    /**
     * The best pairs of a rig here and one of another craft there that share what they can, among the first answers to each
     * question.
     */
    public List<Pair> pairs(Advisor there, BooleanSupplier stop) {
        return Pairs.of(first, there.first, stop);
    }

    /** Figures that are worth measuring before anything is bought, since another rig is advised soon beyond what they were taken for. */
    public synchronized List<Turn> turns() {
        List<Turn> known = turns;
        if (known == null) {
            known = Turn.of(searched, found);
            turns = known;
        }
        return known;
    }

    /** What is in the way where nothing holds, whatever is wished; none where something does. */
    public synchronized List<InTheWay> inTheWay() {
        List<InTheWay> known = inTheWay;
        if (known == null) {
            known = found.points().isEmpty() ? InTheWay.of(searched, found, () -> false) : List.of();
            inTheWay = known;
        }
        return known;
    }

    /** What fails or holds by little in one of them, and what may be done about it, worst first; empty where there is no such rig. */
    public Optional<List<Mended>> mended(String id) {
        return whole.choice(id).flatMap(whole::line).map(Mended::of);
    }

    /** A rig by its id, what it has anew marked as proposed and noted with its reason; empty where there is none such. */
    public Optional<Rig> rig(String id) {
        Reasons reasons = new Reasons(whole);
        return whole.choice(id)
                .flatMap(choice -> reasons.kept(choice).map(rig -> ProposedParts.marked(rig, anew(rig))));
    }

    /** Ids of what is there anew, or is another than was entered. */
    private Stream<String> anew(Rig rig) {
        Map<String, Object> before = ProposedParts.of(entered);
        return ProposedParts.of(rig).entrySet().stream()
                .filter(each -> !each.getValue().equals(before.get(each.getKey())))
                .map(Map.Entry::getKey);
    }
}
