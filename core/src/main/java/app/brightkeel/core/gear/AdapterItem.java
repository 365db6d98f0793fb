package app.brightkeel.core.gear;

import app.brightkeel.core.rig.Adapter;

/**
 * An adapter between a transducer's plug and a display's socket.
 *
 * @param fromPins of the transducer's plug that goes into it
 */
public record AdapterItem(String id, int fromPins, Adapter adapter) {}
