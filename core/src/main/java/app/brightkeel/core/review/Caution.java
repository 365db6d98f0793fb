package app.brightkeel.core.review;

/**
 * Something that can hurt someone, shown where the work happens.
 *
 * @param id   stable
 * @param link where it is shown
 */
public record Caution(String id, Link link, String text) {}
