package app.brightkeel.core.protection;

import app.brightkeel.core.circuit.Feed;
import app.brightkeel.core.line.DearStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.load.DayLoad;
import app.brightkeel.core.load.Load;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** What the fuses protect. */
public final class Protection implements DearStage<Protection.Needs, ProtectionState> {

    public static final Protection STAGE = new Protection();

    private Protection() {}

    /**
     * @param segments with gauge, length and every fuse's rating and place
     * @param load     what each device draws
     * @param packs    every source that can stand behind a fuse: those in use, then alternatives
     * @param inUse    how many of them are in use
     * @param overPlugs ids of packs that are joined by a plug, not at the terminal
     */
    public record Needs(
            List<Segment> segments,
            List<Device> devices,
            DayLoad load,
            List<PackString> packs,
            int inUse,
            Set<String> overPlugs,
            double airC) {}

    @Override
    public String name() {
        return "protection";
    }

    @Override
    public Outcome<Needs> needs(Line line) {
        Rig rig = line.rig();
        List<String> missing = new ArrayList<>(Feed.segmentOhms(rig).missing());
        for (int s = 0; s < rig.harness().segments().size(); s++) {
            List<Fitting> fittings = rig.harness().segments().get(s).fittings();
            for (int f = 0; f < fittings.size(); f++) {
                if (fittings.get(f) instanceof Fitting.Fuse fuse) {
                    Outcome.want(missing, fuse.ratingA(), Pointer.fitting(s, f, "ratingA"));
                    Outcome.want(missing, fuse.atM(), Pointer.fitting(s, f, "atM"));
                }
            }
        }
        return Outcome.both(Outcome.unless(missing, () -> rig), line.get(Packs.STAGE), (r, bank) -> bank)
                .flatMap(bank -> line.get(Load.STAGE)
                        .map(load -> new Needs(
                                rig.harness().segments(),
                                rig.devices(),
                                load.withoutDay(),
                                sources(bank),
                                bank.sources().size(),
                                overPlugs(rig),
                                rig.outing().airC().value())));
    }

    private static Set<String> overPlugs(Rig rig) {
        return rig.harness().packs().stream()
                .filter(pack -> pack.ending().terminal().plug())
                .map(Pack::id)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static List<PackString> sources(Packs.Bank bank) {
        List<PackString> all = new ArrayList<>(bank.sources());
        all.addAll(bank.instead());
        return all;
    }

    @Override
    public ProtectionState compute(Needs needs) {
        return new ProtectionWalk(needs).walk();
    }

    @Override
    public Working working(Line line) {
        return ProtectionWorking.of(line);
    }
}
