package app.brightkeel.core.route;

import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.Passage;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * One line of the table of holes.
 *
 * @param number     as in the picture, from 1
 * @param id         of the passage, or of the exit of a box
 * @param passage    whose opening it is; empty for an exit of a box
 * @param name       of it
 * @param part       what it goes through, in plain words
 * @param there      whether it is there already
 * @param below      whether it lies below the waterline
 * @param openingM   clear width [m]; 0 where nobody gave it
 * @param cables     names of what passes
 * @param circleM    circle round all of them [m]
 * @param plugM      widest plug that has to pass [m]; 0 where none has to
 * @param crimpedLast names of wires whose ends are crimped on once they are through
 * @param closedBy   what closes it: as decided, or what fits best
 * @param decided    whether a person decided that
 * @param wantsM     hole that it wants [m]
 * @param use        what it is for: in a hull for cables
 */
@RecordBuilder
public record Hole(
        int number,
        String id,
        Optional<Passage> passage,
        String name,
        String part,
        boolean there,
        boolean below,
        double openingM,
        List<String> cables,
        double circleM,
        double plugM,
        List<String> crimpedLast,
        PassThrough closedBy,
        boolean decided,
        double wantsM,
        Material stuff,
        BackReach back,
        ExitUse use)
        implements HoleBuilder.With {

    /** Half a tenth of a millimetre: less is not seen in the figures. */
    private static final double SHOWN_M = 5e-5;

    public Hole {
        cables = List.copyOf(cables);
        crimpedLast = List.copyOf(crimpedLast);
    }

    /** Whether cables go through it, not a bolt or a part that fills it. */
    public boolean forCables() {
        return use == ExitUse.CABLES;
    }

    /** What is drilled [m]: as a person said, else as it wants. */
    public double drillM() {
        return openingM > 0 ? openingM : wantsM;
    }

    /** Whether a person said another width than what closes it wants. */
    public boolean otherThanWanted() {
        return openingM > 0 && wantsM > 0 && Math.abs(openingM - wantsM) >= SHOWN_M;
    }

    /** Whether something is bought to close it. */
    public boolean buys() {
        return closedBy.bought() && (!there || decided);
    }
}
