package app.brightkeel.core.review;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import java.util.Optional;

/** One thing by which the alternatives of a link differ, and the words for it. */
public sealed interface Trait {

    /** Grades closer than this are alike; common practice, no source. */
    double ALIKE = 0.15;

    /** Words of a grade over it praise, up to it they blame; common practice, no source. */
    double FAIR = 0.6;

    /** What it is about, as in "by mass": the same for every alternative of a link. */
    String name();

    /** More than 0 where this is better than another of its name, less where it is worse, 0 where nobody would say a word. */
    double over(Trait other);

    /** How this differs from another of its name, where it does; no words where they would say the contrary. */
    Optional<Text> against(Trait other);

    /**
     * What is counted or measured, by which a person may order the alternatives.
     *
     * @param more  whether more of it is better
     * @param least difference from which it is worth a word, in the amount's held unit
     * @param above words for a difference up, as in "{} heavier"
     * @param below words for one down
     */
    record Counted(String name, Amount amount, boolean more, double least, String above, String below)
            implements Trait {

        @Override
        public double over(Trait other) {
            double difference = difference(other);
            return Math.abs(difference) < least ? 0 : more ? difference : -difference;
        }

        private double difference(Trait other) {
            return amount.si() - ((Counted) other).amount.si();
        }

        @Override
        public Optional<Text> against(Trait other) {
            double difference = difference(other);
            return Optional.of(
                    Text.of(difference > 0 ? above : below, new Amount(Math.abs(difference), amount.unit())));
        }
    }

    /**
     * What is judged.
     *
     * @param grade 0 poor to 1 good
     * @param words of what is so graded
     */
    record Graded(String name, double grade, Text words) implements Trait {

        @Override
        public double over(Trait other) {
            double difference = grade - ((Graded) other).grade;
            return Math.abs(difference) < ALIKE ? 0 : difference;
        }

        /** What is less bad is no praise, what is less good no blame. */
        @Override
        public Optional<Text> against(Trait other) {
            boolean fair = over(other) > 0 ? grade > FAIR : grade <= FAIR;
            return fair ? Optional.of(words) : Optional.empty();
        }
    }
}
