package app.brightkeel.core.rig;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a component marked with {@link Names} may name, read from the mark once: every rig that is tried is checked by it.
 *
 * @param orNothing    whether it may be ""
 * @param isEmptied    whether it names nothing from then on when what it names is gone; its record goes otherwise
 * @param once         what is allowed where no two of a list may name the same; "" where they may
 * @param checkedThere whether the record's own constructor looks after it
 */
record Naming(Set<PartKind> kinds, boolean orNothing, boolean isEmptied, boolean checkedThere, String once) {

    static Naming of(Names mark) {
        return new Naming(
                EnumSet.copyOf(List.of(mark.value())),
                mark.orNothing(),
                mark.gone() == Names.Gone.IS_EMPTIED,
                mark.checkedThere(),
                mark.once());
    }
}
