package app.brightkeel.server.http;

import app.brightkeel.core.garage.Copies;
import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Taking;
import app.brightkeel.core.garage.Uses;
import app.brightkeel.core.parts.Origins;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Having;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.RigStore;
import app.brightkeel.server.store.StoredRig;
import app.brightkeel.server.store.WantedDays;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A rig and the gear that it is made of. */
@RestController
@RequestMapping(path = "/api/rigs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class RigGarageController {

    /** Days that are planned lie within a year or two. */
    private static final int MOST_YEARS = 2;

    private final RigStore rigs;
    private final GarageStore garage;
    private final GarageUses uses;
    private final GarageShown shown;
    private final WantedDays days;
    private final Answers answers;
    private final Clock clock;

    RigGarageController(
            RigStore rigs,
            GarageStore garage,
            GarageUses uses,
            GarageShown shown,
            WantedDays days,
            Answers answers,
            Clock clock) {
        this.rigs = rigs;
        this.garage = garage;
        this.uses = uses;
        this.shown = shown;
        this.days = days;
        this.answers = answers;
        this.clock = clock;
    }

    /** Which of its parts are pieces of gear, and when it is wanted. */
    @GetMapping("/garage")
    RigGarage getRigGarage(@PathVariable String id) {
        return garageOf(rigs.get(id));
    }

    private RigGarage garageOf(StoredRig stored) {
        Rig rig = stored.rig();
        Map<String, String> pieces = Uses.of(rig).stream()
                .filter(use -> garage.item(use.item()).isPresent())
                .collect(Collectors.toMap(Uses.Use::part, Uses.Use::item, (one, other) -> one));
        Map<String, List<GarageUses.InRig>> everywhere = uses.all();
        List<RigGarage.RigPiece> parts = RigThings.of(rig).stream()
                .map(there -> {
                    String item = pieces.getOrDefault(there.id(), "");
                    return new RigGarage.RigPiece(
                            there.id(),
                            there.thing().kind(),
                            there.name(),
                            item,
                            owned(rig, there),
                            garage.item(item)
                                    .map(own -> Copies.differing(rig, own))
                                    .orElse(List.of()),
                            everywhere.getOrDefault(item, List.of()).stream()
                                    .filter(each -> !each.rig().id().equals(stored.id()) && !each.compared())
                                    .map(each -> each.rig().name())
                                    .toList());
                })
                .toList();
        return new RigGarage(
                stored.revision(),
                parts,
                days.from(today()).stream()
                        .filter(each -> each.rig().equals(stored.id()))
                        .map(WantedDays.Wanted::day)
                        .toList(),
                shown.clashes().stream()
                        .filter(clash -> pieces.containsValue(clash.item()))
                        .toList());
    }

    private static boolean owned(Rig rig, RigThings.There there) {
        return Origins.said(rig, there.part(), there.piece())
                        .filter(said -> said.having() == Having.OWNED)
                        .isPresent()
                || rig.onHand().stream().anyMatch(pack -> pack.id().equals(there.part()));
    }

    private String today() {
        return LocalDate.now(clock).toString();
    }

    /**
     * Puts parts of a rig into the garage, each as a new piece that the rig is made of from then on.
     *
     * @param part as the list of its pieces writes them, several after each other
     */
    @PostMapping("/garage")
    ResponseEntity<Saved> putIntoGarage(
            @PathVariable String id,
            @RequestParam List<String> part,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        long revision = IfMatch.revision(ifMatch);
        Rig rig = rigs.get(id).rig();
        List<Item> items = new ArrayList<>();
        Set<String> names = garage.items().stream().map(Item::name).collect(Collectors.toSet());
        for (String each : part) {
            RigThings.There there = RigThings.find(rig, each).orElseThrow(() -> new NoSuchStep("part"));
            boolean piece = Uses.of(rig).stream()
                    .anyMatch(use ->
                            use.part().equals(each) && garage.item(use.item()).isPresent());
            if (piece) {
                throw new Refusal(RefusalCode.DUPLICATE, "part", each, "a part that is not in the garage yet");
            }
            Item item = new Item(
                    GarageController.freshId(), there.name(), there.thing(), "", "", Figure.UNSET, Figure.UNSET, "");
            items.add(item);
            names.add(item.name());
            rig = Taking.marked(rig, there, item);
        }
        return answers.of(garage.keep(items, id, revision, rig));
    }

    /** Takes what the garage says of a piece into the rig again. */
    @PostMapping("/garage/{item}/copy")
    ResponseEntity<Saved> copyAgain(
            @PathVariable String id,
            @PathVariable String item,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String ifMatch) {
        long revision = IfMatch.revision(ifMatch);
        Rig after = Taking.again(rigs.get(id).rig(), find(item)).orElseThrow(() -> new NoSuchStep("piece of gear"));
        return answers.of(rigs.save(id, revision, after));
    }

    /** Writes what the rig says of a piece into the garage. */
    @PostMapping("/garage/{item}/original")
    RigGarage setOriginal(@PathVariable String id, @PathVariable String item) {
        StoredRig stored = rigs.get(id);
        if (Uses.of(stored.rig()).stream().noneMatch(use -> use.item().equals(item))) {
            throw new NoSuchStep("piece of gear");
        }
        garage.keep(List.of(Copies.fromRig(stored.rig(), find(item))));
        return garageOf(stored);
    }

    private Item find(String item) {
        return garage.item(item).orElseThrow(() -> new NoSuchStep("piece of gear"));
    }

    /** A day on which it is to go out. */
    @PutMapping("/days/{day}")
    RigGarage wantDay(@PathVariable String id, @PathVariable String day) {
        StoredRig stored = rigs.get(id);
        LocalDate wanted = LocalDate.parse(Checks.day("day", day));
        LocalDate today = LocalDate.now(clock);
        LocalDate last = today.plusYears(MOST_YEARS);
        if (wanted.isBefore(today) || wanted.isAfter(last)) {
            throw new Refusal(RefusalCode.OUT_OF_RANGE, "day", day, "a day to come, " + today + " to " + last);
        }
        days.want(id, day, today());
        return garageOf(stored);
    }

    /** Not on that day after all. */
    @DeleteMapping("/days/{day}")
    RigGarage dropDay(@PathVariable String id, @PathVariable String day) {
        StoredRig stored = rigs.get(id);
        if (!days.drop(id, day)) {
            throw new NoSuchStep("day");
        }
        return garageOf(stored);
    }
}
