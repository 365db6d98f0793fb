package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Water;
import app.brightkeel.core.water.Fished;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import app.brightkeel.server.demo.SimulatedSounder;
import app.brightkeel.server.files.log.LogRead;
import app.brightkeel.server.files.log.LogReader;
import app.brightkeel.server.store.RigStore;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Logs of real outings: read, and offered as a change of the water. */
@RestController
@RequestMapping("/api/rigs/{id}/log")
class LogController {

    /** Longest simulated log [s]: about 24 MB. */
    private static final int MOST_S = 240_000;

    private static final int BUFFER = 1 << 14;

    private final RigStore store;
    private final RigReviewer reviewer;

    LogController(RigStore store, RigReviewer reviewer) {
        this.store = store;
        this.reviewer = reviewer;
    }

    /** What of a log may be taken. */
    enum LogPart {
        DEPTHS,
        TEMPERATURE
    }

    /**
     * Something that was taken from a log.
     *
     * @param says what, and from which of its sentences or elements
     */
    record LogTaken(LogPart what, Text says) {}

    /**
     * What the water becomes by some of it.
     *
     * @param effects on every link that would move
     */
    record LogWay(List<LogPart> of, Water water, List<Change.Effect> effects) {}

    /**
     * A log as it was read; nothing is changed by that.
     *
     * @param taken each may be left
     * @param ways  one for each choice of them, all of them first
     * @param said  what was left out, and why
     */
    record Offered(List<LogTaken> taken, List<LogWay> ways, List<Text> said) {}

    /** Reads a log while it comes in. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    Offered readLog(@PathVariable String id, @RequestParam String name, InputStream body) throws IOException {
        Rig rig = store.get(id).rig();
        LogRead read = LogReader.read(body, Checks.name("name", name));
        Line line = Line.of(rig);
        Outcome<WaterState> water = line.get(WaterStage.STAGE);
        double error = water.map(WaterState::error).orElse(0.0);
        List<LogTaken> taken = taken(read);
        List<List<LogPart>> choices = taken.size() == 1
                ? List.of(List.of(LogPart.DEPTHS))
                : List.of(
                        List.of(LogPart.DEPTHS, LogPart.TEMPERATURE),
                        List.of(LogPart.DEPTHS),
                        List.of(LogPart.TEMPERATURE));
        List<LogWay> ways =
                choices.stream().map(of -> way(of, read.fished(), error, line)).toList();
        return new Offered(taken, ways, said(read, error));
    }

    private LogWay way(List<LogPart> of, Fished fished, double error, Line line) {
        Rig rig = line.entered();
        Water water = rig.outing().water();
        water = of.contains(LogPart.DEPTHS) ? fished.depthsIn(water, error) : water;
        water = of.contains(LogPart.TEMPERATURE) ? fished.temperatureIn(water) : water;
        Change change = new Change(
                "water.log",
                Text.of("The water as it was fished"),
                Effort.SETTING,
                rig.withOuting(rig.outing().withWater(water)));
        return new LogWay(of, water, reviewer.effects(line, change));
    }

    private static List<LogTaken> taken(LogRead read) {
        Fished fished = read.fished();
        List<LogTaken> taken = new ArrayList<>();
        taken.add(new LogTaken(
                LogPart.DEPTHS,
                Text.of(
                        "{} over the bottom, {} to {} deep, half of it shallower than {}: {} depths from “{}”.",
                        new Amount(fished.logged().hours(), Unit.HOUR),
                        new Amount(fished.leastM(), Unit.DEPTH),
                        new Amount(fished.mostM(), Unit.DEPTH),
                        new Amount(fished.typicalM(), Unit.DEPTH),
                        new Amount(fished.samples(), Unit.COUNT),
                        read.depthsFrom())));
        fished.waterC()
                .ifPresent(celsius -> taken.add(new LogTaken(
                        LogPart.TEMPERATURE,
                        Text.of(
                                "The water had {}, from “{}”.",
                                new Amount(celsius, Unit.CELSIUS),
                                read.temperatureFrom()))));
        return taken;
    }

    private static List<Text> said(LogRead read, double error) {
        List<Text> said = new ArrayList<>();
        if (Math.abs(error) > 0.001) {
            said.add(Text.of(
                    "The display reckons with a speed of sound of its own: its depths are {} off, and put right here.",
                    new Amount(error, Unit.FINE_PERCENT)));
        }
        said.addAll(read.remarks());
        return said;
    }

    /** A made-up log over this rig's own water, to try the reading with; written as it is made. */
    @GetMapping(produces = MediaType.TEXT_PLAIN_VALUE)
    void simulateLog(
            @PathVariable String id, @RequestParam(defaultValue = "18000") int seconds, HttpServletResponse response)
            throws IOException {
        Checks.within("seconds", seconds, 10, MOST_S, "s");
        Line line = Line.of(store.get(id).rig());
        if (!line.get(WaterStage.STAGE).isKnown()) {
            throw new FileController.NoPicture();
        }
        response.setContentType(MediaType.TEXT_PLAIN_VALUE);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"simulated-log.nmea\"");
        new SimulatedSounder(line.rig().outing().water(), 7)
                .write(new BufferedOutputStream(response.getOutputStream(), BUFFER), seconds);
    }
}
