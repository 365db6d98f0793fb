package app.brightkeel.core.advice;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.LongConsumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Advises whole rigs in place of one: searched once, then asked as often as wishes change, since a limit takes rigs from the
 * front and brings none.
 */
public final class Advisor {

    private final Rig entered;
    private final Space whole;
    private final Space searched;
    private final Search.Found found;

    /** Of rigs of the front, whether they are enough: asked again with every wish. */
    private final Map<Front.Point, Boolean> enough = new ConcurrentHashMap<>();

    private @Nullable List<Turn> turns;

    /** One that has gone through none. */
    private Advisor(Rig entered, Space whole) {
        this(entered, whole, whole, new Search.Found(List.of(), new Tally.Counting(0).done()));
    }

    private Advisor(Rig entered, Space whole, Space searched, Search.Found found) {
        this.entered = entered;
        this.whole = whole;
        this.searched = searched;
        this.found = found;
    }

    /** One that may be asked why not. */
    public record Choice(String id, Text label) {}

    /**
     * Goes through all rigs, or so many at most: then with the first answers to each question alone, of which there are most.
     *
     * @param most     1 and more
     * @param stop     whether to stop: asked again and again, by several threads; what was found until then is advised
     * @param progress told how many rigs are done with, from time to time
     */
    public static Advisor of(Line line, long most, BooleanSupplier stop, LongConsumer progress) {
        Space whole = Space.of(line);
        Space searched = whole.atMost(most);
        return new Advisor(line.entered(), whole, searched, Search.of(searched, stop, progress));
    }

    /** Before what says which rig it is, in the id of a change that makes it. */
    public static final String CHANGE = "water.advise.";

    /** One of them as a change of the rig, by its id; empty where it is no such change, or the rig cannot be. */
    public static Optional<Change> change(Line line, String id) {
        return !id.startsWith(CHANGE)
                ? Optional.empty()
                : new Advisor(line.entered(), Space.of(line)).change(id.substring(CHANGE.length()));
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

    /** How many rigs there would be if every answer went with every other. */
    public long all() {
        return whole.size();
    }

    /** How many of them were asked for. */
    public long searched() {
        return searched.size();
    }

    /** @param wishes the least or most of something; of what nothing is wished nothing stands there */
    public Advice advice(Map<Good, Double> wishes) {
        return Advice.of(
                searched, found, wishes, point -> enough.computeIfAbsent(point, each -> Advice.enough(searched, each)));
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

    /** Figures that are worth measuring before anything is bought, since another rig is advised soon beyond what they were taken for. */
    public synchronized List<Turn> turns() {
        List<Turn> known = turns;
        if (known == null) {
            known = Turn.of(searched, found);
            turns = known;
        }
        return known;
    }

    /** A rig by its id, what it has anew marked as proposed; empty where none has that id, or it cannot be. */
    public Optional<Rig> rig(String id) {
        return whole.choice(id)
                .flatMap(choice -> whole.rig(choice)
                        .map(rig -> rig.withProposed(Stream.concat(rig.proposed().stream(), fresh(rig))
                                .distinct()
                                .toList())));
    }

    /** Ids of what is there anew, or is another than was entered. */
    private Stream<String> fresh(Rig rig) {
        List<String> fresh = new ArrayList<>();
        rig.devices().stream().filter(each -> !entered.devices().contains(each)).forEach(each -> fresh.add(each.id()));
        rig.transducers().stream()
                .filter(each -> !entered.transducers().contains(each))
                .forEach(each -> fresh.add(each.id()));
        rig.holders().stream().filter(each -> !entered.holders().contains(each)).forEach(each -> fresh.add(each.id()));
        rig.harness().packs().stream()
                .filter(each -> !entered.harness().packs().contains(each))
                .forEach(each -> fresh.add(each.id()));
        rig.harness().junctions().stream()
                .filter(each -> !entered.harness().junctions().contains(each))
                .forEach(each -> fresh.add(each.id()));
        rig.harness().segments().stream()
                .filter(each -> !entered.harness().segments().contains(each))
                .forEach(each -> fresh.add(each.id()));
        rig.fitOut().boxes().stream()
                .filter(each -> !entered.fitOut().boxes().contains(each))
                .forEach(each -> fresh.add(each.id()));
        return fresh.stream();
    }
}
