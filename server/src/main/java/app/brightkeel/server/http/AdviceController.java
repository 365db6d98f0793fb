package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.server.files.AdviceCsv;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Whole rigs advised in place of one. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/advice", produces = MediaType.APPLICATION_JSON_VALUE)
class AdviceController {

    /** So many rigs are gone through: a few seconds at most. */
    private static final long RIGS = 125_000;

    /** Searches are kept for so many rigs: wishes change many times, the rig does not. */
    private static final int KEPT = 4;

    private final RigStore rigs;
    private final Lines lines;
    private final Turns turns;
    private final Map<String, Advisor> kept = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Advisor> eldest) {
            return size() > KEPT;
        }
    };

    AdviceController(RigStore rigs, Lines lines, Turns turns) {
        this.rigs = rigs;
        this.lines = lines;
        this.turns = turns;
    }

    /** Rigs by name, the whole front, and what is in the way, within the wishes. */
    @GetMapping
    WholeAdvice getAdvice(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable Double hours,
            @RequestParam(required = false) @Nullable Double mass,
            @RequestParam(required = false) @Nullable Double price,
            @RequestParam(required = false) @Nullable Double holes,
            @RequestParam(required = false) @Nullable Double minutes,
            @RequestParam(required = false) @Nullable Double seen,
            @RequestParam(required = false) @Nullable Double buys) {
        Map<Good, Double> wishes = new EnumMap<>(Good.class);
        wish(wishes, Good.HOURS, hours);
        wish(wishes, Good.MASS, mass);
        wish(wishes, Good.PRICE, price);
        wish(wishes, Good.HOLES, holes);
        wish(wishes, Good.MINUTES, minutes);
        wish(wishes, Good.SEEN, seen);
        wish(wishes, Good.BUYS, buys);
        StoredRig stored = rigs.get(id);
        Advisor advisor = advisor(stored);
        return turns.take(() -> WholeAdvice.of(stored.revision(), advisor, wishes));
    }

    private static void wish(Map<Good, Double> wishes, Good good, @Nullable Double wished) {
        if (wished == null) {
            return;
        }
        if (!(wished >= 0 && wished <= 1e6)) {
            throw new Refusal(
                    RefusalCode.OUT_OF_RANGE, good.name().toLowerCase(Locale.ROOT), wished.toString(), "0 to 1000000");
        }
        wishes.put(good, wished);
    }

    /** Why an answer to a question is not among what is advised. */
    @GetMapping("/why")
    WholeAdvice.WhyNotShown whyNot(@PathVariable String id, @RequestParam RigAxis axis, @RequestParam String choice) {
        Advisor advisor = advisor(rigs.get(id));
        return turns.takeLong(() -> advisor.whyNot(axis, choice, () -> false))
                .map(WholeAdvice.WhyNotShown::of)
                .orElseThrow(() ->
                        new Refusal(RefusalCode.DANGLING, "choice", choice, "one of the answers to that question"));
    }

    /** The whole front as CSV. */
    @GetMapping(path = "/list", produces = "text/csv")
    ResponseEntity<byte[]> adviceList(@PathVariable String id) {
        StoredRig stored = rigs.get(id);
        return FileController.named(stored.rig().name() + " advice.csv")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(AdviceCsv.of(advisor(stored)).getBytes(StandardCharsets.UTF_8));
    }

    private Advisor advisor(StoredRig stored) {
        String key = stored.id() + " " + stored.revision();
        synchronized (kept) {
            Advisor known = kept.get(key);
            if (known != null) {
                return known;
            }
        }
        Advisor made = turns.takeLong(() -> Advisor.of(lines.of(stored), RIGS, () -> false, done -> {}));
        synchronized (kept) {
            kept.put(key, made);
        }
        return made;
    }
}
