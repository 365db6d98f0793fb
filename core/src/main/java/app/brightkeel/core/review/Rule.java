package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.quantity.Text;
import java.util.List;
import java.util.stream.Stream;

/** One thing that can give; one class each, in {@code review.<link>}, named once in {@link Rules#ALL}. */
public interface Rule {

    /** What a breach is of: only the first three may make a link fail, the others end at close. */
    enum Force {
        PHYSICS,
        MAKER,
        SAFETY,
        PRACTICE,
        SCHOOL;

        public boolean mayFail() {
            return this == PHYSICS || this == MAKER || this == SAFETY;
        }

        /** Practice and school findings can be put aside by the person; the others cannot. */
        public boolean mayBePutAside() {
            return !mayFail();
        }
    }

    /** What a rule says of one rig. */
    sealed interface Judgement {
        /** Does not apply to this rig. */
        record Silent() implements Judgement {}

        /** Undecided, or missing and never assumed. */
        record Ask(List<String> pointers, Text text) implements Judgement {}

        /**
         * Its words are put together only for a finding: most judgements hold, or are of rigs that are only tried.
         *
         * @param headroom below 0 gives, below {@link #COMFORTABLE} is close; 1 and more is plenty
         * @param template of the words, and its parts
         */
        record Measured(double headroom, String template, List<Object> parts) implements Judgement {
            public Text text() {
                return Text.of(template, parts.toArray());
            }
        }
    }

    /** Headroom from which a judgement holds. */
    double COMFORTABLE = 0.15;

    Judgement SILENT = new Judgement.Silent();

    /**
     * What a rule is known by.
     *
     * @param id    for example {@code fuse.too-far-from-battery}: never renamed, never reused
     * @param link  that gives
     * @param force what a breach of it is of
     */
    record Head(String id, Link link, Force force) {}

    Head head();

    default String id() {
        return head().id();
    }

    default Link link() {
        return head().link();
    }

    default Force force() {
        return head().force();
    }

    /** What it says of a rig, worked out from the line it is given and nothing else. */
    Judgement judge(Line line);

    /** Changes that may cure, the likely and cheap ones first; made one by one, only where the rule does not hold. */
    default Stream<Change> cures(Line line) {
        return Stream.empty();
    }

    /** A measured judgement whose words are a template and its parts. */
    static Judgement measured(double headroom, String template, Object... parts) {
        return new Judgement.Measured(headroom, template, List.of(parts));
    }

    /**
     * Whether a rig that is tried as a cure of what fails is rid of it: a rule that may fail a link is cured once it does
     * not give, one of practice only once it holds.
     */
    default boolean cured(Line tried) {
        Verdict verdict = verdict(judge(tried));
        return verdict == Verdict.HOLDS || verdict == Verdict.CLOSE && force().mayFail();
    }

    /** The verdict of a judgement under this rule's force. */
    default Verdict verdict(Judgement judgement) {
        if (judgement instanceof Judgement.Ask) {
            return Verdict.UNSET;
        }
        if (judgement instanceof Judgement.Measured measured && measured.headroom() < COMFORTABLE - Rounding.NOISE) {
            return measured.headroom() < -Rounding.NOISE && force().mayFail() ? Verdict.FAILS : Verdict.CLOSE;
        }
        return Verdict.HOLDS;
    }
}
