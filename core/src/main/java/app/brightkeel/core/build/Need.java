package app.brightkeel.core.build;

/**
 * One step that has to be done before another.
 *
 * @param before id of the step that comes first
 * @param after  id of the step that waits for it
 * @param restH  that have to go by in between, undisturbed [h]
 */
public record Need(String before, String after, Sort sort, String why, double restH) {

    /** What an order against it does. */
    public enum Sort {
        /** The later step cannot be done, or has to be done again. */
        ORDER,
        /** The later step shuts away what the first has to get at. */
        CLOSES
    }
}
