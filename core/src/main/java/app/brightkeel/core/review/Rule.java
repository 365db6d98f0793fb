package app.brightkeel.core.review;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Rounding;
import app.brightkeel.core.quantity.Text;
import java.util.List;
import java.util.stream.Stream;

/** One thing that can give; one class each, in {@code review.<link>}, named once in {@code whole.Rules}. */
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
         * @param faults   how many things it finds that are not comfortable; the words are of the worst
         */
        record Measured(double headroom, String template, List<Object> parts, int faults) implements Judgement {
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
    record Identity(String id, Link link, Force force) {}

    Identity identity();

    default String id() {
        return identity().id();
    }

    default Link link() {
        return identity().link();
    }

    default Force force() {
        return identity().force();
    }

    /** What it says of a rig, worked out from the line it is given and nothing else. */
    Judgement judge(Line line);

    /**
     * Changes that may cure, the likely and cheap ones first; made one by one, only where the rule does not hold. Where
     * several things give, each may mend one of them: {@code whole.Remedies} puts them together.
     */
    default Stream<Change> cures(Line line) {
        return Stream.empty();
    }

    /**
     * Whether it doubts what was entered, not what is built: putting that right may show that something else fails, and is
     * offered all the same.
     */
    default boolean doubts() {
        return false;
    }

    /** What is to be said with a cure, of the rig after it: no words where it is simply mended. */
    default Text remark(Line then) {
        return Text.of("");
    }

    /** What is left to do with the hands where no change that can be planned mends it; no words where that is not known. */
    default Text byHand() {
        return Text.of("");
    }

    /** A measured judgement whose words are a template and its parts. */
    static Judgement measured(double headroom, String template, Object... parts) {
        return new Judgement.Measured(headroom, template, List.of(parts), comfortable(headroom) ? 0 : 1);
    }

    static boolean comfortable(double headroom) {
        return headroom >= COMFORTABLE - Rounding.NOISE;
    }

    /** The verdict of a judgement under this rule's force. */
    default Verdict verdict(Judgement judgement) {
        if (judgement instanceof Judgement.Ask) {
            return Verdict.UNSET;
        }
        if (judgement instanceof Judgement.Measured measured && !comfortable(measured.headroom())) {
            return measured.headroom() < -Rounding.NOISE && force().mayFail() ? Verdict.FAILS : Verdict.CLOSE;
        }
        return Verdict.HOLDS;
    }
}
