package app.brightkeel.server.http;

/** A step is no longer what somebody saw when they ticked it. */
final class StepChanged extends RuntimeException {}
