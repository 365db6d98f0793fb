package app.brightkeel.core.review.screen;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Port;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Shared;
import app.brightkeel.core.rig.Signals;
import java.util.List;
import java.util.stream.Stream;

/** Sonar pictures and charts go over Ethernet between displays; the low-rate bus carries readings alone. */
final class WantsEthernet implements Rule {

    @Override
    public Identity identity() {
        return new Identity("screen.wants-ethernet", Link.SCREEN, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        List<Device> displays =
                rig.devices().stream().filter(device -> device.kind().display()).toList();
        WorstOf worst = new WorstOf();
        for (Shared shared : rig.network().shares()) {
            Port port = shared.wantsEthernet() ? Port.ETHERNET : Port.BUS;
            for (Device display : displays) {
                boolean known = !display.sockets().ports().isEmpty();
                if (displays.size() > 1 && known) {
                    worst.add(
                            display.sockets().ports().contains(port) ? 1 : -1,
                            "To share {} every display wants {}; the {} has none.",
                            shared.words(),
                            port.words(),
                            display.name());
                }
            }
        }
        for (DataLead lead : rig.network().leads()) {
            boolean between = rig.device(lead.from()).kind().display()
                    && rig.device(lead.to()).kind().display();
            boolean pictures = rig.network().shares().stream().anyMatch(Shared::wantsEthernet);
            if (between && pictures && lead.signals() != Signals.UNDECIDED) {
                worst.add(
                        lead.signals() == Signals.BUS ? -1 : 1,
                        "The {} is one of {}: pictures and charts do not go over it.",
                        lead.name(),
                        lead.signals().words());
            }
        }
        return worst.judgement();
    }

    /** What the ports allow. */
    @Override
    public Stream<Change> cures(Line line) {
        Rig rig = line.entered();
        List<Shared> readings = rig.network().shares().stream()
                .filter(shared -> !shared.wantsEthernet())
                .toList();
        Stream<Change> leads = rig.network().leads().stream()
                .filter(lead -> lead.signals() == Signals.BUS)
                .map(lead -> new Change(
                        "screen.ethernet." + lead.id(),
                        Text.of("An Ethernet lead in place of the {}", lead.name()),
                        Effort.BUY,
                        rig.withNetwork(rig.network().with(lead.withSignals(Signals.ETHERNET)))));
        Stream<Change> less = Stream.of(readings, List.<Shared>of())
                .map(shares -> new Change(
                        shares.isEmpty() ? "screen.share-nothing" : "screen.share-readings",
                        Text.of(shares.isEmpty() ? "Each display on its own" : "Share readings alone, over the bus"),
                        Effort.SETTING,
                        rig.withNetwork(rig.network().withShares(shares))));
        return Stream.concat(leads, less);
    }
}
