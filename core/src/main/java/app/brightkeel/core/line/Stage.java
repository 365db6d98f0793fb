package app.brightkeel.core.line;

/**
 * One computation of the line.
 *
 * @param <I> what it needs: a record without arrays, compared to decide whether the old result still stands
 * @param <R> what it yields: a record without arrays
 */
public interface Stage<I, R> {

    /** What it is called in workings and in faults. */
    String name();

    /** Gathers the needs from the rig and other stages, or names what is missing. */
    Outcome<I> needs(Line line);

    /** Computes from the needs alone. */
    R compute(I needs);

    /** Tells how the result came about; built only when someone asks why. */
    Working working(Line line);
}
