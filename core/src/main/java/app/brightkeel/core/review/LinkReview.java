package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a link shows besides its verdict: its number, the workings behind it, and what could be had instead.
 *
 * <p>One for each link, in {@code review.<link>}, named once in {@code whole.Links}.
 */
public interface LinkReview {

    Link link();

    /** The one number that matters, or what is missing for it. */
    Outcome<Text> number(Line line);

    /** The working of every number the link shows, the headline's first. */
    List<Working> workings(Line line);

    /** What the rig has now, as Compare names it where no alternative is just that. */
    default Text planned(Line line) {
        return Text.of("As it is");
    }

    /**
     * How well a changed rig does on this link besides its verdict, for the rows of Compare.
     *
     * @param score more is better: ranks what is judged alike
     * @param notes what is to be known of it beside what it wins and loses by
     * @param was   traits of what the rig has now
     * @param is    traits of what is compared with that, of the same names or more
     */
    record Merit(double score, List<Text> notes, List<Trait> was, List<Trait> is) {
        public static final Merit NONE = new Merit(0, List.of(), List.of(), List.of());

        public Merit {
            notes = List.copyOf(notes);
            was = List.copyOf(was);
            is = List.copyOf(is);
        }

        /** What the rows may be ordered by; empty where there is but one order. */
        public List<Measure> measures() {
            return is.stream()
                    .filter(Trait.Counted.class::isInstance)
                    .map(Trait.Counted.class::cast)
                    .map(trait -> new Measure(trait.name(), trait.amount(), trait.more()))
                    .toList();
        }
    }

    /**
     * One thing that alternatives are measured by.
     *
     * @param name as in "by mass"
     * @param more whether more of it is better
     */
    record Measure(String name, Amount amount, boolean more) {}

    /** The links that stand or fall with what is compared here: what fails there is always told with it. */
    default Set<Link> own() {
        return Set.of(link());
    }

    /** What a merit is about where a change brings something new: the first part that was not there. */
    static <T> Optional<T> firstNew(List<T> planned, List<T> changed) {
        return changed.stream().filter(part -> !planned.contains(part)).findFirst();
    }

    /** @param planned the rig as it is */
    default Merit merit(Line planned, Line changed) {
        return Merit.NONE;
    }

    /** More to compare where the person asks for it: alternatives of this link together with others. */
    default List<Change> wider(Line line) {
        return List.of();
    }

    /**
     * How each change of this link is made again from its id, by the second word of that: those it lists, those that cure, and
     * the edits that its picture offers.
     */
    Map<String, ChangeKind> kinds();

    /** Alternatives to compare, smallest first; each a whole change. */
    List<Change> alternatives(Line line);
}
