package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.picture.BenchScene;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Contact;
import app.brightkeel.core.reading.Diagnosis;
import app.brightkeel.core.reading.Expectations;
import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.reading.Fault;
import app.brightkeel.core.reading.Faults;
import app.brightkeel.core.reading.Reading;
import app.brightkeel.core.reading.ReadingWorking;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.Wanted;
import app.brightkeel.server.files.ListCsv;
import app.brightkeel.server.meter.MeterClient;
import app.brightkeel.server.meter.MeterFault;
import app.brightkeel.server.meter.SimulatedMeter;
import app.brightkeel.server.meter.SimulatedMeters;
import app.brightkeel.server.store.BenchStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The bench: what a meter should say, what it says, and what is wrong. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/bench", produces = MediaType.APPLICATION_JSON_VALUE)
class BenchController {

    private static final int PORTS = 65_535;
    private static final int MOST_WORD = 120;
    private static final int KEPT = 100;

    private record Asked(String id, long revision, List<Reading> readings) {}

    /** What the same readings of the same rig say is worked out once. */
    private final Cache<Asked, Diagnosis> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private final RigStore rigs;
    private final BenchStore store;
    private final SimulatedMeters meters;
    private final Lines lines;
    private final Turns turns;

    BenchController(RigStore rigs, BenchStore store, SimulatedMeters meters, Lines lines, Turns turns) {
        this.rigs = rigs;
        this.store = store;
        this.meters = meters;
        this.lines = lines;
        this.turns = turns;
    }

    /** Expectations, readings, suspects. */
    @GetMapping
    Bench getBench(@PathVariable String id) {
        return bench(rigs.get(id));
    }

    private Bench bench(StoredRig stored) {
        Line line = lines.of(stored);
        Outcome<BenchModel> model = BenchModel.of(line);
        if (model.isKnown()) {
            return bench(stored, model.value());
        }
        return new Bench(
                stored.revision(),
                List.of(),
                store.readings(stored.id()),
                List.of(),
                List.of(),
                new Diagnosis(List.of(), List.of()),
                new Bench.MeterState(0, List.of(), List.of()),
                Picture.NONE,
                Text.of("Waits for {}.", Wanted.words(line.rig(), model.missing())));
    }

    private Bench bench(StoredRig stored, BenchModel model) {
        List<BenchStore.Read> readings = store.readings(stored.id());
        return turns.take(() -> bench(stored, model, readings));
    }

    private Bench bench(StoredRig stored, BenchModel model, List<BenchStore.Read> readings) {
        List<Expected> expected = Expectations.of(model);
        List<String> outside = new ArrayList<>();
        for (BenchStore.Read read : readings) {
            expected.stream()
                    .filter(each -> each.id().equals(read.point()) && !each.within(read.value()))
                    .forEach(each -> outside.add(each.id()));
        }
        List<Reading> said = readings.stream()
                .map(read -> new Reading(read.point(), read.value()))
                .toList();
        Diagnosis diagnosis =
                known.get(new Asked(stored.id(), stored.revision(), said), asked -> Diagnosis.of(model, said));
        List<String> suspected = diagnosis.suspects().isEmpty() || said.isEmpty()
                ? List.of()
                : diagnosis.suspects().get(0).parts();
        Picture picture = BenchScene.of(lines.of(stored), expected, said, suspected)
                .map(scene -> new Picture(List.of(scene), Picture.NONE.why()))
                .orElse(Picture.NONE);
        Optional<SimulatedMeter> meter = meters.at(stored.id(), stored.revision());
        return new Bench(
                stored.revision(),
                expected,
                readings,
                outside,
                Contact.of(model, said),
                diagnosis,
                new Bench.MeterState(
                        meter.map(SimulatedMeter::port).orElse(0),
                        wrong(model, meter.map(SimulatedMeter::faults).orElse(List.of())),
                        wrong(model, Faults.all(model))),
                picture,
                Text.of(""));
    }

    private static List<Bench.Wrong> wrong(BenchModel model, List<Fault> faults) {
        return faults.stream()
                .map(fault -> new Bench.Wrong(fault, Faults.told(model, fault).what()))
                .toList();
    }

    private BenchModel model(StoredRig stored) {
        Outcome<BenchModel> model = BenchModel.of(lines.of(stored));
        if (!model.isKnown()) {
            throw new Refusal(RefusalCode.ABSENT, "harness", "", "wire, battery and draw have to be said first");
        }
        return model.value();
    }

