package app.brightkeel.core.reading;

/**
 * Where a meter is held.
 *
 * @param subject id of what it is read at; of an unused conductor that of its lead, a slash, and its number
 * @param index of the source, wire, device or place, by its kind
 */
record Point(String id, ReadingKind kind, String subject, int index) {}
