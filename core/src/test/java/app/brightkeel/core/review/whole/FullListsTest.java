package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.picture.Pictures;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkReview;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.rig.FullLists;
import app.brightkeel.core.rig.Rig;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** A list that holds as much as it may offers no change that would put more into it, and all else as before. */
public class FullListsTest {

    private static final Map<String, Rig> FULL = full();

    private static final List<String> EDITS =
            List.of("wire.in.fuse.", "wire.in.switch.", "wire.in.plug.", "wire.in.splitter.", "wire.out.");

    private static Map<String, Rig> full() {
        Map<String, Rig> all = new LinkedHashMap<>();
        for (Rig rig : DemoRigs.all()) {
            // each list of one rig at least
            FullLists.of(rig).forEach((list, full) -> all.put(Share.LONG ? rig.name() + ": " + list : list, full));
        }
        return all;
    }

    @DataProvider(parallel = true)
    public Object[][] lists() {
        return FULL.keySet().stream().map(list -> new Object[] {list}).toArray(Object[][]::new);
    }

    /** Every change that could be offered is made: one that cannot be would be refused here. */
    @Test(dataProvider = "lists")
    public void nothingIsOfferedThatCannotBe(String list) {
        Line line = Line.of(Objects.requireNonNull(FULL.get(list)));
        new RigReviewer().review(line);
        long offered = 0;
        for (Link link : Link.values()) {
            LinkReview shown = Links.of(link);
            offered += shown.alternatives(line).size() + shown.wider(line).size();
            shown.workings(line);
            Pictures.all(line, link);
        }
        for (Rule rule : Rules.ALL) {
            offered += rule.cures(line).count();
        }
        for (String edit : EDITS) {
            offered += line.entered().harness().segments().stream()
                    .filter(segment ->
                            Comparison.find(line, edit + segment.id()).isPresent())
                    .count();
        }
        assertTrue(offered > 100, list + ": " + offered);
    }
}