    private static Expected expected(BenchModel model, String point) {
        return Expectations.of(model).stream()
                .filter(each -> each.id().equals(point))
                .findFirst()
                .orElseThrow(() -> new NoSuchStep("point"));
    }

    /** Keeps what a person read [V, A, Ω]. */
    @PutMapping("/readings")
    Bench setReading(@PathVariable String id, @RequestParam String point, @RequestParam double value) {
        StoredRig stored = rigs.get(id);
        BenchModel model = model(stored);
        Reading reading = Reading.of(expected(model, point), value);
        store.keep(id, List.of(new BenchStore.Said(reading.id(), reading.value())), true);
        return bench(stored, model);
    }

    /** How what the meter should say at a point came about. */
    @GetMapping("/working")
    Working getReadingWorking(@PathVariable String id, @RequestParam String point) {
        StoredRig stored = rigs.get(id);
        BenchModel model = model(stored);
        expected(model, point);
        return turns.take(() -> ReadingWorking.of(model, point).orElseThrow());
    }

    /** What the meter should say and what it said, as CSV; of a rig that nothing can be expected of, that is no such thing. */
    @GetMapping(path = "/list", produces = "text/csv")
    ResponseEntity<byte[]> benchList(@PathVariable String id, @RequestParam(defaultValue = "metric") Habit habit) {
        StoredRig stored = rigs.get(id);
        Listing listing =
                BenchLists.of(lines.of(stored), store.readings(id)).orElseThrow(() -> new NoSuchList("readings"));
        return ListController.csv(stored.rig().name(), "readings", ListCsv.of(listing, habit));
    }

    /** Forgets the reading of a point; of all where none is named. */
    @DeleteMapping("/readings")
    Bench forgetReadings(@PathVariable String id, @RequestParam(defaultValue = "") String point) {
        StoredRig stored = rigs.get(id);
        store.forget(id, point);
        return bench(stored);
    }

    /**
     * Takes readings from a meter on this machine: all of them are kept, or none.
     *
     * @param point where; at every point where none is named
     * @param port  on which it listens; the simulated one where that is 0
     */
    @PostMapping("/meter/readings")
    Bench takeReadings(
            @PathVariable String id,
            @RequestParam(defaultValue = "") String point,
            @RequestParam(defaultValue = "0") int port) {
        StoredRig stored = rigs.get(id);
        Checks.within("port", port, 0, PORTS, "");
        BenchModel model = model(stored);
        List<Expected> wanted = point.isEmpty() ? Expectations.of(model) : List.of(expected(model, point));
        List<BenchStore.Said> said = new ArrayList<>();
        try (MeterClient meter = new MeterClient(port > 0 ? port : port(stored))) {
            for (Expected each : wanted) {
                said.add(new BenchStore.Said(each.id(), meter.read(each).value()));
            }
        }
        store.keep(id, said, false);
        return bench(stored, model);
    }

    /** Switches a simulated meter on at this rig. */
    @PostMapping("/meter")
    Bench switchMeterOn(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        BenchModel model = model(stored);
        meters.switchOn(id, stored.revision(), model);
        return bench(stored, model);
    }

    /** Switches it off. */
    @DeleteMapping("/meter")
    Bench switchMeterOff(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        meters.switchOff(id);
        return bench(stored);
    }

    /** Lets something go wrong with the simulated rig, over the meter's own line. */
    @PutMapping("/meter/fault")
    Bench setFault(
            @PathVariable String id,
            @RequestParam String kind,
            @RequestParam String subject,
            @RequestParam double size) {
        return told(id, "WRONG " + word(kind) + " " + word(subject) + " " + size);
    }

    /** All is well with it again. */
    @DeleteMapping("/meter/fault")
    Bench clearFaults(@PathVariable String id) {
        return told(id, "RIGHT");
    }

    private Bench told(String id, String line) {
        StoredRig stored = rigs.get(id);
        try (MeterClient meter = new MeterClient(port(stored))) {
            String answer = meter.ask(line);
            if (!answer.equals("OK")) {
                throw new MeterFault("The meter says: " + answer);
            }
        }
        return bench(stored);
    }

    /** Of the simulated meter. */
    private int port(StoredRig stored) {
        return meters.at(stored.id(), stored.revision())
                .map(SimulatedMeter::port)
                .orElseThrow(() -> new MeterFault("No meter is switched on at this rig."));
    }

    /** One word of a line, whatever somebody sends. */
    private static String word(String words) {
        return Checks.cut(words.replaceAll("\\s", ""), MOST_WORD);
    }
}
