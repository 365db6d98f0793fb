package app.brightkeel.server.http;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.care.CareDone;
import app.brightkeel.core.care.CareDue;
import java.util.List;

/**
 * What a rig wants through its seasons.
 *
 * @param due   soonest first
 * @param done  as it was written down, in the order of the days
 * @param layUp days of batteries at rest; none where none is laid up
 */
public record RigCare(long revision, List<CareDue> due, List<CareDone> done, List<LayUp.Due> layUp) {}
