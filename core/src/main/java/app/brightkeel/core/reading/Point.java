package app.brightkeel.core.reading;

/**
 * Where a meter is held.
 *
 * @param index of the source, wire, device or place, by its kind
 */
record Point(String id, ReadingKind kind, String subject, int index) {}
