package app.brightkeel.server.http;

import app.brightkeel.core.gear.AdapterItem;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.gear.Extension;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.ReadyPairs;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Holder;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Spot;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.server.files.RigDocument;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reviews of rigs that are not kept, and the catalogue. */
@RestController
@RequestMapping(path = "/api", produces = MediaType.APPLICATION_JSON_VALUE)
class ReviewController {

    private final RigReviewer reviewer;
    private final Turns turns;

    ReviewController(RigReviewer reviewer, Turns turns) {
        this.reviewer = reviewer;
        this.turns = turns;
    }

    /** Reviews a rig that is not kept. */
    @PostMapping(path = "/reviews", consumes = MediaType.APPLICATION_JSON_VALUE)
    Reviewed reviewRig(@RequestBody RigDocument document, @RequestParam(required = false) @Nullable Link scene) {
        return turns.take(() -> {
            Line line = Line.of(document.rig());
            return new Reviewed(reviewer.review(line), scene == null ? Picture.NONE : Picture.of(line, scene));
        });
    }

    /** Batteries to begin from. */
    @GetMapping("/catalogue/packs")
    List<Pack> cataloguePacks() {
        return Catalogue.packs();
    }

    /** Transducers to begin from. */
    @GetMapping("/catalogue/transducers")
    List<Transducer> catalogueTransducers() {
        return Catalogue.transducers();
    }

    /** Displays and the transducers that go with them as they are bought. */
    @GetMapping("/catalogue/pairs")
    List<ReadyPairs.Matched> cataloguePairs() {
        return ReadyPairs.all();
    }

    /** Extension leads. */
    @GetMapping("/catalogue/extensions")
    List<Extension> catalogueExtensions() {
        return Catalogue.extensions();
    }

    /** Adapters between plugs. */
    @GetMapping("/catalogue/adapters")
    List<AdapterItem> catalogueAdapters() {
        return Catalogue.adapters();
    }

    /** What holds a display. */
    @GetMapping("/catalogue/holders")
    List<Holder> catalogueHolders() {
        return Catalogue.holders();
    }

    /**
     * A kind of mount as it can be chosen.
     *
     * @param spots sorts of station it sits at
     */
    record MountChoice(MountKind kind, String words, List<Spot> spots, boolean encloses, boolean pole) {}

    /** Kinds of mount, and where each sits. */
    @GetMapping("/catalogue/mounts")
    List<MountChoice> catalogueMounts() {
        return Stream.of(MountKind.values())
                .map(kind -> new MountChoice(
                        kind,
                        kind.words(),
                        Stream.of(Spot.values()).filter(kind::sitsAt).toList(),
                        kind.encloses(),
                        kind.pole()))
                .toList();
    }

    /** Ready crafts. */
    @GetMapping("/catalogue/crafts")
    List<CraftItem> catalogueCrafts() {
        return Catalogue.crafts();
    }

    /** Devices to begin from. */
    @GetMapping("/catalogue/devices")
    List<Device> catalogueDevices() {
        return Catalogue.devices();
    }
}
