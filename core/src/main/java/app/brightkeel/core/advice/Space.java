package app.brightkeel.core.advice;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.RigPatch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * Every rig that can be put together of one answer to each question. What an answer changes is worked out once for each way
 * in which the questions it stands on are answered, and then done to every rig of a search.
 */
final class Space {

    private static final RigAxis[] AXES = RigAxis.values();

    /** Between the answers of an id: no id of a part or an item has it, and changes are joined by another. */
    private static final String AND = "_";

    /** In the place of an option: as it is. */
    private static final int UNANSWERED = -1;

    private static final Set<RigAxis> EVERY = EnumSet.allOf(RigAxis.class);

    private final Line base;
    private final List<Item> own;
    private final Map<RigAxis, List<Option>> options;
    private final Map<RigAxis, Map<Long, Optional<RigPatch>>> patches = new EnumMap<>(RigAxis.class);
    private final Map<Long, Optional<Rig>> plain = new ConcurrentHashMap<>();

    private Space(Line base, List<Item> own, Map<RigAxis, List<Option>> options) {
        this.base = base;
        this.own = own;
        this.options = options;
        for (RigAxis axis : AXES) {
            patches.put(axis, new ConcurrentHashMap<>());
        }
    }

    /**
     * Of a rig as it was entered. What is open is filled in and what won't work is mended first: advice starts from what can be
     * had with least ado.
     *
     * @param own gear of the garage: it is among the answers, and costs nothing
     */
    static Space of(Line entered, List<Item> own) {
        Line whole = after(after(entered, "water.fill-in"), "water.mend-all");
        return new Space(whole, own, Options.of(whole, own));
    }

    Measures measures() {
        return new Measures(base.entered(), own);
    }

    private static Line after(Line line, String change) {
        return Comparison.find(line, change)
                .map(each -> line.with(each.after()).anew())
                .orElse(line);
    }

    /** The first of its answers: of the question with most of them the last goes, until there are so few rigs. */
    Space atMost(long rigs) {
        Map<RigAxis, List<Option>> fewer = new EnumMap<>(options);
        Space space = this;
        while (space.size() > rigs) {
            RigAxis longest = EVERY.stream()
                    .max(Comparator.comparingInt(
                            axis -> fewer.getOrDefault(axis, List.of()).size()))
                    .orElseThrow();
            List<Option> all = fewer.getOrDefault(longest, List.of());
            fewer.put(longest, all.subList(0, all.size() - 1));
            space = with(fewer);
        }
        return space;
    }

    /** The same with an answer more, unless it is there. */
    Space including(Option option) {
        List<Option> all = options(option.axis());
        return all.contains(option)
                ? this
                : with(Map.of(
                        option.axis(),
                        Stream.concat(all.stream(), Stream.of(option)).toList()));
    }

    /** The same with one answer to a question, whatever the others are. */
    Space only(Option option) {
        return with(Map.of(option.axis(), List.of(option)));
    }

    /** The same with some of the answers to each question alone. */
    Space with(Map<RigAxis, List<Option>> fewer) {
        Map<RigAxis, List<Option>> all = new EnumMap<>(options);
        all.putAll(fewer);
        return new Space(base, own, all);
    }

    Line base() {
        return base;
    }

    List<Option> options(RigAxis axis) {
        return options.getOrDefault(axis, List.of());
    }

    /** How many rigs there would be if every answer went with every other. */
    long size() {
        return below(0);
    }

    /** How many hang on each of so many questions answered. */
    long below(int answered) {
        long all = 1;
        for (int i = answered; i < AXES.length; i++) {
            all = Math.multiplyExact(all, options(AXES[i]).size());
        }
        return all;
    }

    /** Answers as one word that may stand in an address: those that are not as it is. */
    String id(int[] choice) {
        List<String> said = new ArrayList<>();
        for (RigAxis axis : AXES) {
            Option option = options(axis).get(choice[axis.ordinal()]);
            if (!option.asItIs()) {
                said.add(Table.written(axis) + "." + option.id());
            }
        }
        return said.isEmpty() ? Option.AS_IT_IS : String.join(AND, said);
    }

