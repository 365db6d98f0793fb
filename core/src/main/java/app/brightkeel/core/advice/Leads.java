package app.brightkeel.core.advice;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.Extension;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.Rerouting;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** The lead of a transducer: which way it goes, and how long it is for that. */
final class Leads {

    private Leads() {}

    /** The shortest way, and the shortest for which nothing is drilled, beside that which a careful person would take. */
    static Stream<Option> ways(String transducer) {
        return Stream.of(
                way(
                        "undrilled",
                        "nothing drilled for it",
                        transducer,
                        legs -> legs.stream().noneMatch(leg -> leg.way().drills())),
                way("shortest", "the shortest way", transducer, legs -> true));
    }

    private static Option way(String id, String words, String transducer, Predicate<List<Passage>> wanted) {
        return new Option(RigAxis.CABLES, id, Text.of(words), line -> laid(line, transducer, wanted));
    }

    private static Optional<Rig> laid(Line line, String transducer, Predicate<List<Passage>> wanted) {
        Rig rig = line.entered();
        return Rerouting.ways(rig, transducer).stream()
                .filter(wanted)
                .findFirst()
                .map(way -> rig.with(Rerouting.run(rig, transducer)
                        .withLegs(way.stream().map(Passage::id).toList())))
                .map(after -> longEnough(line.with(after), transducer));
    }

    /** With the shortest extension that its way wants, none where it is long enough, and the longest where none is. */
    static Rig longEnough(Line line, String transducer) {
        Rig rig = line.entered();
        Optional<LaidCable> laid = line.get(RouteStage.STAGE).map(Routes::all).orElse(List.of()).stream()
                .filter(each -> each.carries().equals(transducer))
                .findFirst();
        Transducer of = rig.transducer(transducer).orElseThrow();
        if (laid.isEmpty() || !of.lead().lengthM().isSet()) {
            return rig;
        }
        double missing = laid.get().neededM() - of.lead().lengthM().value();
        Figure extension = missing <= 0 ? Figure.UNSET : Figure.rated(extension(missing));
        return of.lead().extensionM().equals(extension)
                ? rig
                : rig.with(of.withLead(of.lead().withExtensionM(extension)));
    }

    private static double extension(double missingM) {
        List<Extension> all = Catalogue.extensions();
        return all.stream()
                .mapToDouble(Extension::lengthM)
                .filter(each -> each >= missingM)
                .min()
                .orElseGet(() -> all.stream()
                        .max(Comparator.comparingDouble(Extension::lengthM))
                        .orElseThrow()
                        .lengthM());
    }
}
