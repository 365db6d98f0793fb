package app.brightkeel.core.line;

/**
 * Where a formula or a figure comes from.
 *
 * @param name     author, title and year, or the standard and its table
 * @param standing how much weight it carries
 */
public record Source(String name, Standing standing) {

    /** How a source is known to us. */
    public enum Standing {
        PUBLISHED,
        FROM_MEMORY,
        COMMON_PRACTICE,
        DERIVED
    }

    public static Source published(String name) {
        return new Source(name, Standing.PUBLISHED);
    }

    public static Source fromMemory(String name) {
        return new Source(name, Standing.FROM_MEMORY);
    }

    public static Source practice(String name) {
        return new Source(name, Standing.COMMON_PRACTICE);
    }

    /** Follows from physics or arithmetic, with no source needed. */
    public static Source derived(String name) {
        return new Source(name, Standing.DERIVED);
    }
}
