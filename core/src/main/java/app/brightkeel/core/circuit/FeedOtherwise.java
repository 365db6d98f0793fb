package app.brightkeel.core.circuit;

import app.brightkeel.core.harness.Topology;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Stage;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.pack.PackString;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.rig.Harness;
import app.brightkeel.core.rig.PackRole;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Volts through the harness as it may also be joined: on each alternative source, and over each spare lead. */
public final class FeedOtherwise implements Stage<List<FeedOtherwise.Need>, List<FeedOtherwise.Way>> {

    public static final FeedOtherwise STAGE = new FeedOtherwise();

    private FeedOtherwise() {}

    /** @param over in words, as {@code On 24 Ah LiFePO4: } */
    public record Need(String over, Feed.Needs feed) {}

    /** @param over in words */
    public record Way(String over, FeedState feed) {}

    /** As it is joined, without words, and otherwise: as far as it is known. */
    public static List<Way> all(Line line) {
        return Stream.concat(
                        line.get(Feed.STAGE)
                                .map(feed -> Stream.of(new Way("", feed)))
                                .orElse(Stream.empty()),
                        line.get(STAGE).orElse(List.of()).stream())
                .toList();
    }

    @Override
    public String name() {
        return "feed otherwise";
    }

    @Override
    public Outcome<List<Need>> needs(Line line) {
        Rig rig = line.rig();
        return Outcome.both(line.needs(Feed.STAGE), line.get(Packs.STAGE), (feed, bank) -> {
            List<Need> all = new ArrayList<>();
            List<List<Integer>> places = Series.of(rig.harness().packs(), PackRole.INSTEAD);
            for (int i = 0; i < places.size(); i++) {
                PackString source = bank.instead().get(i);
                all.add(new Need(
                        "On " + rig.harness().pack(source.id()).name() + ": ",
                        new Feed.Needs(
                                Topology.instead(rig, places.get(i)), feed.ohms(), feed.load(), List.of(source))));
            }
            double airC = rig.outing().airC().value();
            for (Segment spare : rig.harness().spares()) {
                if (spare.wire().measured()) {
                    all.add(new Need("Over " + spare.name() + ": ", over(rig, spare, feed, airC)));
                }
            }
            return all;
        });
    }

    /** A spare lead in the place of the one that leads where it may. */
    private static Feed.Needs over(Rig rig, Segment spare, Feed.Needs feed, double airC) {
        Harness harness = rig.harness();
        List<Segment> segments = new ArrayList<>(harness.segments());
        List<Double> ohms = new ArrayList<>(feed.ohms());
        for (int s = segments.size() - 1; s >= 0; s--) {
            if (segments.get(s).to().equals(spare.to())) {
                segments.remove(s);
                ohms.remove(s);
            }
        }
        segments.add(spare);
        ohms.add(new WireResistance(spare, airC).loopOhm());
        List<Segment> others =
                harness.spares().stream().filter(each -> each != spare).toList();
        Harness joined = harness.with(h -> h.segments(segments).spares(others));
        return new Feed.Needs(Topology.of(rig, joined), List.copyOf(ohms), feed.load(), feed.packs());
    }

    @Override
    public List<Way> compute(List<Need> needs) {
        return needs.stream()
                .map(need -> new Way(need.over(), Feed.STAGE.compute(need.feed())))
                .toList();
    }

    @Override
    public Working working(Line line) {
        return FeedWorking.of(line);
    }
}
