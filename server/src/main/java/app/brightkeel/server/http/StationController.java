package app.brightkeel.server.http;

import app.brightkeel.core.garage.Item;
import app.brightkeel.core.garage.ItemKind;
import app.brightkeel.core.garage.RigThings;
import app.brightkeel.core.garage.Taking;
import app.brightkeel.core.garage.Thing;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.refusal.Checks;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.station.AnotherRig;
import app.brightkeel.core.station.Conversion;
import app.brightkeel.core.station.FitThere;
import app.brightkeel.core.station.Second;
import app.brightkeel.core.station.Swap;
import app.brightkeel.server.store.GarageStore;
import app.brightkeel.server.store.RigStore;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Rigs that share gear: what travels, whether it fits; and how another is made of one. */
@RestController
@RequestMapping(path = "/api/rigs/{id}", produces = MediaType.APPLICATION_JSON_VALUE)
class StationController {

    private final RigStore rigs;
    private final GarageStore garage;
    private final GarageUses uses;
    private final RigReviewer reviewer;
    private final Answers answers;
    private final Lines lines;
    private final Turns turns;

    StationController(
            RigStore rigs,
            GarageStore garage,
            GarageUses uses,
            RigReviewer reviewer,
            Answers answers,
            Lines lines,
            Turns turns) {
        this.rigs = rigs;
        this.garage = garage;
        this.uses = uses;
        this.reviewer = reviewer;
        this.answers = answers;
        this.lines = lines;
        this.turns = turns;
    }

    /** Rigs that share pieces with this one, most first. */
    @GetMapping("/stations")
    List<StationView.OtherStation> listStations(@PathVariable String id) {
        rigs.head(id);
        Map<String, Long> counts = uses.all().entrySet().stream()
                .filter(each -> garage.item(each.getKey()).isPresent())
                .filter(each ->
                        each.getValue().stream().anyMatch(use -> use.rig().id().equals(id) && !use.compared()))
                .flatMap(each -> each.getValue().stream()
                        .filter(use -> !use.compared())
                        .map(use -> use.rig().id())
                        .distinct())
                .filter(other -> !other.equals(id))
                .collect(Collectors.groupingBy(other -> other, Collectors.counting()));
        return rigs.heads().stream()
                .filter(head -> counts.containsKey(head.id()))
                .map(head -> new StationView.OtherStation(
                        head.id(),
                        head.name(),
                        counts.getOrDefault(head.id(), 0L).intValue()))
                .sorted(Comparator.comparing(StationView.OtherStation::shared).reversed())
                .toList();
    }

    /** What goes from this rig to another one, and what is done for it. */
    @GetMapping("/stations/{other}")
    StationView getStation(@PathVariable String id, @PathVariable String other) {
        if (id.equals(other)) {
            throw new Refusal(RefusalCode.DUPLICATE, "other", other, "another rig than this one");
        }
        Line from = lines.of(rigs.get(id));
        Line to = lines.of(rigs.get(other));
        return turns.take(() -> station(from, to));
    }

    private StationView station(Line from, Line to) {
        Conversion conversion = Conversion.of(from.entered(), to.entered());
        Swap swap = Swap.of(from, to, conversion);
        return new StationView(
                from.entered().name(),
                to.entered().name(),
                conversion.things(),
                Second.of(from, to, conversion, this::worth),
                FitThere.of(to, reviewer),
                swap.here(),
                swap.there(),
                swap.carried(),
                swap.set(),
                swap.minutes(),
                swap.plugs());
    }

    private Figure worth(String item) {
        return garage.item(item)
                .map(own -> own.worth().isSet() ? own.worth() : own.paid())
                .orElse(Figure.UNSET);
    }

    /**
     * A rig for another craft or display, made of this one and worked out anew.
     *
     * @param craft   id of a piece of gear or of a ready craft; "" to keep the one it is on
     * @param display the same of a display
     */
    @PostMapping("/another")
    ResponseEntity<Saved> makeAnother(
            @PathVariable String id,
            @RequestParam String name,
            @RequestParam(defaultValue = "") String craft,
            @RequestParam(defaultValue = "") String display) {
        Rig rig = rigs.get(id).rig();
        Optional<Craft> on = craft.isEmpty() ? Optional.empty() : Optional.of(craft(craft));
        Optional<Device> with = display.isEmpty() ? Optional.empty() : Optional.of(display(display));
        if (on.isEmpty() && with.isEmpty()) {
            throw new Refusal(RefusalCode.ABSENT, "craft", "", "another craft or another display");
        }
        Checks.name("name", name);
        Rig another = turns.takeLong(() -> AnotherRig.of(rig, on, with, name));
        return answers.of(HttpStatus.CREATED, rigs.createNumbered(pieced(another, display)));
    }

    /** With its display known as the piece of gear that it is. */
    private Rig pieced(Rig rig, String display) {
        Optional<Item> item = garage.item(display);
        Optional<RigThings.There> there = RigThings.of(rig).stream()
                .filter(each -> each.thing().kind() == ItemKind.DISPLAY)
                .findFirst();
        return item.isPresent() && there.isPresent() ? Taking.marked(rig, there.get(), item.get()) : rig;
    }

    private Craft craft(String id) {
        return garage.item(id)
                .map(Item::thing)
                .filter(Thing.OwnCraft.class::isInstance)
                .map(own -> ((Thing.OwnCraft) own).craft().withOrigin(id))
                .or(() -> Catalogue.crafts().stream()
                        .filter(each -> each.id().equals(id))
                        .map(CraftItem::craft)
                        .findFirst())
                .orElseThrow(() ->
                        new Refusal(RefusalCode.NOT_OFFERED, "craft", id, "a craft of the garage or a ready one"));
    }

    private Device display(String id) {
        return garage.item(id)
                .map(Item::thing)
                .filter(Thing.OwnDevice.class::isInstance)
                .map(own -> ((Thing.OwnDevice) own).device())
                .or(() -> Catalogue.devices().stream()
                        .filter(each -> each.id().equals(id))
                        .map(each -> each.withOrigin(id))
                        .findFirst())
                .filter(device -> device.kind().display())
                .orElseThrow(() -> new Refusal(
                        RefusalCode.NOT_OFFERED, "display", id, "a display of the garage or of the catalogue"));
    }
}
