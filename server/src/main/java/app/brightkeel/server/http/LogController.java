package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.RigReviewer;
import app.brightkeel.core.rig.Outing;
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

    /**
     * A log as it was read; nothing is changed by that.
     *
     * @param said    what it says, and what was left out
     * @param water   with its depths and temperature as they were fished
     * @param effects on every link that would move
     */
    record Offered(List<Text> said, Water water, List<Change.Effect> effects) {}

    /** Reads a log while it comes in. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE, produces = MediaType.APPLICATION_JSON_VALUE)
    Offered read(@PathVariable String id, @RequestParam String name, InputStream body) throws IOException {
        Rig rig = store.get(id).rig();
        LogRead read = LogReader.read(body, Checks.name("name", name));
        Line line = Line.of(rig);
        Outcome<WaterState> water = line.get(WaterStage.STAGE);
        double error = water.map(WaterState::error).orElse(0.0);
        Outing outing = rig.outing();
        Water fished = read.fished().in(outing.water(), error);
        Change change = new Change(
                "water.log",
                Text.of("The water as it was fished"),
                Effort.SETTING,
                rig.withOuting(outing.withWater(fished)));
        return new Offered(said(read, error), fished, change.effects(line, reviewer));
    }

    private static List<Text> said(LogRead read, double error) {
        Fished fished = read.fished();
        List<Text> said = new ArrayList<>();
        said.add(Text.of(
                "{} over the bottom, {} to {} deep, half of it shallower than {}.",
                new Amount(fished.logged().hours(), Unit.HOUR),
                new Amount(fished.leastM(), Unit.DEPTH),
                new Amount(fished.mostM(), Unit.DEPTH),
                new Amount(fished.typicalM(), Unit.DEPTH)));
        fished.waterC().ifPresent(celsius -> said.add(Text.of("The water had {}.", new Amount(celsius, Unit.CELSIUS))));
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
    void simulated(
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
