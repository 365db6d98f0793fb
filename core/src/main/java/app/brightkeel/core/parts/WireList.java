package app.brightkeel.core.parts;

import app.brightkeel.core.harness.Colours;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Ending;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every wire of the harness, to cut and lay by; spare leads stand at the end. */
public final class WireList {

    /**
     * One pair.
     *
     * @param fromId  what it starts at, and {@code toId} what it ends at
     * @param colours of plus and minus
     * @param size    of each conductor; empty where it is open
     * @param length  one way; empty where it is open
     * @param sort    tinned, insulation, sheath, twist
     * @param remarks what to think of while it is laid
     */
    public record Cut(
            String id,
            String name,
            String fromId,
            String from,
            String toId,
            String to,
            String colours,
            Optional<Amount> size,
            Optional<Amount> length,
            String sort,
            List<Text> remarks) {}

    private final Rig rig;

    private WireList(Rig rig) {
        this.rig = rig;
    }

    public static List<Cut> of(Line line) {
        WireList list = new WireList(line.rig());
        List<Cut> all = new ArrayList<>();
        line.rig().harness().segments().forEach(segment -> all.add(list.cut(segment, false)));
        line.rig().harness().spares().forEach(spare -> all.add(list.cut(spare, true)));
        return List.copyOf(all);
    }

    private Cut cut(Segment segment, boolean spare) {
        return new Cut(
                segment.id(),
                segment.name(),
                segment.from(),
                rig.nameOfPoint(segment.from()),
                segment.to(),
                rig.nameOfPoint(segment.to()),
                Colours.words(segment),
                Known.size(segment),
                Known.of(segment.wire().lengthM(), Unit.METRE),
                sort(segment),
                remarks(segment, spare));
    }

    private static String sort(Segment segment) {
        List<String> words = new ArrayList<>();
        words.add(segment.wire().tinned() ? "tinned" : "plain copper");
        words.add(segment.wire().insulation().celsius() + " °C");
        if (segment.wire().sheathed()) {
            words.add("sheathed");
        }
        if (segment.wire().twisted()) {
            words.add("twisted");
        }
        return String.join(", ", words);
    }

    private List<Text> remarks(Segment segment, boolean spare) {
        List<Text> all = new ArrayList<>();
        if (spare) {
            all.add(Text.of("a spare, joined to nothing"));
        }
        if (segment.wire().unused() > 0) {
            all.add(Text.of(
                    "{} conductors carry nothing: cap each by itself",
                    new Amount(segment.wire().unused(), Unit.COUNT)));
        }
        afterwards(segment, segment.start()).ifPresent(all::add);
        afterwards(segment, segment.end()).ifPresent(all::add);
        return List.copyOf(all);
    }

    /** An end wider than an opening on the way is crimped on once the wire has passed it. */
    private Optional<Text> afterwards(Segment segment, Ending ending) {
        Optional<Run> run = rig.runOf(segment.id());
        if (run.isEmpty() || !ending.acrossM().isSet()) {
            return Optional.empty();
        }
        return rig.craft().passages().stream()
                .filter(passage -> run.get().legs().contains(passage.id()))
                .filter(passage -> passage.openingM().isSet()
                        && passage.openingM().value() < ending.acrossM().value())
                .map(Passage::name)
                .findFirst()
                .map(passage -> Text.of(
                        "the {} of {} goes on after the wire has passed: {}",
                        ending.terminal().words(),
                        new Amount(ending.acrossM().value(), Unit.MILLIMETRE),
                        passage));
    }
}
