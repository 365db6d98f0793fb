package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How much each part of a mount's score counts for this person, each 0 to 10; 1 where nothing is said.
 *
 * @param view    what the transducer sees from there
 * @param beach   how it survives the beach
 * @param drag    how little it slows the craft
 * @param removal how quickly it comes off
 * @param ease    how few tools and how little time it takes
 * @param cost    how little it costs
 * @param side    how clear it is to the sides
 * @param shared  that it serves several craft
 * @param atHand  that it stands on the side the person likes
 * @param drill   that nothing is drilled
 */
@RecordBuilder
public record Weights(
        Figure view,
        Figure beach,
        Figure drag,
        Figure removal,
        Figure ease,
        Figure cost,
        Figure drill,
        Figure side,
        Figure shared,
        Figure atHand)
        implements WeightsBuilder.With {

    public static final Weights EVEN = all(Figure.UNSET);

    private static final double MOST = 10;

    /** What a weight counts: 1 where nothing is said, which is no assumption about the rig. */
    public static double of(Figure weight) {
        return weight.isSet() ? weight.value() : 1;
    }

    /** The same for each. */
    public static Weights all(Figure each) {
        return new Weights(each, each, each, each, each, each, each, each, each, each);
    }

    /** The same, with what the way it travels and is shared makes of weights that nobody gave. */
    Weights assuming(Sharing sharing) {
        return sharing.equals(Sharing.UNKNOWN)
                ? this
                : with(full ->
                        full.removal(assumed(removal, sharing.removal())).shared(assumed(shared, sharing.shared())));
    }

    /** What counts 1 counts as if nothing was said, and is no assumption. */
    private static Figure assumed(Figure weight, double counts) {
        return counts == 1 ? weight : weight.orAssume(counts);
    }

    public Weights {
        Figure.within("view", view, 0, MOST, "");
        Figure.within("beach", beach, 0, MOST, "");
        Figure.within("drag", drag, 0, MOST, "");
        Figure.within("removal", removal, 0, MOST, "");
        Figure.within("ease", ease, 0, MOST, "");
        Figure.within("cost", cost, 0, MOST, "");
        Figure.within("drill", drill, 0, MOST, "");
        Figure.within("side", side, 0, MOST, "");
        Figure.within("shared", shared, 0, MOST, "");
        Figure.within("atHand", atHand, 0, MOST, "");
    }
}