    /** The answers of an id; empty where it names a question or an answer that there is none of, or one twice. */
    Optional<int[]> choice(String id) {
        int[] choice = new int[AXES.length];
        Set<RigAxis> said = EnumSet.noneOf(RigAxis.class);
        for (String each : id.equals(Option.AS_IT_IS) ? new String[0] : id.split(AND, -1)) {
            Optional<Option> option = EVERY.stream()
                    .flatMap(axis -> options(axis).stream())
                    .filter(known -> (Table.written(known.axis()) + "." + known.id()).equals(each))
                    .findFirst();
            if (option.isEmpty() || !said.add(option.get().axis())) {
                return Optional.empty();
            }
            choice[option.get().axis().ordinal()] = options(option.get().axis()).indexOf(option.get());
        }
        return Optional.of(choice);
    }

    /** Every question with its answer. */
    List<Advice.Answer> answers(int[] choice) {
        return EVERY.stream()
                .map(axis -> {
                    Option option = options(axis).get(choice[axis.ordinal()]);
                    return new Advice.Answer(axis, option.label(), option.asItIs(), Text.of(""));
                })
                .toList();
    }

    /** The line of a rig by its answers; empty where it cannot be. */
    Optional<Line> line(int[] choice) {
        return rig(choice).map(Line::of);
    }

    /** A rig by its answers, as {@link #next} makes it; empty where it cannot be. */
    Optional<Rig> rig(int[] choice) {
        Optional<Rig> rig = Optional.of(base.entered());
        for (int i = 0; i < AXES.length && rig.isPresent(); i++) {
            rig = next(rig.get(), choice, i);
        }
        return rig;
    }

    /**
     * A rig with one question more answered; empty where it cannot be so, or is the same as without.
     *
     * @param choice place of the option on each axis
     * @param axis   that is answered now; those before it are in the rig
     */
    Optional<Rig> next(Rig rig, int[] choice, int axis) {
        if (choice[axis] == UNANSWERED) {
            return Optional.of(rig);
        }
        Option option = options(AXES[axis]).get(choice[axis]);
        if (option.asItIs()) {
            return Optional.of(rig);
        }
        try {
            Optional<RigPatch> patch = patch(choice, axis);
            if (patch.isEmpty() || patch.get().isEmpty()) {
                return Optional.empty();
            }
            Optional<Rig> done = patch.get().on(rig);
            return done.isPresent() ? done : option.make().apply(base.with(rig));
        } catch (Refusal refused) {
            // no rig can be so
            return Optional.empty();
        }
    }

    private Optional<RigPatch> patch(int[] choice, int axis) {
        Map<Long, Optional<RigPatch>> mine = patches.getOrDefault(AXES[axis], Map.of());
        long key = key(choice, AXES[axis].standsOn()) * options(AXES[axis]).size() + choice[axis];
        Optional<RigPatch> known = mine.get(key);
        if (known == null) {
            known = plain(choice, axis)
                    .flatMap(rig -> made(rig, options(AXES[axis]).get(choice[axis])));
            mine.put(key, known);
        }
        return known;
    }

    private Optional<RigPatch> made(Rig rig, Option option) {
        try {
            return option.make().apply(base.with(rig)).map(after -> RigPatch.between(rig, after));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** The rig in which only those questions are answered that an axis stands on. */
    private Optional<Rig> plain(int[] choice, int axis) {
        int[] mine = new int[AXES.length];
        Arrays.fill(mine, UNANSWERED);
        for (RigAxis on : AXES[axis].standsOn()) {
            mine[on.ordinal()] = choice[on.ordinal()];
        }
        long key = key(mine, EVERY);
        Optional<Rig> known = plain.get(key);
        if (known == null) {
            known = Optional.of(base.entered());
            for (int i = 0; i < axis && known.isPresent(); i++) {
                known = next(known.get(), mine, i);
            }
            plain.put(key, known);
        }
        return known;
    }

    /** The answers to some questions as one number. */
    long key(int[] choice, Set<RigAxis> of) {
        long key = 0;
        for (RigAxis axis : AXES) {
            if (of.contains(axis)) {
                key = key * (options(axis).size() + 1) + choice[axis.ordinal()] + 1;
            }
        }
        return key;
    }
}
