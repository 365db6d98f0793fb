package app.brightkeel.server.http;

import app.brightkeel.core.gear.AdapterItem;
import app.brightkeel.core.gear.Catalogue;
import app.brightkeel.core.gear.CraftItem;
import app.brightkeel.core.gear.Extension;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.RigReviewer;
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

    @PostMapping(path = "/reviews", consumes = MediaType.APPLICATION_JSON_VALUE)
    Reviewed review(@RequestBody RigDocument document, @RequestParam(required = false) @Nullable Link scene) {
        return turns.take(() -> {
            Line line = Line.of(document.rig());
            return new Reviewed(reviewer.review(line), scene == null ? Picture.NONE : Picture.of(line, scene));
        });
    }

    @GetMapping("/catalogue/packs")
    List<Pack> packs() {
        return Catalogue.packs();
    }

    @GetMapping("/catalogue/transducers")
    List<Transducer> transducers() {
        return Catalogue.transducers();
    }

    @GetMapping("/catalogue/extensions")
    List<Extension> extensions() {
        return Catalogue.extensions();
    }

    @GetMapping("/catalogue/adapters")
    List<AdapterItem> adapters() {
        return Catalogue.adapters();
    }

    @GetMapping("/catalogue/holders")
    List<Holder> holders() {
        return Catalogue.holders();
    }

    /**
     * A kind of mount as it can be chosen.
     *
     * @param spots sorts of station it sits at
     */
    record MountChoice(MountKind kind, String words, List<Spot> spots, boolean encloses, boolean pole) {}

    @GetMapping("/catalogue/mounts")
    List<MountChoice> mounts() {
        return Stream.of(MountKind.values())
                .map(kind -> new MountChoice(
                        kind,
                        kind.words(),
                        Stream.of(Spot.values()).filter(kind::sitsAt).toList(),
                        kind.encloses(),
                        kind.pole()))
                .toList();
    }

    @GetMapping("/catalogue/crafts")
    List<CraftItem> crafts() {
        return Catalogue.crafts();
    }

    @GetMapping("/catalogue/devices")
    List<Device> devices() {
        return Catalogue.devices();
    }
}
