package app.brightkeel.core.parts;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Crimps;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;

/** Every end that is joined to something: what goes on it, how it is crimped, and the pull it must stand. */
public final class ConnectorList {

    /**
     * One end.
     *
     * @param part   whose end it is
     * @param end    which end of it
     * @param joined what it is joined to
     * @param ending what it is
     * @param crimp  colour of the terminal and its sleeve; empty words where the gauge is open or nothing is crimped
     * @param pull   for a minute; empty words where none is given for so thin a wire
     * @param remark what to think of
     */
    public record End(String part, String end, String joined, Text ending, Text crimp, Text pull, String remark) {}

    private ConnectorList() {}

    public static List<End> of(Line line) {
        Rig rig = line.rig();
        List<End> all = new ArrayList<>();
        for (Pack pack : rig.harness().packs()) {
            all.add(new End(
                    pack.name(),
                    "terminals",
                    "",
                    words(pack.ending()),
                    Text.of(""),
                    Text.of(""),
                    "cap over plus; the live side is the shrouded one"));
        }
        for (Segment segment : rig.harness().segments()) {
            all.add(end(segment, "start", rig.nameOfPoint(segment.from()), segment.start()));
            all.add(end(segment, "end", rig.nameOfPoint(segment.to()), segment.end()));
        }
        for (Segment spare : rig.harness().spares()) {
            all.add(end(spare, "start", rig.nameOfPoint(spare.from()), spare.start()));
            all.add(end(spare, "end", rig.nameOfPoint(spare.to()), spare.end()));
        }
        for (Charger charger : rig.chargers()) {
            all.add(new End(
                    charger.name(),
                    "lead",
                    rig.nameOfPoint(charger.charges()),
                    words(charger.ending()),
                    Text.of(""),
                    Text.of(""),
                    charger.ending().terminal().plug() ? "the same plug as the leads" : ""));
        }
        return List.copyOf(all);
    }

    private static End end(Segment segment, String which, String joined, Ending ending) {
        boolean crimped = segment.wire().gauge().decided();
        double area = crimped ? segment.wire().gauge().size().areaMm2() : 0;
        Text crimp = Crimps.terminal(area)
                .map(terminal -> Text.of(
                        "{}, adhesive sleeve of {} slid on first",
                        terminal.colour(),
                        new Amount(terminal.sleeveM(), Unit.FINE_MILLIMETRE)))
                .orElse(Text.of(""));
        Text pull =
                Crimps.pullN(area).map(newtons -> Text.of(newtons, Unit.NEWTON)).orElse(Text.of(""));
        return new End(segment.name(), which, joined, words(ending), crimp, pull, "tug each by hand; grease on plugs");
    }

    private static Text words(Ending ending) {
        return ending.pins().isSet()
                ? Text.of(
                        "{}, {} pins", ending.words(), new Amount(ending.pins().value(), Unit.COUNT))
                : Text.of("{}", ending.words());
    }
}
