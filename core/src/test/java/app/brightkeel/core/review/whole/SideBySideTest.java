package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.review.Guide;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Two rigs side by side, and how far a first pass through one is. */
public class SideBySideTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    @Test
    public void saysWhichLinkDiffersAndByHowMuch() {
        List<Line> both = List.of(Line.of(DemoRigs.oystercatcher()), Line.of(DemoRigs.lanternCrate()));
        SideBySide all = SideBySide.of(both, REVIEWER);
        assertEquals(all.links().size(), Link.values().length);
        for (SideBySide.LinkRow row : all.links()) {
            assertEquals(
                    row.states(),
                    both.stream().map(line -> REVIEWER.state(line, row.link())).toList());
        }
        SideBySide.LinkRow screen = all.links().get(Link.SCREEN.ordinal());
        assertTrue(screen.differs());
        assertEquals(screen.by().get(1).plain(), "5.7 W less");
        assertEquals(screen.has().get(0).plain(), "7-in chirp display");
        assertEquals(has(all, Link.WIRE), "0.52 mm², 1.20 m");
        assertEquals(has(all, Link.MOUNT), "float in the hole, hole in the ice");
        assertEquals(all.links().get(Link.WATER.ordinal()).by().get(1).plain(), "12 m more");
        // one is short, the other has to spare: their lengths are not to be taken from each other
        assertEquals(all.links().get(Link.CABLE.ordinal()).by().get(1).plain(), "");
        SideBySide back = SideBySide.of(List.of(both.get(1), both.get(0)), REVIEWER);
        assertEquals(back.links().get(Link.SCREEN.ordinal()).by().get(1).plain(), "5.7 W more");
    }

    private static String has(SideBySide all, Link link) {
        return all.links().get(link.ordinal()).has().get(1).plain();
    }

    @Test
    public void aRigBesideItselfDiffersNowhere() {
        Line line = Line.of(DemoRigs.lanternCrate());
        SideBySide same = SideBySide.of(List.of(line, line), REVIEWER);
        for (SideBySide.LinkRow row : same.links()) {
            assertFalse(row.differs(), row.toString());
            assertEquals(row.by().get(1).plain(), "");
        }
        for (SideBySide.MeasureRow row : same.measures()) {
            assertEquals(row.values().get(0), row.values().get(1));
            assertEquals(row.best(), -1, row.name());
        }
    }

    /** Four at once: what is best at something is said, and a battery of twice the size is best at hours. */
    @Test
    public void fourRigsByWhatOneAsksOfThem() {
        Rig rig = DemoRigs.oystercatcher();
        Pack pack = rig.harness().packs().get(0);
        Rig large = rig.with(pack.withCapacityAh(Figure.rated(50))
                .withMassKg(Figure.rated(6.5))
                .withLabel(pack.label().withPrice(Figure.rated(310))));
        SideBySide four = SideBySide.of(
                Stream.of(rig, large, DemoRigs.gannet(), DemoRigs.kittiwake())
                        .map(Line::of)
                        .toList(),
                REVIEWER);
        assertEquals(four.names().size(), 4);
        four.links().forEach(row -> assertEquals(row.by().size(), 4));
        four.measures().forEach(row -> assertEquals(row.values().size(), 4, row.name()));
        assertEquals(row(four, "hours, nine days of ten").best(), 1);
        assertEquals(row(four, "mass of the rig").best(), 3);
        // the large one costs by hand: 310 over the years of lithium, 10 [m], so 31 more a season than one without a
        // price
        double season = value(four, "cost of a season", 1) - value(four, "cost of a season", 0);
        assertEquals(season, 31 - priceOf(pack) / 10, 1.5);
        // one with nothing known is not known, and then nobody is best
        SideBySide bare = SideBySide.of(List.of(Line.of(rig), Line.of(Rig.blank("bare", CraftKind.CANOE))), REVIEWER);
        assertEquals(row(bare, "hours, nine days of ten").values().get(1).plain(), "not known yet");
        assertEquals(row(bare, "hours, nine days of ten").best(), -1);
    }

    /** What is shown of a rig among others is what its battery link opens. */
    @Test
    public void whatASeasonCostsOpensItsWorking() {
        for (Rig rig : DemoRigs.all()) {
            Line line = Line.of(rig);
            Working.Row last = Links.of(Link.BATTERY).workings(line).stream()
                    .filter(each -> each.title().plain().equals("What a season costs"))
                    .flatMap(each -> each.rows().stream())
                    .reduce((first, second) -> second)
                    .orElseThrow();
            SideBySide beside = SideBySide.of(List.of(line, Line.of(DemoRigs.gannet())), REVIEWER);
            assertEquals(((Working.Row.Result) last).amount().si(), value(beside, "cost of a season", 0), rig.name());
        }
    }

    private static double priceOf(Pack pack) {
        return pack.label().price().isSet() ? pack.label().price().value() : 0;
    }

    private static double value(SideBySide all, String name, int rig) {
        return row(all, name).values().get(rig).amounts().get(0).si();
    }

    private static SideBySide.MeasureRow row(SideBySide all, String name) {
        return all.measures().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Handbook §1: use, sonar, mount, loads, battery, wiring (wire, fuse), routing, layout. */
    @Test
    public void theFirstPassGoesInTheOrderOfTheWork() {
        assertEquals(
                REVIEWER.review(Line.of(Rig.blank("new", CraftKind.CANOE))).guide().stream()
                        .map(Guide.Asked::link)
                        .toList(),
                List.of(
                        Link.WATER,
                        Link.TRANSDUCER,
                        Link.MOUNT,
                        Link.SCREEN,
                        Link.BATTERY,
                        Link.WIRE,
                        Link.FUSE,
                        Link.CABLE,
                        Link.CARRY));
    }
}
