package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Lead;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.rig.TransducerType;
import java.util.List;
import org.apache.commons.csv.CSVRecord;

/** Transducers and what lengthens their leads. */
final class SonarCatalogue {

    private static final Table BEAMS = Table.read(Catalogue.class, "beams.csv");

    static final List<Transducer> TRANSDUCERS = Table.read(Catalogue.class, "transducers.csv").rows().stream()
            .map(SonarCatalogue::transducer)
            .toList();

    static final List<Extension> EXTENSIONS = Table.read(Catalogue.class, "extensions.csv").rows().stream()
            .map(row -> new Extension(row.get("id"), row.get("name"), Table.number(row, "lengthM")))
            .toList();

    private SonarCatalogue() {}

    private static Transducer transducer(CSVRecord row) {
        List<Beam> beams = BEAMS.rows().stream()
                .filter(beam -> beam.get("transducer").equals(row.get("id")))
                .map(SonarCatalogue::beam)
                .toList();
        return new Transducer(
                row.get("id"),
                row.get("name"),
                row.get("id"),
                Table.constant(TransducerType.class, row.get("type")),
                beams,
                "",
                "",
                Figure.rated(Table.number(row, "bodyM")),
                Figure.rated(Table.number(row, "massKg")),
                new Lead(
                        Figure.rated(Table.number(row, "leadM")),
                        Figure.UNSET,
                        Figure.rated(Table.number(row, "plugM"))),
                Mount.UNDECIDED);
    }

    private static Beam beam(CSVRecord row) {
        return new Beam(
                row.get("id"),
                row.get("name"),
                Figure.rated(Table.number(row, "fullDeg")),
                Table.constant(Beam.Quoted.class, row.get("quoted")),
                Figure.rated(Table.number(row, "kiloHertz")),
                Figure.rated(Table.number(row, "bandwidthKhz")));
    }
}
