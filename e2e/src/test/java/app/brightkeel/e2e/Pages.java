package app.brightkeel.e2e;

import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Link;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Everything that can be read of one rig. */
final class Pages {

    static final List<String> LINKS =
            Stream.of(Link.values()).map(Table::written).toList();

    private static final List<String> OTHERS = List.of(
            "",
            "/review",
            "/remedies",
            "/export",
            "/document",
            "/revisions",
            "/lists",
            "/templates/sheets",
            "/templates",
            "/harness",
            "/harness?charge=hour&hour=1.5&starting=true",
            "/shuttle",
            "/trips",
            "/trips/list",
            "/taught",
            "/symptoms",
            "/symptoms/dies-as-it-starts?answer=ywiggle&answer=npack-load",
            "/symptoms/no-bottom?answer=y",
            "/care",
            "/care/calendar",
            "/log?seconds=30");

    private Pages() {}

    /** Addresses below that of the rig. */
    static List<String> all() {
        List<String> all = new ArrayList<>(OTHERS);
        RigLists.ALL.forEach(list -> all.add("/lists/" + list.id() + "?habit=us"));
        all.add("/lists/everything/table");
        for (String link : LINKS) {
            all.add("/scenes/" + link);
            all.add("/scenes/" + link + "/svg");
            all.add("/workings?link=" + link);
            all.add("/assumed?link=" + link);
            all.add("/changes?link=" + link);
            all.add("/changes?wider=true&link=" + link);
        }
        return all;
    }
}
