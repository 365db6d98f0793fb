package app.brightkeel.core.rig;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the records' marks teach: which parts there are, what names them, and what goes with them. */
public class MarksTest {

    /** Text that may read like an id: what a part was copied from, what it is called. */
    private static final Set<String> OWN = Set.of("id", "name", "origin", "colours", "bolts", "text");

    @DataProvider
    public Object[][] rigs() {
        return Stream.concat(DemoRigs.all().stream(), DemoRigs.all().stream().map(EveryList::in))
                .map(rig -> new Object[] {rig})
                .toArray(Object[][]::new);
    }

    /** Whatever holds the id of a part is marked: a field that is forgotten would be left naming nothing. */
    @Test(dataProvider = "rigs")
    public void whatHoldsAnIdIsMarked(Rig rig) {
        Set<String> ids = new HashSet<>();
        PartsOf.of(rig).values().forEach(ids::addAll);
        List<String> unmarked = new ArrayList<>();
        look(rig, ids, unmarked);
        assertEquals(unmarked, List.of());
    }

    private static void look(Object at, Set<String> ids, List<String> unmarked) {
        if (at instanceof List<?> list) {
            list.forEach(each -> look(each, ids, unmarked));
        } else if (at instanceof Record) {
            Set<String> marked = new HashSet<>();
            Stream.of(Marks.of(at.getClass())).forEach(mark -> marked.add(mark.name()));
            for (Components.Component component : Components.of(at)) {
                Object value = component.of(at);
                boolean holds = value instanceof String text && ids.contains(text)
                        || value instanceof List<?> list && list.stream().anyMatch(ids::contains);
                if (holds && !OWN.contains(component.name()) && !marked.contains(component.name())) {
                    unmarked.add(at.getClass().getSimpleName() + "." + component.name() + " = " + value);
                }
                look(value, ids, unmarked);
            }
        }
    }

    /** Each part of each kind taken out: it is gone, the rig can be one, and nothing goes that did not name what went. */
    @Test(dataProvider = "rigs")
    public void whatNamesAPartThatIsTakenOutGoesWithIt(Rig rig) {
        Map<PartKind, Set<String>> all = PartsOf.of(rig);
        all.forEach((kind, ids) -> ids.forEach(id -> {
            Map<PartKind, Set<String>> left = PartsOf.of(rig.without(kind, id));
            assertTrue(!left.getOrDefault(kind, Set.of()).contains(id), kind + " " + id);
            Set<PartKind> fewer = EnumSet.noneOf(PartKind.class);
            all.forEach((each, before) -> {
                if (!left.getOrDefault(each, Set.of()).equals(before)) {
                    fewer.add(each);
                }
            });
            assertTrue(goesWith(kind).containsAll(fewer), kind + " " + id + " took " + fewer);
        }));
        assertSame(rig.without(PartKind.PACK, "none-such"), rig);
    }

    /** What may go with a part, by handbook and hand: a wire with what it starts at, its way with it, a box with its place. */
    private static Set<PartKind> goesWith(PartKind kind) {
        return switch (kind) {
            case PACK ->
                EnumSet.of(
                        kind,
                        PartKind.SEGMENT,
                        PartKind.SPARE,
                        PartKind.FITTING,
                        PartKind.RUN,
                        PartKind.CHARGER,
                        PartKind.EXTRA,
                        PartKind.FASTENER);
            case JUNCTION, DEVICE ->
                EnumSet.of(
                        kind,
                        PartKind.SEGMENT,
                        PartKind.SPARE,
                        PartKind.FITTING,
                        PartKind.RUN,
                        PartKind.HOLDER,
                        PartKind.DATA_LEAD,
                        PartKind.EXTRA,
                        PartKind.FASTENER);
            case SEGMENT, SPARE -> EnumSet.of(kind, PartKind.FITTING, PartKind.RUN, PartKind.EXTRA);
            case TRANSDUCER -> EnumSet.of(kind, PartKind.RUN, PartKind.BEAM, PartKind.EXTRA, PartKind.FASTENER);
            case DATA_LEAD -> EnumSet.of(kind, PartKind.RUN, PartKind.EXTRA);
            case HOLDER -> EnumSet.of(kind, PartKind.EXTRA, PartKind.FASTENER);
            case BOX ->
                EnumSet.of(kind, PartKind.RIB, PartKind.EXIT, PartKind.POCKET, PartKind.EXTRA, PartKind.FASTENER);
            case STATION ->
                EnumSet.of(
                        kind,
                        PartKind.PASSAGE,
                        PartKind.RUN,
                        PartKind.BALLAST,
                        PartKind.BOX,
                        PartKind.RIB,
                        PartKind.EXIT,
                        PartKind.POCKET,
                        PartKind.EXTRA,
                        PartKind.FASTENER);
            case PASSAGE -> EnumSet.of(kind, PartKind.RUN);
            case BOARD_PART, CLOSURE -> EnumSet.of(kind, PartKind.FASTENER);
            default -> EnumSet.of(kind);
        };
    }

    /** Every kind stands in a rig that has something in every list. */
    @Test
    public void everyKindOfPartIsMet() {
        Set<PartKind> met = EnumSet.noneOf(PartKind.class);
        DemoRigs.all().forEach(rig -> met.addAll(PartsOf.of(EveryList.in(rig)).keySet()));
        assertEquals(met, EnumSet.allOf(PartKind.class));
    }
}
