package app.brightkeel.e2e;

import java.util.ArrayList;
import java.util.List;

/** Everything that can be read of one rig. */
final class Pages {

    static final List<String> LINKS =
            List.of("water", "transducer", "mount", "cable", "screen", "wire", "fuse", "battery", "carry");

    private static final List<String> LISTS = List.of(
            "",
            "/review",
            "/remedies",
            "/export",
            "/document",
            "/revisions",
            "/parts",
            "/wires",
            "/connectors",
            "/shopping?habit=us",
            "/holes",
            "/take-off",
            "/cuts",
            "/templates/sheets",
            "/templates",
            "/harness",
            "/harness?charge=hour&hour=1.5&starting=true",
            "/shuttle",
            "/log?seconds=30");

    private Pages() {}

    /** Addresses below that of the rig. */
    static List<String> all() {
        List<String> all = new ArrayList<>(LISTS);
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
