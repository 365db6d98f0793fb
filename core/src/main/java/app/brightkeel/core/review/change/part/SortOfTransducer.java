package app.brightkeel.core.review.change.part;

import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.reference.Table;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * {@code transducer.sort.ID.TYPE}: says of which sort a transducer is, and proposes what hardly anybody can read off it by what
 * is usual for that sort: frequency, width of the plug, mass, and the beams where nothing is known of them. What is known stays.
 */
final class SortOfTransducer {

    private SortOfTransducer() {}

    static Optional<Change> of(Rig rig, String id, String sort) {
        return Stream.of(TransducerType.values())
                .filter(type -> Table.written(type).equals(sort))
                .findFirst()
                .flatMap(type -> rig.transducer(id)
                        .map(transducer -> new Change(
                                "transducer.sort." + id + "." + sort,
                                Text.of("{}", Worded.capital(type.words())),
                                Effort.SETTING,
                                rig.with(sorted(transducer, type)))));
    }

    private static Transducer sorted(Transducer transducer, TransducerType type) {
        Transducer said = transducer.withType(type);
        return Catalogue.transducers().stream()
                .filter(item -> item.type() == type)
                .findFirst()
                .map(usual -> said.with(like -> like.massKg(or(said.massKg(), usual.massKg()))
                        .bodyM(or(said.bodyM(), usual.bodyM()))
                        .lead(said.lead()
                                .withPlugM(or(said.lead().plugM(), usual.lead().plugM())))
                        .beams(beams(said.beams(), usual.beams()))))
                .orElse(said);
    }

    private static List<Beam> beams(List<Beam> known, List<Beam> usual) {
        boolean blank = known.stream()
                .noneMatch(beam -> beam.fullDeg().isSet()
                        || beam.ratedM().isSet()
                        || beam.kiloHertz().isSet());
        return blank
                ? usual.stream().map(SortOfTransducer::proposed).toList()
                : known.stream()
                        .map(beam -> beam.withKiloHertz(
                                or(beam.kiloHertz(), usual.get(0).kiloHertz())))
                        .toList();
    }

    private static Beam proposed(Beam usual) {
        return usual.with(beam -> beam.fullDeg(or(Figure.UNSET, usual.fullDeg()))
                .alongDeg(or(Figure.UNSET, usual.alongDeg()))
                .ratedM(or(Figure.UNSET, usual.ratedM()))
                .kiloHertz(or(Figure.UNSET, usual.kiloHertz()))
                .bandwidthKhz(or(Figure.UNSET, usual.bandwidthKhz())));
    }

    private static Figure or(Figure known, Figure usual) {
        return usual.isSet() ? known.orPropose(usual.value()) : known;
    }
}
