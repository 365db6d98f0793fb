package app.brightkeel.server.http;

/**
 * An answer as it goes out: a value of a type as JSON, compressed.
 *
 * @param <T> what it is the JSON of; the published contract reads it here
 */
public record Kept<T>(byte[] gzipped) {}
