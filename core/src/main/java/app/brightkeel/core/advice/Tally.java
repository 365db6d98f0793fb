package app.brightkeel.core.advice;

import app.brightkeel.core.review.Rule;
import java.util.Map;
import java.util.TreeMap;

/**
 * What became of every rig of a search: the counts come to all of them.
 *
 * @param all    rigs, if every answer went with every other
 * @param cannot be put together at all, or are the same as another
 * @param broken by the rule that gave first, of that one's id
 * @param beaten by one that is as good or better in everything; whether they hold was not asked
 * @param held   looked at whole, and nothing fails
 * @param left   not looked at, since it was called off
 */
public record Tally(long all, long cannot, Map<String, Long> broken, long beaten, long held, long left) {

    static final class Counting {
        private final long all;
        private long cannot;
        private final Map<String, Long> broken = new TreeMap<>();
        private long beaten;
        private long held;

        Counting(long all) {
            this.all = all;
        }

        void cannot(long rigs) {
            cannot += rigs;
        }

        void broken(Rule rule, long rigs) {
            broken.merge(rule.id(), rigs, Long::sum);
        }

        void beaten(long rigs) {
            beaten += rigs;
        }

        void held() {
            held++;
        }

        void add(Counting other) {
            cannot += other.cannot;
            other.broken.forEach((rule, rigs) -> broken.merge(rule, rigs, Long::sum));
            beaten += other.beaten;
            held += other.held;
        }

        long seen() {
            return cannot
                    + beaten
                    + held
                    + broken.values().stream().mapToLong(each -> each).sum();
        }

        Tally done() {
            return new Tally(all, cannot, broken, beaten, held, all - seen());
        }
    }

    public Tally {
        broken = Map.copyOf(broken);
    }
}
