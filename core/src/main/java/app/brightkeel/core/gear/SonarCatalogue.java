package app.brightkeel.core.gear;

import app.brightkeel.core.reference.Table;
import app.brightkeel.core.rig.Adapter;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Lead;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Mount;
import app.brightkeel.core.rig.Plug;
import app.brightkeel.core.rig.SonarVersion;
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

    static final List<AdapterItem> ADAPTERS = Table.read(Catalogue.class, "adapters.csv").rows().stream()
            .map(row -> new AdapterItem(
                    row.get("id"),
                    (int) Table.number(row, "fromPins"),
                    new Adapter(
                            row.get("name"),
                            GearTable.rated(row, "toPins"),
                            GearTable.constants(BeamShape.class, row, "loses"))))
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
                Look.UNDECIDED,
                Handle.UNMARKED,
                GearTable.rated(row, "tiltDeg"),
                Figure.UNSET,
                new Lead(
                        Figure.rated(Table.number(row, "leadM")),
                        Figure.UNSET,
                        Figure.rated(Table.number(row, "plugM"))),
                new Plug(
                        GearTable.rated(row, "pins"),
                        Table.constant(SonarVersion.class, row.get("version")),
                        List.of()),
                Mount.UNDECIDED);
    }

    private static Beam beam(CSVRecord row) {
        return new Beam(
                row.get("id"),
                row.get("name"),
                Table.constant(BeamShape.class, row.get("shape")),
                Figure.rated(Table.number(row, "fullDeg")),
                GearTable.rated(row, "alongDeg"),
                Table.constant(Beam.Quoted.class, row.get("quoted")),
                Figure.rated(Table.number(row, "kiloHertz")),
                Figure.rated(Table.number(row, "bandwidthKhz")),
                GearTable.rated(row, "ratedM"));
    }
}
