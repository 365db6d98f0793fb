package app.brightkeel.core.build;

import java.util.List;

/**
 * The piece of a drawing that a step bears.
 *
 * @param of       what is drawn
 * @param stations ids of places that are to be seen in it
 * @param parts    ids of cables, parts and holes that are drawn heavy
 */
public record Piece(Of of, List<String> stations, List<String> parts) {

    /** What is drawn. */
    public enum Of {
        NOTHING,
        CRAFT,
        FACE,
        HARNESS,
        BOARDS
    }

    public static final Piece NONE = new Piece(Of.NOTHING, List.of(), List.of());

    public Piece {
        stations = List.copyOf(stations);
        parts = List.copyOf(parts);
    }
}
