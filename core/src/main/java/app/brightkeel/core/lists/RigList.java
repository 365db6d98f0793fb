package app.brightkeel.core.lists;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * One list of a rig.
 *
 * @param id    as addresses and files name it: never renamed
 * @param title as a menu shows it
 * @param links beside whose pictures it is offered; empty for all
 * @param there whether the rig has anything that it is of: asked for the menu, cheap
 * @param made  empty where the rig has nothing that such a list is of
 */
public record RigList(
        String id, String title, List<Link> links, Predicate<Line> there, Function<Line, Optional<Listing>> made) {

    public RigList {
        links = List.copyOf(links);
    }
}
