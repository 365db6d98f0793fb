package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.core.rig.EveryList;
import app.brightkeel.core.rig.Figures;
import app.brightkeel.core.rig.Rig;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Whatever a stage or rule may ask for has words. */
public class WantedTest {

    @DataProvider
    public Object[][] asked() {
        return new Object[][] {
            {"/devices", "something that draws current"},
            {"/devices/0/draw", "the draw of 7-in chirp display"},
            {"/devices/0/draw/baseW", "the base draw of 7-in chirp display"},
            {"/devices/0/limits/maxFuseA", "the maker's largest fuse of 7-in chirp display"},
            {"/transducers", "a transducer"},
            {"/transducers/0/beams", "a beam of 24° chirp cone"},
            {"/transducers/0/beams/0/fullDeg", "the beam angle of 24° cone"},
            {"/transducers/0/mount/kind", "the kind of the mount of 24° chirp cone"},
            {"/craft/lengthM", "the length of the craft"},
            {"/craft/stand/outM", "the foot outside the edge of the kickstand"},
            {"/craft/passages/0/lengthM", "the length of up the aft left scupper"},
            {"/angler/massKg", "the mass of the angler"},
            {"/runs", "the way of each transducer's and data lead through the craft"},
            {"/runs/0/legs", "the way of each transducer's and data lead through the craft"},
            {"/runs/0/travels/0/strokeM", "the travel of the seat"},
            {"/places", "a place for every battery and display"},
            {"/places/0/station", "a place for every battery and display"},
            {"/outing/phases", "a day to plan for"},
            {"/outing/phases/0/hours", "the hours of around the tide"},
            {"/outing/water/leastM", "the shallowest depth of the water"},
            {"/harness/packs", "a battery"},
            {"/harness/packs/0/capacityAh", "the capacity of 12 Ah LiFePO4"},
            {"/harness/segments", "the wire from battery to device"},
            {"/harness/segments/0/wire/lengthM", "the length of supply lead"},
            {"/harness/segments/0/fittings", "a fuse in supply lead"},
            {"/harness/segments/0/fittings/0/ratingA", "the rating of main fuse"},
            {"/harness/segments/7/fittings", "a fuse in the rig"},
            {"/fitOut/boards/kerfM", "the width of a cut of the boards"},
            {"/chargers/0/amps", "the current of charger"},
        };
    }

    @Test(dataProvider = "asked")
    public void isSaidInWords(String pointer, String words) {
        assertEquals(Wanted.words(EveryList.in(DemoRigs.oystercatcher()), pointer), words);
    }

    /** Every figure and every list of every rig, all that lies above them, and one entry more than there is. */
    @Test
    public void nothingOfARigIsWithoutWords() {
        Stream.concat(DemoRigs.all().stream(), DemoRigs.all().stream().map(EveryList::in))
                .forEach(rig -> pointers(rig).forEach(pointer -> {
                    String words = Wanted.words(rig, pointer);
                    assertFalse(
                            words.isBlank() || words.startsWith("/") || words.contains("%s"), pointer + ": " + words);
                }));
    }

    private static Set<String> pointers(Rig rig) {
        Set<String> all = new TreeSet<>();
        Figures.visit(rig, (pointer, figure) -> {
            for (int end = pointer.length(); end > 0; end = pointer.lastIndexOf('/', end - 1)) {
                all.add(pointer.substring(0, end));
            }
        });
        Nudge.lists(rig).forEach((pointer, list) -> {
            all.add(pointer);
            all.add(pointer + "/" + list.size());
        });
        return all;
    }
}
