package app.brightkeel.server.meter;

/** A meter that did not answer as the protocol says. */
public final class MeterFault extends RuntimeException {

    public MeterFault(String why) {
        super(why);
    }
}
