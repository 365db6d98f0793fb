package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.KindTraits;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Trait;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.HolderKind;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.TransducerType;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every alternative says what it wins and what it loses; what fails says by which rule; what is planned why it stands. */
public class WhyTest {

    private static List<Comparison.Offer> offers(Rig rig, Link link) {
        return Comparison.of(Line.of(rig), link, new RigReviewer());
    }

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream().map(rig -> new Object[] {rig}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "rigs")
    public void nothingIsOfferedWithoutAReason(Rig rig) {
        for (Link link : Link.values()) {
            for (Comparison.Offer offer : offers(rig, link)) {
                String what = rig.name() + ", " + offer.id();
                boolean said = !offer.fails().isEmpty()
                        || !offer.wins().isEmpty()
                        || !offer.loses().isEmpty()
                        || !offer.reasons().isEmpty();
                assertTrue(said || offer.planned(), what);
                assertTrue(
                        offer.after().verdict() != Verdict.FAILS
                                || !offer.fails().isEmpty(),
                        what);
                assertEquals(!offer.stands().plain().isEmpty(), offer.planned(), what);
                if (offer.planned()) {
                    assertTrue(offer.wins().isEmpty(), what + " wins over itself");
                    assertEquals(
                            offer.stands().plain().startsWith("It does not stand"),
                            !offer.fails().isEmpty(),
                            what);
                }
            }
        }
    }

    /** What practitioners say of each; common practice, no source. */
    @DataProvider
    public Object[][] said() {
        Function<Comparison.Offer, List<Text>> fails = Comparison.Offer::fails;
        Function<Comparison.Offer, List<Text>> wins = Comparison.Offer::wins;
        Function<Comparison.Offer, List<Text>> loses = Comparison.Offer::loses;
        return new Object[][] {
            {DemoRigs.oystercatcher(), Link.MOUNT, "in-hull", wins, "cannot strike anything"},
            {DemoRigs.oystercatcher(), Link.MOUNT, "in-hull", loses, "comes off slowly"},
            {DemoRigs.oystercatcher(), Link.MOUNT, "swing-arm", loses, "a fish on that side can wrap the line"},
            {DemoRigs.oystercatcher(), Link.MOUNT, "swing-arm", wins, "takes no drain"},
            {DemoRigs.oystercatcher(), Link.TRANSDUCER, "live", fails, "short, because"},
            {DemoRigs.oystercatcher(), Link.TRANSDUCER, "live", loses, "is aimed by hand all day"},
            {DemoRigs.oystercatcher(), Link.BATTERY, "agm-18", wins, "its volts tell its charge"},
            {DemoRigs.oystercatcher(), Link.BATTERY, "agm-18", loses, "kg heavier"},
            {DemoRigs.oystercatcher(), Link.BATTERY, "lifepo4-6", fails, "short, because"},
            {DemoRigs.oystercatcher(), Link.CARRY, "carry.unit.pack.bag", loses, "loses on knocks"},
            {DemoRigs.oystercatcher(), Link.FUSE, "1", fails, "it may open in use"},
            {DemoRigs.lanternCrate(), Link.MOUNT, "ice-wrap", loses, "wrap anew as the ice grows"},
            {DemoRigs.lanternCrate(), Link.MOUNT, "ice-arm", wins, "holds its place in wind and current"},
            {DemoRigs.gannet(), Link.WIRE, "trunk", wins, "at the worst device"},
            {DemoRigs.gannet(), Link.MOUNT, "in-hull", fails, "does not see through a hull"},
        };
    }

    @Test(dataProvider = "said")
    public void theReasonIsThere(
            Rig rig, Link link, String id, Function<Comparison.Offer, List<Text>> where, String words) {
        List<Comparison.Offer> about = offers(rig, link).stream()
                .filter(offer -> offer.id().contains(id))
                .toList();
        assertFalse(about.isEmpty(), id);
        assertTrue(
                about.stream()
                        .flatMap(offer -> where.apply(offer).stream())
                        .anyMatch(text -> text.plain().contains(words)),
                about.toString());
    }

    /** What nobody changes loses to nothing by points: it stands before all that is judged alike. */
    @Test(dataProvider = "rigs")
    public void nothingWinsByPointsOverWhatIsThere(Rig rig) {
        for (Link link : Link.values()) {
            List<Comparison.Offer> offers = offers(rig, link);
            Optional<Comparison.Offer> planned =
                    offers.stream().filter(Comparison.Offer::planned).findFirst();
            planned.ifPresent(it -> offers.subList(0, offers.indexOf(it))
                    .forEach(before -> assertTrue(
                            before.effects().stream()
                                    .anyMatch(effect -> effect.after().verdict()
                                            != effect.before().verdict()),
                            rig.name() + ": " + before.id() + " stands before what is planned by points alone")));
        }
    }

    /** Each kind that can be chosen is spoken of, and each thing said of several kinds by the same name. */
    @Test
    public void everyKindIsSpokenOf() {
        Map<String, List<Enum<?>>> sorts = Map.of(
                "mount", List.copyOf(MountKind.decided().toList()),
                "holder", List.of(HolderKind.values()),
                "transducer", List.of(TransducerType.values()),
                "box", List.of(EnclosureKind.values()),
                "battery", List.of(Chemistry.values()));
        sorts.forEach((sort, kinds) -> {
            List<String> names = new ArrayList<>();
            for (Enum<?> kind : kinds) {
                List<Trait> traits = KindTraits.of(sort, kind);
                assertEquals(traits.isEmpty(), kind.name().equals("UNDECIDED"), sort + " " + kind);
                assertEquals(
                        traits.stream().map(Trait::name).distinct().count(),
                        traits.size(),
                        sort + " " + kind + " twice");
                traits.forEach(trait -> names.add(trait.name()));
            }
            for (String name : names) {
                assertTrue(names.stream().filter(name::equals).count() > 1, sort + ": only one has " + name);
            }
        });
    }
}
