package app.brightkeel.server.http;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.care.Care;
import app.brightkeel.core.care.CareDone;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.DayCalendar;
import app.brightkeel.server.store.CareStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Looking after a rig: what is due, what was done, both as a calendar. */
@RestController
@RequestMapping(path = "/api/rigs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class CareController {

    private final RigStore rigs;
    private final CareStore store;
    private final Cares cares;
    private final Lines lines;
    private final Clock clock;

    CareController(RigStore rigs, CareStore store, Cares cares, Lines lines, Clock clock) {
        this.rigs = rigs;
        this.store = store;
        this.cares = cares;
        this.lines = lines;
        this.clock = clock;
    }

    /** Work that comes again, what is due first on top. */
    @GetMapping("/care")
    RigCare getCare(@PathVariable String id) {
        return care(rigs.get(id));
    }

    private RigCare care(StoredRig stored) {
        List<CareDone> done = store.done(stored.id());
        List<LayUp.Due> layUp = layUp(lines.of(stored).rig(), done);
        return new RigCare(stored.revision(), cares.due(stored, done), done, layUp);
    }

    private static List<LayUp.Due> layUp(Rig rig, List<CareDone> done) {
        return LayUp.of(rig, pack -> Care.charges(pack, done));
    }

    /** Writes down that something was done, once a day. */
    @PutMapping("/care/{task}")
    RigCare setDone(
            @PathVariable String id,
            @PathVariable String task,
            @RequestParam String day,
            @RequestParam(defaultValue = "0") double restV) {
        StoredRig stored = rigs.get(id);
        if (!Care.has(lines.of(stored).rig(), task)) {
            throw new NoSuchStep("task");
        }
        CareDone done = new CareDone(task, day, restV > 0 ? Figure.measured(restV) : Figure.UNSET);
        Been.check(clock, day);
        if (!store.keep(id, done)) {
            throw new Refusal(
                    RefusalCode.DUPLICATE, "day", day, "one entry for each day: that day is written down already");
        }
        return care(stored);
    }

    /** It was not done after all. */
    @DeleteMapping("/care/{task}")
    RigCare forgetDone(@PathVariable String id, @PathVariable String task, @RequestParam String day) {
        StoredRig stored = rigs.get(id);
        if (!store.forget(id, task, day)) {
            throw new NoSuchStep("day");
        }
        return care(stored);
    }

    /** The same as a calendar: what is done moves to its next day under the id it had. */
    @GetMapping(path = "/care/calendar", produces = "text/calendar")
    ResponseEntity<byte[]> careCalendar(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        List<DayCalendar.Dated> all = cares.due(stored, store.done(id)).stream()
                .map(due -> new DayCalendar.Dated("care-" + due.task(), due.times(), due.day(), due.what(), due.why()))
                .toList();
        return calendar(stored, ", care", all);
    }

    /** What the batteries of a rig want while they rest. */
    @GetMapping(path = "/lay-up", produces = "text/calendar")
    ResponseEntity<byte[]> layUpCalendar(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        List<LayUp.Due> all = layUp(stored.rig(), store.done(id));
        if (all.isEmpty()) {
            throw new NoSuchList("lay-up");
        }
        return calendar(stored, ", lay-up", DayCalendar.layUp(all));
    }

    private ResponseEntity<byte[]> calendar(StoredRig stored, String what, List<DayCalendar.Dated> all) {
        String name = stored.rig().name() + what;
        Instant savedAt = rigs.head(stored.id()).savedAt();
        return FileController.named(name + ".ics")
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .body(DayCalendar.of(stored.id(), name, savedAt, all).getBytes(StandardCharsets.UTF_8));
    }
}
