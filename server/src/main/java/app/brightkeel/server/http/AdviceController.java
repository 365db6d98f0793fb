package app.brightkeel.server.http;

import app.brightkeel.core.advice.Advisor;
import app.brightkeel.core.advice.Good;
import app.brightkeel.core.advice.Mended;
import app.brightkeel.core.advice.RigAxis;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.server.files.AdviceCsv;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Whole rigs advised in place of one. */
@RestController
@RequestMapping(path = "/api/rigs/{id}/advice", produces = MediaType.APPLICATION_JSON_VALUE)
class AdviceController {

    private final RigStore rigs;
    private final Turns turns;
    private final Advisors advisors;

    AdviceController(RigStore rigs, Turns turns, Advisors advisors) {
        this.rigs = rigs;
        this.turns = turns;
        this.advisors = advisors;
    }

    /**
     * Rigs by name, the whole front and its picture, and what is in the way, within the wishes.
     *
     * @param free   wishes of the rig itself that are lifted
     * @param across of the picture, from left to right, and {@code up}
     */
    @GetMapping
    WholeAdvice getAdvice(
            @PathVariable String id,
            @RequestParam(required = false) @Nullable Double hours,
            @RequestParam(required = false) @Nullable Double mass,
            @RequestParam(required = false) @Nullable Double price,
            @RequestParam(required = false) @Nullable Double holes,
            @RequestParam(required = false) @Nullable Double minutes,
            @RequestParam(required = false) @Nullable Double seen,
            @RequestParam(required = false) @Nullable Double buys,
            @RequestParam(defaultValue = "") List<Good> free,
            @RequestParam(defaultValue = "price") Good across,
            @RequestParam(defaultValue = "hours") Good up) {
        Map<Good, Double> wishes = wishes(hours, mass, price, holes, minutes, seen, buys);
        StoredRig stored = rigs.get(id);
        Advisor advisor = advisors.of(stored);
        return turns.take(() -> WholeAdvice.of(stored.revision(), advisor, advisor.wished(wishes, free), across, up));
    }

    /** Any rig of the front beside the first by name, by the change that makes it. */
    @GetMapping("/rigs/{change}")
    WholeAdvice.NamedRig getAdvisedRig(@PathVariable String id, @PathVariable String change) {
        Advisor advisor = advisors.of(rigs.get(id));
        return turns.take(() -> WholeAdvice.one(advisor, change)).orElseThrow(() -> new ChangeNotOffered(change));
    }

    /** What fails or holds by little in one of them, and what may be done about it. */
    @GetMapping("/rigs/{change}/mended")
    List<Mended> listAdvisedRemedies(@PathVariable String id, @PathVariable String change) {
        Advisor advisor = advisors.of(rigs.get(id));
        return turns.takeLong(() -> WholeAdvice.id(change).flatMap(advisor::mended))
                .orElseThrow(() -> new ChangeNotOffered(change));
    }

    /** How it comes about what a rig is worth by one of the goods. */
    @GetMapping("/rigs/{change}/working")
    Working getAdvisedWorking(@PathVariable String id, @PathVariable String change, @RequestParam Good good) {
        Advisor advisor = advisors.of(rigs.get(id));
        return turns.take(() -> WholeAdvice.id(change).flatMap(rig -> advisor.working(rig, good)))
                .orElseThrow(() -> new ChangeNotOffered(change));
    }

    private static Map<Good, Double> wishes(@Nullable Double... wished) {
        Map<Good, Double> wishes = new EnumMap<>(Good.class);
        for (Good good : Good.values()) {
            wish(wishes, good, wished[good.ordinal()]);
        }
        return wishes;
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
        Advisor advisor = advisors.of(rigs.get(id));
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
                .body(AdviceCsv.of(advisors.of(stored)).getBytes(StandardCharsets.UTF_8));
    }

    /** The best pairs of a rig here and one on another craft, which share what they can. */
    @GetMapping("/pairs/{other}")
    List<PairShown> listAdvisedPairs(@PathVariable String id, @PathVariable String other) {
        if (id.equals(other)) {
            throw new Refusal(RefusalCode.DUPLICATE, "other", other, "another rig than this one");
        }
        Advisor here = advisors.of(rigs.get(id));
        Advisor there = advisors.of(rigs.get(other));
        return turns.takeLong(() -> here.pairs(there, () -> false)).stream()
                .map(PairShown::of)
                .toList();
    }

    /** How far going through all rigs there are is. */
    @GetMapping("/all")
    Advisors.Going getAdviceOfAll(@PathVariable String id) {
        return advisors.going(rigs.get(id));
    }

    /** Begins to go through all rigs there are; what it finds is advised when it ends. */
    @PostMapping("/all")
    Advisors.Going startAdviceOfAll(@PathVariable String id) {
        return advisors.begin(rigs.get(id));
    }

    /** Calls that off; what it found is advised beside what was found before. */
    @DeleteMapping("/all")
    Advisors.Going stopAdviceOfAll(@PathVariable String id) {
        return advisors.stop(rigs.get(id));
    }
}
