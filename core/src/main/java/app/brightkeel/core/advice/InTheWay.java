package app.brightkeel.core.advice;

import app.brightkeel.core.advice.Front.Point;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Verdict;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * What is in the way where no rig holds, whatever the gear: links but for which one would.
 *
 * @param links one by which alone nothing holds; where no link is so, several that are so together
 * @param fails what fails on them in the plainest rig that holds on all the others
 * @param rig   its id
 */
public record InTheWay(Set<Link> links, List<Finding> fails, String rig) {

    /** So many rigs are gone through again for each link: the first of them show what is in the way as well as all. */
    private static final long RIGS = 6_000;

    /** @param found of the space: none that holds */
    static List<InTheWay> of(Space space, Search.Found found, BooleanSupplier stop) {
        Space first = space.atMost(RIGS);
        Set<Link> broken = links(found);
        List<InTheWay> alone = new ArrayList<>();
        for (Link link : broken) {
            nearest(first, Search.but(first, EnumSet.of(link), stop)).ifPresent(alone::add);
        }
        return alone.isEmpty() ? together(first, broken, stop) : alone;
    }

    /** Where no link is so alone: some that are so together, none of which could be left out. */
    private static List<InTheWay> together(Space space, Set<Link> broken, BooleanSupplier stop) {
        Set<Link> but = EnumSet.noneOf(Link.class);
        Set<Link> more = broken;
        Optional<InTheWay> nearest = Optional.empty();
        // a link hides what fails on those after it, until it is not asked
        while (nearest.isEmpty() && but.addAll(more)) {
            Search.Found found = Search.but(space, but, stop);
            nearest = nearest(space, found);
            more = links(found);
        }
        for (Link link : List.copyOf(but)) {
            Set<Link> fewer = EnumSet.copyOf(but);
            fewer.remove(link);
            Optional<InTheWay> without = nearest(space, Search.but(space, fewer, stop));
            if (without.isPresent()) {
                but.remove(link);
                nearest = without;
            }
        }
        return nearest.stream().toList();
    }

    private static Set<Link> links(Search.Found found) {
        Set<Link> all = EnumSet.noneOf(Link.class);
        RuledOut.of(found.tally().broken()).forEach(each -> all.add(each.link()));
        return all;
    }

    /** The plainest of the rigs that were found when some links were not asked. */
    private static Optional<InTheWay> nearest(Space space, Search.Found found) {
        return found.points().stream()
                .min(WhyNot.PLAINEST)
                .map(Point::choice)
                .flatMap(choice -> space.line(choice).map(line -> of(line, space.id(choice))));
    }

    private static InTheWay of(Line line, String rig) {
        List<Finding> fails = Reasons.findings(line, Verdict.FAILS);
        Set<Link> links = EnumSet.noneOf(Link.class);
        fails.forEach(each -> links.add(each.link()));
        return new InTheWay(links, fails, rig);
    }
}
